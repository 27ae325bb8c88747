using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Wire;

/// <summary>
/// Which board or stabiliser of the catalogue it is. The first word on it is a word on what is there; another one later
/// has every plug drawn out and put in.
/// </summary>
/// <param name="Of">The sheet's id of a board; <c>stabiliser</c>.</param>
public sealed record DeviceSaid(string Of, DeviceKind Kind) : EntryBody
{
    /// <summary>What the one in line is called where a board has its sheet's id.</summary>
    public const string Stabiliser = "stabiliser";

    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Boards.Any(b => b.Id == Of) || (Of == Stabiliser && IsInLine(state.Sheet))
            ? Kind.Admit("body.kind")
            : new Refusal("wire/device", $"No signal of this aircraft passes a \"{Of}\".", "body.of");

    internal static bool IsInLine(SpecSheet sheet) =>
        sheet.Radio.Stabiliser.Likely == true && sheet.Radio.Get(RadioFields.Sits) == RadioFields.InLine;

    public override JobState Apply(JobState state, Entry entry)
    {
        var wire = state.Wire;
        var next = state.With(wire with { Devices = wire.Devices.SetItem(Of, Kind) });
        return !wire.Devices.TryGetValue(Of, out var before) || before.Name == Kind.Name
            ? next
            : next.Disturb(
                entry,
                Say(state),
                [
                    .. Behind(state).SelectMany(l => LeadPulled.Touches(state, l.Id)),
                    .. Behind(state).SelectMany(l => l.Feeds).SelectMany(c => c.Moves).Select(DisturbanceMatrix.Lead),
                ]
            );
    }

    private IEnumerable<WireLead> Behind(JobState state) =>
        Wiring.Of(state) is var wiring ? wiring.Leads.Where(l => wiring.Device(l.To) == Of) : [];

    public override IEnumerable<string> Shows() => [new RoomId(Of).Written];

    public override string Say(JobState state) => $"{Kind.Name} as the {Of}";
}
