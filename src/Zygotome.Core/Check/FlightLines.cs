using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Check;

/// <summary>That the shop flew it, where the job is done so.</summary>
public sealed record FlownId() : RequirementId(Stage.Check)
{
    public override string Written => "check/flown";
}

/// <param name="Thrown">By hand, without power.</param>
public sealed record FlightAsked(bool Thrown);

/// <summary>The shop's own flight as the ledger asks for it, by the job's school.</summary>
public static class FlightLines
{
    /// <summary>Null where the owner flies it first.</summary>
    public static FlightAsked? Asked(JobState state) =>
        state.School(Schools.TestFlight) switch
        {
            "shop" => new FlightAsked(false),
            "glide" => new FlightAsked(true),
            _ => null,
        };

    /// <summary>None where the owner flies it first.</summary>
    public static IEnumerable<Requirement> Of(JobState state)
    {
        if (Asked(state) is not { } asked)
        {
            yield break;
        }

        var shown = state.Check.Flown;
        yield return new Requirement(
            new FlownId(),
            Concedable.ByLead,
            Requirement.Stands(shown?.Flown.Right),
            new FlownFacts(asked, shown?.Flown)
        )
        {
            Evidence = shown?.Evidence,
            // Another balance is another aircraft; a rod that takes over a trim is not.
            RestsOn = Rests
                .On(new Aspect(AspectKind.Balance))
                .And([
                    new Setting(SettingKind.PackPlace),
                    new Setting(SettingKind.Pack),
                    .. state.Sheet.Geometry.BallastStations.Select(s => new Setting(SettingKind.Ballast, s.Name)),
                ]),
        };
    }

    private sealed record FlownFacts(FlightAsked Asked, Flown? Flown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Asked.Thrown ? "Glide, thrown by hand" : "Test flight by the shop",
                Asked.Thrown ? "straight, neither stalls nor dives" : "level and straight, dive, stall, turns",
                "",
                Flown?.Words(state.Sheet) ?? "",
                Flown is null ? "Not flown yet."
                    : Flown.Right ? "Nothing but its trims to take over."
                    : string.Join(" ", FlightAdvice.Of(state, Flown).Select(a => a.Words).Take(2))
            );
    }
}
