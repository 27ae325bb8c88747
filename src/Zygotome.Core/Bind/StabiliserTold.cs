using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <param name="Command">aileron, elevator, rudder.</param>
/// <param name="Count">How many it moves by themselves, as its setting says.</param>
public sealed record ToldOf(string Command, int Count);

/// <summary>What the stabiliser is told of the surfaces, read off it: how many of each command it moves.</summary>
public sealed record StabiliserTold(ImmutableArray<ToldOf> Told) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        var asked = StabiliserAxes.Of(state.Sheet).Select(a => a.Command).ToArray();
        return asked.Length == 0 ? new Refusal("bind/stabiliser", "There is no stabiliser on this aircraft.", "body")
            : Told.Length != asked.Length || !asked.All(c => Told.Count(t => t.Command == c) == 1)
                ? new Refusal("bind/told", $"Say it of each of {string.Join(", ", asked)}, once.", "body.told")
            : Told.Any(t => t.Count is < 0 or > 8)
                ? new Refusal("bind/told", "A stabiliser moves 0 to 8 of a kind.", "body.told")
            : null;
    }

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .Say(entry, new Setting(SettingKind.SurfaceCount), Words)
            .With(
                state.Bind with
                {
                    Stabiliser = state.Bind.Stabiliser with
                    {
                        Told = new ToldShown(
                            Told.ById(t => t.Command, t => t.Count),
                            Evidence.Of(entry, state.Bind.Stabiliser.Told?.Evidence.Attempt + 1 ?? 1)
                        ),
                    },
                }
            );

    public override IEnumerable<string> Shows() => [new StabiliserCountId().Written];

    public override string Say(JobState state) => $"Stabiliser told of {Words}";

    private string Words => string.Join(", ", Told.Select(t => $"{t.Count} {t.Command}"));
}

/// <summary>What it was told, by command.</summary>
public sealed record ToldShown(ImmutableSortedDictionary<string, int> Told, Evidence Evidence);
