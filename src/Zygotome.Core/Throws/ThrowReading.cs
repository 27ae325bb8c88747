using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Throws;

/// <summary>A reading brought to the sheet's kind, with its uncertainty.</summary>
/// <param name="Value">mm or degrees, as the sheet states the throw.</param>
/// <param name="Angle">Null for throws in radio percent.</param>
public sealed record ThrowReading(double Value, double U, ThrowAngle? Angle)
{
    /// <summary>Combines repeats and converts. Refuses a reading that the surface cannot make.</summary>
    public static Outcome<ThrowReading> Of(ThrowTarget target, ThrowRead read)
    {
        if (read.Readings.IsDefaultOrEmpty || read.Readings.Length > 20)
        {
            return new Refusal("throws/readings", "One to twenty readings are needed.", "body.readings");
        }

        for (var i = 0; i < read.Readings.Length; i++)
        {
            if (Wrong(target, read, read.Readings[i], $"body.readings[{i}]") is { } refusal)
            {
                return refusal;
            }
        }

        var (mean, u) = Repeats.Combine([.. read.Readings.Select(r => (double)r.Nominal)], read.Instrument.U);
        if (target.Percent)
        {
            return new ThrowReading(mean, u, null);
        }

        if (!ThrowMeasures.ToAngle(mean, u, read.Measure, target.Surface.Chord).Try(out var angle, out var steep))
        {
            return steep;
        }

        var (value, uValue) =
            read.Measure == target.Measure
                ? (mean, u)
                : ThrowMeasures.FromAngle(angle, target.Measure, target.Surface.Chord);
        return new ThrowReading(value, uValue, angle);
    }

    private static Refusal? Wrong(ThrowTarget target, ThrowRead read, Quantity q, string where)
    {
        var wanted =
            target.Percent ? Dimension.Percent
            : read.Measure == ThrowMeasure.Angle ? Dimension.Angle
            : Dimension.Length;
        return q.Form != QuantityForm.Single ? new Refusal("throws/reading", $"\"{q.Text}\" is not one reading.", where)
            : q.Dimension == Dimension.None && q.Text.Contains('/')
                ? new Refusal("throws/unit", $"\"{q.Text}\" of what? Write \"{q.Text} in\" or \"{q.Text} mm\".", where)
            : q.Dimension != wanted && q.Dimension != Dimension.None
                ? new Refusal(
                    "throws/unit",
                    $"\"{q.Text}\" does not fit a reading by "
                        + $"{(target.Percent ? "radio percent" : ThrowMeasures.Words(read.Measure))}.",
                    where
                )
            : target.Percent ? null
            : ThrowMeasures.ToAngle((double)q.Nominal, 0, read.Measure, target.Surface.Chord).Refused is { } r
                ? r with
                {
                    Where = where,
                }
            : null;
    }
}
