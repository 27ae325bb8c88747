using System.Globalization;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Trueness;

namespace Zygotome.Core.Tests;

/// <summary>How a technician reads what must stand true: in the middle of its limits, with what reads it.</summary>
internal static class TrueReadings
{
    private static readonly Instrument Ruler = new("ruler", 0.2, "ruler", "mm");
    private static readonly Instrument Gauge = new("angle gauge", 0.1, "gauge", "degrees");

    /// <summary>First and second reading and how far the points are apart, as they are typed.</summary>
    public static (Instrument By, string First, string? Second, string? Apart) Of(Truth truth, double off = 0)
    {
        var wanted = truth.Wanted + off;
        var points = truth.Points;
        if (truth.Unit == "°" && points.Gauge.Length > 0)
        {
            return TruthReading.NeedsSecond(truth, true)
                ? (Gauge, $"{Say(wanted)} deg", "0 deg", null)
                : (Gauge, $"{Say(wanted)} deg", null, null);
        }

        if (truth.Kind == TruthKind.HingeForce)
        {
            return (new Instrument("scales", 1, "scales", "g"), $"{Say(wanted)} g", null, null);
        }

        var longer = points.Across + 500;
        return points.Second.Length == 0 ? (Ruler, $"{Say(wanted)} mm", null, null)
            : points.Sum == TruthSum.Worst ? (Ruler, $"{Say(wanted)} mm", $"{Say(wanted)} mm", null)
            : (Ruler, $"{Say(longer + wanted)} mm", $"{Say(longer)} mm", null);
    }

    private static string Say(double value) => Math.Round(value, 2).ToString(CultureInfo.InvariantCulture);
}
