using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>Something changed for now.</summary>
public sealed record LoopId(string Loop) : RequirementId(Stage.Build)
{
    public override string Written => $"loop/{Loop}";
}

/// <summary>Open loops, as the ledger asks for them, and how each is said. Never conceded.</summary>
internal static class LoopLines
{
    public static IEnumerable<Requirement> Of(JobState state) =>
        state.Build.Loops.Select(loop => new Requirement(
            new LoopId(loop.Id),
            Concedable.Never,
            loop.Closed is null ? Standing.NotMet : Standing.Met,
            new LoopFacts(loop)
        )
        {
            Evidence = loop.Closed,
        });

    private sealed record LoopFacts(OpenLoop Loop) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            Loop.Closed is null
                ? new LineWords(
                    Loop.Detail,
                    "changed back",
                    "",
                    "open",
                    $"Opened {state.At(Loop.OpenedAt)}; change it back."
                )
                : new LineWords(Loop.Detail, "changed back", "", "changed back", "Changed back.");
    }
}
