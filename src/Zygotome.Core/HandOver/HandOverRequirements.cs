using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.HandOver;

/// <summary>
/// The last look before the aircraft leaves: no pack connected, every motor as it flies. As last said; that it was said in
/// the look of whoever releases, the release asks.
/// </summary>
public static class HandOverRequirements
{
    public static IEnumerable<Claim> Claims(JobState state)
    {
        var packs = LampBoard.Packs(state.Sheet);
        yield return Line(
            state,
            new Requirement(
                "handover/pack",
                Stage.HandOver,
                packs.Length == 1 ? "Flight pack not connected" : "Packs not connected",
                "in its bay or out",
                Concedable.Never
            ),
            packs,
            LampIs.Connected,
            "Disconnect the flight pack.",
            "Not known counts as connected: look, and say how it is."
        );

        LampId[] motors =
        [
            .. LampBoard
                .Of(state.Sheet)
                .Where(l => l.Id.Kind is LampKind.Propeller or LampKind.Wires)
                .Select(l => l.Id),
        ];
        if (motors.Length > 0)
        {
            yield return Line(
                state,
                new Requirement(
                    "handover/motors",
                    Stage.HandOver,
                    state.Sheet.Power.Motors.All(m => m.IsFan)
                        ? "Wires of the fan on"
                        : "Propellers and motor wires on",
                    "each motor as it flies"
                ),
                motors,
                null,
                "It leaves as it was weighed and shown: put them on, the pack not connected.",
                "Look, and say how each motor is."
            );
        }
    }

    /// <param name="wrong">The word that is wrong; null where everything but <see cref="LampIs.On"/> is.</param>
    private static Claim Line(
        JobState state,
        Requirement requirement,
        IReadOnlyList<LampId> lamps,
        LampIs? wrong,
        string remedy,
        string look
    )
    {
        if (lamps.Any(l => state.Safety.Last(l) is null))
        {
            return Claim.NotShown(requirement, look);
        }

        (LampId Id, LampIs Is)[] said = [.. lamps.Select(l => (l, state.Safety.Lamps[l].Is))];
        var last = lamps.Select(l => state.Safety.Lamps[l].Said).MaxBy(e => e.Seq)!;
        var words = LampWords.Together(state.Sheet, said);
        if (said.All(s => wrong is null ? s.Is == LampIs.On : s.Is != wrong))
        {
            return new Claim(requirement, Standing.Met, words, $"Said by {last.By.Name}.");
        }

        return wrong is null
            ? new Claim(requirement, Standing.NotMet, words, remedy, last)
            : Claim.NotShown(requirement, remedy);
    }
}
