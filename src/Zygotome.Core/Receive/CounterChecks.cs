using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>What can be said at the counter: does the pack fit its bay, are the ports enough.</summary>
public static class CounterChecks
{
    /// <summary>
    /// Length, width and height (mm) against the bay; a measure the sheet does not state is not judged.
    /// </summary>
    public static (bool Fits, string Why) PackFits(SpecSheet sheet, Battery battery)
    {
        if (sheet.Geometry.Bay is not { } bay)
        {
            return (true, "The sheet states no battery bay.");
        }

        (double Pack, double Bay, string What)[] sides =
        [
            ((double)battery.Length.Nominal, bay.To - bay.From, "long"),
            ((double)battery.Width.Nominal, bay.Width, "wide"),
            ((double)battery.Height.Nominal, bay.Height, "high"),
        ];
        var tooBig = sides.Where(s => s.Bay > 0 && Numbers.Round(s.Pack - s.Bay) > 0).ToArray();
        return tooBig.Length == 0
            ? (true, $"{Numbers.Say(sides[0].Bay - sides[0].Pack)} mm of its bay is left to move it in.")
            : (
                false,
                "The pack is "
                    + string.Join(" and ", tooBig.Select(s => $"{Numbers.Say(s.Pack - s.Bay)} mm too {s.What}"))
                    + " for its bay."
            );
    }

    /// <summary>
    /// One channel and one port for each function; the sheet's functions are those that need a port. A receiver may
    /// have fewer ports than channels.
    /// </summary>
    /// <param name="ports">Null where nobody counted them: as many as channels.</param>
    public static (bool Enough, string Why) PortsEnough(SpecSheet sheet, int channels, int? ports = null)
    {
        var needed = sheet.Radio.Functions.Length;
        var there = Math.Min(channels, ports ?? channels);
        var words = $"{needed} needed ({string.Join(", ", sheet.Radio.Functions)}), ";
        return there >= needed
            ? (true, $"{words}{there - needed} to spare.")
            : (
                false,
                $"{words}{needed - there} short{(there < channels ? $": {channels} channels, but {there} ports" : "")}."
            );
    }
}
