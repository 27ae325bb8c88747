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

        var takes = Takes(target, read.Measure);
        for (var i = 0; i < read.Readings.Length; i++)
        {
            var reading = read.Readings[i];
            if (
                (takes.Read(reading.Typed).Refused ?? Beyond(target, read.Measure, Along(target, reading))) is
                { } refusal
            )
            {
                return refusal with { Where = $"body.readings[{i}]" };
            }
        }

        var (mean, u) = Repeats.Combine([.. read.Readings.Select(r => Along(target, r))], read.Instrument.U);
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

    /// <summary>
    /// How far it went the commanded way: behind that way's own name a length is so far along it, behind any other the
    /// other way; without one the sign says.
    /// </summary>
    public static double Along(ThrowTarget target, Reading reading) =>
        reading.Typed is { Way: { } way, First: var printed, Unit: var unit }
            ? (double)(printed * unit.Factor) * (way == target.Way ? 1 : -1)
            : reading.Value;

    /// <summary>The refusal of a reading said to have gone another way than was commanded.</summary>
    public static Refusal? OtherWay(ThrowTarget target, ThrowRead read)
    {
        for (var i = 0; i < read.Readings.Length; i++)
        {
            if (read.Readings[i].Typed is { Way: { } way, Text: var text } && way != target.Way)
            {
                return new Refusal(
                    "throws/way",
                    $"\"{text}\": this throw is {target.Way.Word()}. If it went {way.Word()}, the command moves it the "
                        + "wrong way; see Bind.",
                    $"body.readings[{i}]"
                );
            }
        }

        return null;
    }

    /// <summary>What a reading of this throw by this measure takes: mm, degrees or radio percent.</summary>
    public static Measurand Takes(ThrowTarget target, ThrowMeasure measure) =>
        Reading.By(
            target.Percent ? Unit.PerCent
            : measure == ThrowMeasure.Angle ? Unit.Degree
            : Unit.Millimetre
        );

    private static Refusal? Beyond(ThrowTarget target, ThrowMeasure measure, double reading) =>
        target.Percent ? null : ThrowMeasures.ToAngle(reading, 0, measure, target.Surface.Chord).Refused;
}
