using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>How the aircraft was held while its legs went in and out.</summary>
public enum Attitude
{
    /// <summary>Held up, legs hanging free, as it flies.</summary>
    AsItFlies,
    OnItsBack,
    OnItsSide,
}

/// <summary>What goes in and out went in and out once, and somebody watched.</summary>
/// <param name="Output">A retract.</param>
/// <param name="Clean">In, locked, out, locked, without a stop; else <paramref name="Hung"/> says what it did.</param>
public sealed record Cycled(string Output, Attitude Attitude, bool Clean, string Hung = "") : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Powered;

    public override Refusal? Admit(JobState state, Entry entry) =>
        Cycles.Of(state.Sheet).All(o => o.Id != Output)
            ? new Refusal(
                "bind/cycled",
                $"Nothing on this aircraft called \"{Output}\" goes in and out.",
                "body.output"
            )
        : state.Bind.Bound is null ? new Refusal("bind/not-bound", "Bind first; legs are cycled afterwards.")
        : Clean ? null
        : Texts.Reason(Hung, "body.hung", "Say which one hung, and where.");

    // A hang starts over, and so does what was changed since the first. On its back gravity helps in and hinders out:
    // such a cycle shows nothing either way.
    public override JobState Apply(JobState state, Entry entry)
    {
        var before =
            state.Bind.Cycles.GetValueOrDefault(Output) is { } last
            && state.Sheet.Output(Output) is { } output
            && Cycles.RestsOn(output).Cause(state, last.Since) is null
                ? last
                : null;
        var counts = Attitude == Attitude.AsItFlies;
        return state.With(
            state.Bind with
            {
                Cycles = state.Bind.Cycles.SetItem(
                    Output,
                    new CyclesShown(
                        Run: !Clean ? 0 : (before?.Run ?? 0) + (counts ? 1 : 0),
                        Clean,
                        Attitude,
                        Hung.Trim(),
                        Evidence.Of(entry, state.Bind.Cycles.GetValueOrDefault(Output)?.Evidence.Attempt + 1 ?? 1)
                    )
                    {
                        Since = !Clean || before is null || before.Run == 0 ? Evidence.Of(entry) : before.Since,
                    }
                ),
            }
        );
    }

    public override IEnumerable<string> Shows() => [new CyclesId(Output).Written];

    public override string Say(JobState state) =>
        $"{state.Sheet.Output(Output)?.Name ?? Output}, {BindWords.Of(Attitude)}: "
        + (Clean ? "in and out, clean" : Hung.Trim());
}

/// <summary>Clean cycles in a row.</summary>
/// <param name="Run">How many, as it flies; 0 after a hang.</param>
/// <param name="Attitude">Of the last.</param>
public sealed record CyclesShown(int Run, bool Clean, Attitude Attitude, string Hung, Evidence Evidence)
{
    /// <summary>The first of the run: what was changed since then starts it over.</summary>
    public Evidence Since { get; init; } = Evidence;
}

/// <summary>What goes in and out, and how often that must be seen.</summary>
public static class Cycles
{
    /// <summary>Clean cycles in a row: the shop's own rule.</summary>
    public const int Wanted = 5;

    /// <summary>Retracts of the sheet.</summary>
    public static ImmutableArray<OutputSpec> Of(SpecSheet sheet) =>
        [.. sheet.Outputs.Where(o => o.Kind == OutputKind.Retract)];

    internal static Rests RestsOn(OutputSpec output) =>
        Rests
            .On(DisturbanceMatrix.Output(output))
            .And([.. RadioSettings.Link, new Setting(SettingKind.Reverse, output.Function)]);
}
