using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>What can be said at the counter: does the pack fit its bay, are the ports enough.</summary>
public static class CounterChecks
{
    /// <summary>
    /// Length, width and height (mm) against the bay, lying on whichever side fits; a measure the sheet does not state
    /// is not judged.
    /// </summary>
    public static (bool Fits, string Why) PackFits(SpecSheet sheet, Battery battery)
    {
        if (sheet.Geometry.Bay is not { } bay)
        {
            return (true, "The sheet states no battery bay.");
        }

        var (length, width, height) = (
            (double)battery.Length.Nominal,
            (double)battery.Width.Nominal,
            (double)battery.Height.Nominal
        );
        var (flat, onEdge) = (TooBig(bay, length, width, height), TooBig(bay, length, height, width));
        var turned = flat.Length > 0 && onEdge.Length == 0;
        var tooBig = turned ? onEdge : flat;
        return tooBig.Length == 0
            ? (
                true,
                $"{(turned ? "Standing on its edge; " : "")}{Numbers.Say(bay.To - bay.From - length)} mm of its bay is "
                    + "left to move it in."
            )
            : (
                false,
                "The pack is "
                    + string.Join(" and ", tooBig.Select(s => $"{Numbers.Say(s.Pack - s.Bay)} mm too {s.What}"))
                    + " for its bay."
            );
    }

    private static (double Pack, double Bay, string What)[] TooBig(
        BatteryBay bay,
        double length,
        double width,
        double height
    ) =>
        [
            .. new[] { (length, bay.To - bay.From, "long"), (width, bay.Width, "wide"), (height, bay.Height, "high") }
                .Select(s => (Pack: s.Item1, Bay: s.Item2, What: s.Item3))
                .Where(s => s.Bay > 0 && Numbers.Round(s.Pack - s.Bay) > 0),
        ];

    /// <summary>
    /// Whether transmitter and receiver speak alike; null where nobody said of one of them.
    /// </summary>
    /// <param name="spoken">What the transmitter speaks, one or several with commas.</param>
    public static (bool Alike, string Why)? Protocol(string? spoken, string? receiver)
    {
        var says = (spoken ?? "").Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);
        var hears = (receiver ?? "").Trim();
        return says.Length == 0 || hears.Length == 0 ? null
            : says.Contains(hears, StringComparer.OrdinalIgnoreCase)
                ? (true, $"The transmitter speaks {hears}, as the receiver does.")
            : (false, $"The receiver speaks {hears}, the transmitter {string.Join(", ", says)}: they cannot be bound.");
    }

    /// <summary>
    /// One channel and one port for each function; the sheet's functions are those that need a port. A receiver may
    /// have fewer ports than channels.
    /// </summary>
    /// <param name="addOns">Add-ons that take a port, beside the sheet's functions.</param>
    /// <param name="ports">Null where nobody counted them: as many as channels.</param>
    public static (bool Enough, string Why) PortsEnough(
        SpecSheet sheet,
        int channels,
        int? ports = null,
        IReadOnlyCollection<string>? addOns = null
    )
    {
        string[] functions = [.. sheet.Radio.Functions, .. addOns ?? []];
        var needed = functions.Length;
        var there = Math.Min(channels, ports ?? channels);
        var words = $"{needed} needed ({string.Join(", ", functions)}), ";
        return there >= needed
            ? (true, $"{words}{there - needed} to spare.")
            : (
                false,
                $"{words}{needed - there} short{(there < channels ? $": {channels} channels, but {there} ports" : "")}."
            );
    }
}
