using System.Collections.Immutable;
using Zygotome.Core.Drawing;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>
/// What lies at a place of the drawing: surfaces on that part with what drives and feeds them, and motors.
/// </summary>
/// <param name="Which">False where the place does not say which of them it is.</param>
public sealed record Neighbours(ImmutableArray<Surface> Surfaces, ImmutableArray<MotorSpec> Motors, bool Which)
{
    /// <summary>
    /// A surface itself; of a servo or lead what it serves; on half a wing or tail the surfaces of that half; on a fin
    /// those of the fin; on a body all that hangs on no wing, and its motors: their servos and rods lie in it.
    /// </summary>
    public static Neighbours Of(SpecSheet sheet, string place)
    {
        var g = sheet.Geometry;
        if (sheet.Surface(place) is { } one)
        {
            return new([one], [], true);
        }

        if (sheet.Power.Motors.FirstOrDefault(m => $"motor-{m.Id}" == place) is { } motor)
        {
            return new([], [motor], true);
        }

        if (g.PlacedPart(place) is { } placed)
        {
            return placed.Serves(sheet) is { IsEmpty: false } served ? new(served, [], true)
                : Drawings.CarrierOf(sheet, place) is var carrier && carrier != place ? Of(sheet, carrier)
                : new([], [], false);
        }

        if (g.Lifting.FirstOrDefault(l => Places.IsNamed(l.Id, place)) is { } lifting)
        {
            var other = Places.SideOf(place) == "left" ? "right" : "left";
            return new([.. sheet.Surfaces.Where(s => s.On == lifting.Id && s.Side != other)], [], false);
        }

        if (Places.IsNamed("fin", place))
        {
            return new(
                [
                    .. sheet.Surfaces.Where(s =>
                        g.Find(s.On) is null
                        && g.Fins.Length > 0
                        && g.FinPart(g.Fins.IndexOf(Drawings.FinOf(g, s))) == place
                    ),
                ],
                [],
                false
            );
        }

        return Places.IsNamed("body", place)
            ? new(
                [.. sheet.Surfaces.Where(s => g.Find(s.On)?.Role != "wing")],
                [.. sheet.Power.Motors.Where(m => OnBody(g, m, place))],
                false
            )
            : new([], [], false);
    }

    private static bool OnBody(Geometry g, MotorSpec motor, string place) =>
        g.Bodies.FirstOrDefault(b => $"body-{b.Name}" == place) is { } body
        && Math.Abs(motor.Y - body.At) <= body.Width;
}
