using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Check;

/// <summary>A stage as small as one can be, in a folder of its own: a bell in the canopy is rung, and heard.</summary>
internal sealed class BellStage : IStage
{
    public Stage Stage => Stage.Check;

    public IReadOnlyList<EntryKind> Kinds { get; } =
    [EntryKind.Of<BellRung>("check/bell", Posters.Bench) with { Withdrawable = true }];

    public object? Initial => new BellState(null, false);

    public IEnumerable<Claim> Claims(JobState state, DateTimeOffset asOf)
    {
        var (requirement, bell) = (new Requirement("bell/canopy", Stage.Check, "Bell heard"), state.The<BellState>());
        yield return bell.Rung is not { } rung
            ? Claim.NotShown(requirement, "Nobody rang it yet.")
            : new Claim(
                requirement,
                bell.Heard ? Standing.Met : Standing.NotMet,
                bell.Heard ? "heard" : "silent",
                "Rung.",
                rung,
                Rests.On(new Aspect(AspectKind.Trueness))
            );
    }
}

internal sealed record BellState(Evidence? Rung, bool Heard);

internal sealed record BellRung(bool Heard) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => null;

    public override JobState Apply(JobState state, Entry entry) => state.With(new BellState(Evidence.Of(entry), Heard));

    public override IEnumerable<string> Shows() => ["bell/canopy"];

    public override string Say(JobState state) => Heard ? "Bell heard" : "Bell silent";
}
