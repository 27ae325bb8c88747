using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Check;

/// <summary>A line that nothing but one item of the trip shows.</summary>
/// <param name="RestsOn">What it falls with.</param>
public sealed record TripLine(RequirementId Id, Concedable Concedable, Rests RestsOn)
{
    /// <summary>"Taxi afloat".</summary>
    public required string Text { get; init; }

    public required string Limits { get; init; }

    /// <summary>Good and bad, as a reading.</summary>
    public required (string Good, string Bad) Read { get; init; }

    /// <summary>Why it stands so: not shown, good, bad.</summary>
    public required (string Asked, string Good, string Bad) Why { get; init; }

    /// <summary>Called out once more wherever the wing went on: all that goes through its plugs.</summary>
    internal static TripLine Called(JobState state) =>
        new(
            new FieldCallId(),
            Concedable.ByLead,
            Rests
                .On([
                    .. CheckAsks
                        .Of(state)
                        .Where(a => CheckAsks.IsWing(a.Id))
                        .SelectMany(a => a.Parts)
                        .Select(DisturbanceMatrix.Fit),
                ])
                .And(RadioSettings.Link)
        )
        {
            Text = "Call-out after the wing went on",
            Limits = "all that goes through its plugs",
            Read = ("all move", "one does not"),
            Why = (
                "Not called out where it was put together.",
                "Seen from the tail, wing on.",
                "Pack off, wing off: find the plug; then call out again."
            ),
        };

    /// <summary>On the water it is another aircraft: its own rudder, its own seals.</summary>
    internal static TripLine Afloat(JobState state, TripLineId id) =>
        new(id, Concedable.ByLead, Rests.On([.. Afloat(state)]))
        {
            Text = "Taxi afloat",
            Limits = "straight, turns both ways, stays dry",
            Read = ("rides well", "does not ride well"),
            Why = (
                "Not tried afloat yet.",
                "Rode under its own power, dry inside.",
                "Seals, water rudder, trim of the hull; then afloat again."
            ),
        };

    // Its weight and where it lies, and what steers it there.
    private static IEnumerable<Aspect> Afloat(JobState state) =>
        [
            new Aspect(AspectKind.Mass),
            new Aspect(AspectKind.Balance),
            .. state.Sheet.Surfaces.Where(s => s.Functions.Contains("rudder")).Select(s => DisturbanceMatrix.Fit(s.Id)),
        ];

    /// <summary>Sent home without knowing where it is, it flies anywhere.</summary>
    internal static TripLine Home(TripLineId id) =>
        new(id, Concedable.Never, Rests.On(new Aspect(AspectKind.Failsafe)).And(RadioSettings.Link))
        {
            Text = "Flies home once it has its lock",
            Limits = "lock waited for, turns home by itself",
            Read = ("locked, turns home", "does not turn home"),
            Why = (
                "Not seen yet: wait for its lock in the open.",
                "Locked, then seen to turn home without the transmitter.",
                "Further from metal; its aerial, its compass; then again."
            ),
        };

    /// <summary>As the ledger has it.</summary>
    internal Requirement Of(CheckShown? shown) =>
        new(Id, Concedable, Requirement.Stands(shown?.Right), new Facts(this, shown))
        {
            Evidence = shown?.Evidence,
            RestsOn = RestsOn,
        };

    private sealed record Facts(TripLine Line, CheckShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Line.Text,
                Line.Limits,
                "",
                Shown switch
                {
                    null => "",
                    { Note.Length: > 0 } => Shown.Note,
                    { Right: true } => Line.Read.Good,
                    _ => Line.Read.Bad,
                },
                Shown is null ? Line.Why.Asked
                    : Shown.Right ? Line.Why.Good
                    : Line.Why.Bad
            );
    }
}

/// <summary>That what goes through the plugs of the wing was called out where it was put together.</summary>
public sealed record FieldCallId() : RequirementId(Stage.Check)
{
    public override string Written => "check/field-call";
}

/// <summary>What one item of the trip shows by itself.</summary>
public sealed record TripLineId(string Item) : RequirementId(Stage.Check)
{
    public override string Written => $"check/{Item}";
}
