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

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf)
    {
        var bell = state.The<BellState>();
        return
        [
            new Requirement(
                new BellId("canopy"),
                Concedable.ByLead,
                bell.Rung is null ? Standing.NotShown
                    : bell.Heard ? Standing.Met
                    : Standing.NotMet,
                new BellFacts(bell)
            )
            {
                Evidence = bell.Rung,
                RestsOn = Rests.On(new Aspect(AspectKind.Trueness)),
            },
        ];
    }
}

internal sealed record BellId(string Place) : RequirementId(Stage.Check)
{
    public override string Written => $"bell/{Place}";
}

internal sealed record BellFacts(BellState Bell) : LineFacts
{
    public override LineWords Words(JobState state) =>
        new(
            "Bell heard",
            "",
            "",
            Bell.Rung is null ? ""
                : Bell.Heard ? "heard"
                : "silent",
            Bell.Rung is null ? "Nobody rang it yet." : "Rung."
        );
}

internal sealed record BellState(Evidence? Rung, bool Heard);

internal sealed record BellRung(bool Heard) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => null;

    public override JobState Apply(JobState state, Entry entry) => state.With(new BellState(Evidence.Of(entry), Heard));

    public override IEnumerable<string> Shows() => [new BellId("canopy").Written];

    public override string Say(JobState state) => Heard ? "Bell heard" : "Bell silent";
}
