namespace Zygotome.Core.Sheets;

/// <summary>The parts of an aircraft as its drawing calls them, and the side each is on.</summary>
public static class DrawnParts
{
    /// <summary>Halves, fins, surfaces, bodies, wheels and motors with left, right, or empty of what is in the
    /// middle.</summary>
    public static IEnumerable<(string Part, string Side)> Of(SpecSheet sheet)
    {
        var g = sheet.Geometry;
        return
        [
            .. g.Lifting.SelectMany(l => new[] { ($"{l.Id}-left", "left"), ($"{l.Id}-right", "right") }),
            .. g.Fins.Select((f, i) => (g.FinPart(i), SideOf(f.Y))),
            .. sheet.Surfaces.Select(s => (s.Id, s.Side == "centre" ? "" : s.Side)),
            .. g.Bodies.Select(b => ($"body-{b.Name}", SideOf(b.At))),
            .. g.Wheels.Select((w, i) => (g.WheelPart(i), SideOf(w.Y))),
            .. sheet.Power.Motors.Select(m => ($"motor-{m.Id}", SideOf(m.Y))),
        ];
    }

    /// <summary>
    /// Of what a name means, what is on one side or in the middle; the name itself where it means no part, or none on
    /// that side.
    /// </summary>
    public static IEnumerable<string> OnSide(SpecSheet sheet, string name, string side)
    {
        var named = Of(sheet).Where(p => Places.IsNamed(name, p.Part)).ToArray();
        return named.Length == 0 ? [name]
            : named.All(p => p.Side.Length == 0) ? [name]
            : named.Where(p => p.Side == side || p.Side.Length == 0).Select(p => p.Part);
    }

    private static string SideOf(double y) =>
        y < -0.5 ? "left"
        : y > 0.5 ? "right"
        : "";
}
