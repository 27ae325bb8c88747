using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Check;

/// <summary>How near a turning propeller comes to the aircraft, by the sheet's geometry alone.</summary>
public static class PropellerGap
{
    // mm: further away nothing is measured.
    private const double Near = 80;

    // Places along the blade.
    private const int Steps = 24;

    /// <summary>
    /// mm from the disc to the nearest edge of a lifting surface beside it, or to the side of the opening it turns in;
    /// 0 or less where it would touch, null where nothing is near or its size is not known. A surface that is deflected
    /// draws its edge in: neutral is the nearest.
    /// </summary>
    public static double? Of(SpecSheet sheet, MotorSpec motor)
    {
        if (PropellerSize.Parse(motor.Propeller).OrDefault() is not { } size)
        {
            return null;
        }

        var radius = (double)size.DiameterMm / 2;
        double[] gaps =
        [
            .. motor.CutOut is { } opening ? [(opening / 2) - radius] : (double[])[],
            .. sheet.Geometry.Lifting.SelectMany(l => Edges(l, motor, radius)).Select(x => Math.Abs(motor.At - x)),
        ];
        return gaps.Length > 0 && gaps.Min() is var gap && gap <= Near ? Numbers.Round(gap) : null;
    }

    // Leading and trailing edges of both halves where the disc passes them.
    private static IEnumerable<double> Edges(LiftingSurface lifting, MotorSpec motor, double radius)
    {
        if (Math.Abs(lifting.Height - (motor.Height ?? 0)) > radius)
        {
            yield break;
        }

        for (var i = 0; i <= Steps; i++)
        {
            var y = Math.Abs(motor.Y - radius + (2 * radius * i / Steps));
            if (y >= lifting.RootGap && y <= lifting.HalfSpan)
            {
                var (leading, chord) = Planform.At(lifting, y);
                yield return leading;
                yield return leading + chord;
            }
        }
    }
}
