using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Check;

/// <summary>One thing that is done outdoors.</summary>
/// <param name="Id">Stable: <c>range</c>, <c>wings</c>.</param>
/// <param name="Lines">What it shows.</param>
/// <param name="Needs">How power must be.</param>
public sealed record TripItem(string Id, ImmutableArray<RequirementId> Lines, PowerState Needs)
{
    public required string Title { get; init; }

    /// <summary>In large letters: "Walk 30 m, power reduced".</summary>
    public required string Walk { get; init; }

    public required string Do { get; init; }

    /// <summary>The good answer, in a word or two. <see cref="Then"/>: what follows it.</summary>
    public required string Good { get; init; }

    public string Then { get; init; } = "";

    public required string Bad { get; init; }

    /// <summary>What to do first after the bad one.</summary>
    public required string First { get; init; }

    /// <summary>m that it is walked; null where nothing is.</summary>
    public double? Metres { get; init; }

    /// <summary>A motor turns in it: the throttle cut was seen to hold it before.</summary>
    public bool AfterCut { get; init; }

    /// <summary>The item that must have gone well before; empty where none.</summary>
    public string After { get; init; } = "";

    /// <summary>The line that nothing but it shows; null where the bench can show what it shows.</summary>
    public TripLine? Own { get; init; }
}

/// <summary>
/// Everything of a job that is done outdoors, gathered for one trip, in its order: put together, called out, walked
/// away from, rolled. What the shop flies itself comes after it, at the screen.
/// </summary>
public static class Trip
{
    /// <summary>In order; the same for the same state.</summary>
    public static ImmutableArray<TripItem> Of(JobState state) => state.Once(s => new All([.. Items(s)])).Of;

    private sealed record All(ImmutableArray<TripItem> Of);

    private static IEnumerable<TripItem> Items(JobState state)
    {
        var far = Numbers.Say(RangeHeld.Far(state.Sheet));
        var motor = LampBoard.HasMotor(state.Sheet);
        if (Wings(state) is { Length: > 0 } wings)
        {
            yield return new TripItem("wings", wings, PowerState.Unpowered)
            {
                Title = "Wings put on",
                Walk = "Click, pull, no gap",
                Do = "Each latch clicked, each tip pulled and twisted, no gap left on either side.",
                Good = "Holds",
                Bad = "Gives",
                First = "Off again: latch, spar and plugs; pull once more.",
            };
            yield return new TripItem("called", [new FieldCallId()], PowerState.Powered)
            {
                Own = TripLine.Called(state),
                Title = "Call-out after the wing",
                Walk = "Every surface, from the tail",
                Do = "Each stick both ways, each switch: all that goes through a plug of the wing moves, as it must.",
                Good = "All move",
                Bad = "One stays",
                First = "Pack off; the wing off; find the plug.",
                After = "wings",
            };
        }

        yield return new TripItem("range", [new RangeId(false)], PowerState.Powered)
        {
            Title = "Range, motor off",
            Walk = $"Walk {far} m, power reduced",
            Do = "Everything aboard on. Stir both sticks: every surface must follow at once.",
            Good = "Holds",
            Bad = "Glitches",
            First = "Walk back, pack off first.",
            Metres = RangeHeld.Far(state.Sheet),
            Then = motor ? "then with the motor" : "",
        };
        if (motor)
        {
            yield return new TripItem(
                "range-motor",
                [new RangeId(true)],
                PoweredActs.Of(PoweredAct.RangeWithMotor).During
            )
            {
                Title = "Range, motor running",
                Walk = $"{far} m, half throttle",
                Do = "Tied down or held, a second person at it. Stir both sticks, throttle up and down.",
                Good = "Holds",
                Bad = "Glitches",
                First = "Throttle low, cut set; walk back, pack off.",
                Metres = RangeHeld.Far(state.Sheet),
                After = "range",
                AfterCut = true,
            };
        }

        if (CheckLines.Rolls(state.Sheet))
        {
            yield return new TripItem("taxi", [new TaxiId()], PoweredActs.Of(PoweredAct.Taxi).During)
            {
                Title = "Taxi",
                Walk = "Straight, steers, stops",
                Do = "A clear strip, somebody at the tail until it rolls. Steer both ways, then stop.",
                Good = "Rolls well",
                Bad = "Does not",
                First = "Throttle low, cut set, pack off; wheels, collars, steering link.",
                After = "range",
                AfterCut = true,
            };
        }

        if (motor && state.Sheet.Kit.Afloat)
        {
            var id = new TripLineId("taxi-water");
            yield return new TripItem("taxi-water", [id], PoweredActs.Of(PoweredAct.Taxi).During)
            {
                Own = TripLine.Afloat(state, id),
                Title = "Taxi afloat",
                Walk = "Straight, turns, comes back",
                Do = "Calm water, no one near, held until it floats free. Steer both ways, come back, look inside.",
                Good = "Rides well",
                Bad = "Does not",
                First = "Throttle low, cut set; ashore, pack off. Water out; seals, water rudder.",
                After = "range",
                AfterCut = true,
            };
        }

        if (state.Sheet.Radio.FliesHome)
        {
            var id = new TripLineId("home");
            yield return new TripItem("home", [id], PoweredActs.Of(PoweredAct.Failsafe).During)
            {
                Own = TripLine.Home(id),
                Title = "Flies home",
                Walk = "Wait for its lock first",
                Do = "In the open, nose away: wait until it says it has its place. Transmitter off: it turns home.",
                Good = "Turns home",
                Bad = "Does not",
                First = "Transmitter on, cut set; pack off. Further from metal; its aerial, its compass.",
                After = "range",
            };
        }
    }

    /// <summary>What is in its way whoever does it, and what to do; empty where nothing is.</summary>
    public static string NotBefore(JobState state, TripItem item) =>
        item.AfterCut && !state.The<ILinked>().CutHolds(state)
            ? "The throttle cut comes first, tried in Bind with the shafts bare."
            : "";

    // Halves that come off for the road.
    private static ImmutableArray<RequirementId> Wings(JobState state) =>
        CheckAsks.Parted(state.Sheet)
            ? [.. CheckAsks.Of(state).Where(a => CheckAsks.IsWing(a.Id)).Select(a => new CheckAskId(a.Id))]
            : [];
}
