using System.Collections.Immutable;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Wire;

/// <summary>
/// Where the receiver's aerial may run: two ends a right angle apart, as far as can be from what hides or catches them,
/// proposed from the places the sheet states. What was laid is looked at, not computed.
/// </summary>
/// <param name="Ends">From the receiver to each tip, in mm on the drawing from above.</param>
/// <param name="Nearest">What lies nearest to an end, and how far, mm; empty where the sheet places nothing.</param>
public sealed record AerialWay(ImmutableArray<ImmutableArray<Corner>> Ends, string Nearest, double Clear)
{
    // Each end, mm; never longer than a third of a small model.
    private const double Long = 90;

    /// <summary>Null where nothing is received.</summary>
    public static AerialWay? Of(JobState state) => state.Once(s => new Found(Proposed(s))).Way;

    private sealed record Found(AerialWay? Way);

    private static AerialWay? Proposed(JobState state)
    {
        if (Wiring.Of(state).Plugs.IsEmpty)
        {
            return null;
        }

        var sheet = state.Sheet;
        var (x, y) = LeadWays.Receiver(sheet);
        var length = Math.Min(Long, (sheet.Geometry.Wing?.HalfSpan ?? 300) / 3);
        var hazards = Hazards(sheet).ToImmutableArray();
        (double X, double Y) Tip(int eighth, double at) =>
            (x - (Math.Cos(eighth * Math.PI / 4) * length * at), y + (Math.Sin(eighth * Math.PI / 4) * length * at));

        // What an end passes: half way along it and its tip.
        (double Clear, string What) Of(int eighth) =>
            hazards
                .Select(h => (Far(h, Tip(eighth, 0.5), Tip(eighth, 1)), h.What))
                .DefaultIfEmpty((length, ""))
                .MinBy(f => f.Item1);
        var (first, (clear, what)) = Enumerable
            .Range(0, 8)
            .Select(e => (First: e, Worst: new[] { Of(e), Of((e + 2) % 8) }.MinBy(w => w.Clear)))
            .OrderByDescending(p => Inside(sheet, Tip(p.First, 1)) && Inside(sheet, Tip((p.First + 2) % 8, 1)))
            .ThenByDescending(p => Numbers.Round(p.Worst.Clear))
            .First();
        return new AerialWay(
            [.. new[] { first, (first + 2) % 8 }.Select(e => Drawn((x, y), Tip(e, 1)))],
            what,
            Math.Round(clear)
        );
    }

    private static ImmutableArray<Corner> Drawn((double X, double Y) from, (double X, double Y) to) =>
        [DrawingSides.Place(DrawingSide.Plan, from.X, from.Y), DrawingSides.Place(DrawingSide.Plan, to.X, to.Y)];

    private sealed record Hazard(string What, double X, double Y, double ToX, double ToY);

    // Air that no fan draws in catches nothing.
    private static IEnumerable<Hazard> Hazards(SpecSheet sheet)
    {
        var fans = sheet.Power.Motors.Where(m => m.IsFan).ToArray();
        foreach (var part in sheet.Geometry.Placed.SelectMany(p => PlacedPart.Of(p)))
        {
            var t = part.Thing;
            if (t.Kind is PlacedKind.Spar or PlacedKind.Controller)
            {
                yield return new Hazard(PlacedWords.Of(t.Kind), t.X, part.Sign * t.Y, t.ToX, part.Sign * t.ToY);
            }

            // A duct leads from each inlet to its fan.
            var (x, y) = part.Middle;
            foreach (var fan in fans.Where(_ => t.Kind == PlacedKind.Inlet))
            {
                yield return new Hazard("fan's duct", x, y, fan.At, fan.Y);
            }
        }

        foreach (var motor in sheet.Power.Motors)
        {
            yield return new Hazard(motor.IsFan ? "fan" : "motor", motor.At, motor.Y, motor.At, motor.Y);
        }
    }

    private static double Far(Hazard h, params (double X, double Y)[] points) =>
        points.Min(p =>
        {
            var (dx, dy) = (h.ToX - h.X, h.ToY - h.Y);
            var square = (dx * dx) + (dy * dy);
            var along = square == 0 ? 0 : Math.Clamp((((p.X - h.X) * dx) + ((p.Y - h.Y) * dy)) / square, 0, 1);
            return Math.Sqrt(Math.Pow(p.X - h.X - (along * dx), 2) + Math.Pow(p.Y - h.Y - (along * dy), 2));
        });

    // In a body or under the wing's skin: an end in the open air is torn off.
    private static bool Inside(SpecSheet sheet, (double X, double Y) tip) =>
        sheet.Geometry.Bodies.Any(b => tip.X >= b.From && tip.X <= b.To && Math.Abs(tip.Y - b.At) <= b.Width / 2)
        || (
            sheet.Geometry.Wing is { } wing
            && Math.Abs(tip.Y) <= wing.HalfSpan
            && Planform.At(wing, Math.Abs(tip.Y)) is var (edge, chord)
            && tip.X >= edge
            && tip.X <= edge + chord
        );

    /// <summary>"Proposed: a right angle between them; the controller is nearest, 120 mm away."</summary>
    public string Words =>
        Nearest.Length == 0
            ? "Proposed from the receiver's place; the sheet places nothing that would hide it."
            : $"Proposed: a right angle between them; the {Nearest} is nearest, {Numbers.Say(Clear)} mm away.";
}
