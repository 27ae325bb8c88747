using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.HandOver;

/// <summary>What the last look is of.</summary>
public enum LastLook
{
    Pack,
    Motors,
}

/// <summary>The last look at something, before the aircraft leaves.</summary>
public sealed record LastLookId(LastLook Of) : RequirementId(Stage.HandOver)
{
    public override string Written => Of == LastLook.Pack ? "handover/pack" : "handover/motors";
}

/// <summary>
/// The last look before the aircraft leaves: no pack connected, every motor as it flies; and how each is said. As last
/// said; that it was said in the look of whoever releases, the release asks.
/// </summary>
internal static class LastLookLines
{
    public static IEnumerable<Requirement> Of(JobState state)
    {
        yield return Packs(state, [.. LampBoard.Packs(state.Sheet)]);
        ImmutableArray<LampId> motors =
        [
            .. LampBoard
                .Of(state.Sheet)
                .Where(l => l.Id.Kind is LampKind.Propeller or LampKind.Wires)
                .Select(l => l.Id),
        ];
        if (motors.Length > 0)
        {
            yield return Motors(state, motors);
        }
    }

    // A connected pack is taken off, not let go: there is nothing of it to concede.
    private static Requirement Packs(JobState state, ImmutableArray<LampId> packs)
    {
        var seen = Seen.Of(state, packs);
        var apart = seen?.Said.All(s => s.Is != LampIs.Connected) is true;
        return new Requirement(
            new LastLookId(LastLook.Pack),
            Concedable.Never,
            apart ? Standing.Met : Standing.NotShown,
            new PackFacts(packs.Length > 1, seen, apart)
        );
    }

    private static Requirement Motors(JobState state, ImmutableArray<LampId> motors)
    {
        var seen = Seen.Of(state, motors);
        var ready = seen?.Said.All(s => s.Is == LampIs.On) is true;
        return new Requirement(
            new LastLookId(LastLook.Motors),
            Concedable.ByLead,
            seen is null ? Standing.NotShown
                : ready ? Standing.Met
                : Standing.NotMet,
            new MotorFacts(state.Sheet.Power.Motors.All(m => m.IsFan), seen, ready)
        )
        {
            Evidence = ready ? null : seen?.Last,
        };
    }

    /// <summary>Lamps as last said, and the last word on them.</summary>
    private sealed record Seen(ImmutableArray<(LampId Id, LampIs Is)> Said, Evidence Last)
    {
        /// <summary>Null while nobody ever said one of them.</summary>
        public static Seen? Of(JobState state, ImmutableArray<LampId> lamps) =>
            lamps.Any(l => state.Safety.Last(l) is null)
                ? null
                : new Seen(
                    [.. lamps.Select(l => (l, state.Safety.Lamps[l].Is))],
                    lamps.Select(l => state.Safety.Lamps[l].Said).MaxBy(e => e.Seq)!
                );

        public string Words(JobState state) => LampWords.Together(state, Said);

        public string ByWhom => $"Said by {Last.By.Name}.";
    }

    private sealed record PackFacts(bool Several, Seen? Seen, bool Apart) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Several ? "Packs not connected" : "Flight pack not connected",
                "in its bay or out",
                "",
                Apart ? Seen!.Words(state) : "",
                Seen is null ? "Not known counts as connected: look, and say how it is."
                    : Apart ? Seen.ByWhom
                    : "Disconnect the flight pack."
            );
    }

    private sealed record MotorFacts(bool Fans, Seen? Seen, bool Ready) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Fans ? "Wires of the fan on" : "Propellers and motor wires on",
                "each motor as it flies",
                "",
                Seen?.Words(state) ?? "",
                Seen is null ? "Look, and say how each motor is."
                    : Ready ? Seen.ByWhom
                    : "It leaves as it was weighed and shown: put them on, the pack not connected."
            );
    }
}
