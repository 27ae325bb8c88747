using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Plausibility;

/// <summary>Whether the airframe hangs together.</summary>
internal static class GeometryFlags
{
    public static IEnumerable<Flag> Of(SpecSheet sheet)
    {
        var g = sheet.Geometry;
        foreach (var (lifting, i) in g.Lifting.Select((l, i) => (l, i)))
        {
            foreach (var (panel, k) in lifting.Panels.Select((p, k) => (p, k)))
            {
                var at = $"$.geometry.lifting[{i}].panels[{k}]";
                if (panel.Tip > panel.Root * 1.35)
                {
                    yield return Flag.Of(
                        "taper",
                        $"{at}.tip",
                        Say(panel.Tip),
                        $"This panel's tip chord ({Say(panel.Tip)} mm) is much longer than its root "
                            + $"({Say(panel.Root)} mm); the two may be exchanged."
                    );
                }

                if (
                    k > 0
                    && Math.Abs(panel.Root - lifting.Panels[k - 1].Tip) > Math.Max(5, lifting.Panels[k - 1].Tip * 0.15)
                )
                {
                    yield return Flag.Of(
                        "step",
                        $"{at}.root",
                        Say(panel.Root),
                        $"This panel begins with a chord of {Say(panel.Root)} mm where the one before ends with "
                            + $"{Say(lifting.Panels[k - 1].Tip)} mm."
                    );
                }
            }

            if (lifting.Role == "tail" && g.Wing is { } wing && lifting.RootLeadingEdge <= wing.RootLeadingEdge)
            {
                yield return Flag.Of(
                    "tail-ahead",
                    $"$.geometry.lifting[{i}].rootLeadingEdge",
                    Say(lifting.RootLeadingEdge),
                    $"The {lifting.Id} stands at {Say(lifting.RootLeadingEdge)} mm, not behind the wing; a sign may "
                        + $"be missing, or it is a foreplane."
                );
            }
        }

        foreach (var (surface, i) in sheet.Surfaces.Select((s, i) => (s, i)))
        {
            if (
                g.Find(surface.On) is { HalfSpan: > 0, Pivot: null } on
                && Planform.At(on, (surface.From + surface.To) / 2 * on.HalfSpan) is var (_, chord)
                && surface.Chord > chord * 0.65
            )
            {
                yield return Flag.Of(
                    "surface-chord",
                    $"$.surfaces[{i}].chord",
                    Say(surface.Chord),
                    $"{surface.Name}: {Say(surface.Chord)} mm of a chord of {Say(chord)} mm would be hinged; "
                        + $"measured from the hinge line?"
                );
            }

            var twin = sheet.Surfaces.FirstOrDefault(o =>
                o.Id != surface.Id
                && o.Kind == surface.Kind
                && o.On == surface.On
                && surface.Side == "left"
                && o.Side == "right"
                && (surface.ComparedWith == o.Id || o.ComparedWith == surface.Id || IsAcross(surface, o))
            );
            if (twin is not null && Math.Abs(twin.Chord - surface.Chord) > 1)
            {
                yield return Flag.Of(
                    "unlike-sides",
                    $"$.surfaces[{i}].chord",
                    Say(surface.Chord),
                    $"Left and right {surface.Kind} have different chords, {Say(surface.Chord)} and "
                        + $"{Say(twin.Chord)} mm."
                );
            }

            if (
                sheet
                    .Surfaces.Take(i)
                    .FirstOrDefault(o =>
                        o.On == surface.On
                        && o.Side == surface.Side
                        && o.Side != "centre"
                        && surface.From < o.To - 0.005
                        && o.From < surface.To - 0.005
                    ) is
                { } under
            )
            {
                yield return Flag.Of(
                    "overlap",
                    $"$.surfaces[{i}].from",
                    Say(surface.From * 100),
                    $"{surface.Name} lies over {under.Name.ToLowerInvariant()} along the span."
                );
            }
        }

        var (from, to) =
            g.Bodies.Length == 0
                ? (double.NegativeInfinity, double.PositiveInfinity)
                : (g.Bodies.Min(b => b.From), g.Bodies.Max(b => b.To));
        if (g.Bay is { } bay && (bay.From < from || bay.To > to))
        {
            yield return Flag.Of(
                "bay-outside",
                "$.geometry.batteryBay.from",
                Say(bay.From),
                $"The battery bay ({Say(bay.From)} to {Say(bay.To)} mm) reaches out of the body ({Say(from)} to "
                    + $"{Say(to)} mm); a sign may be missing."
            );
        }

        foreach (var (station, i) in g.BallastStations.Select((s, i) => (s, i)))
        {
            if (station.At < from - 20 || station.At > to + 20)
            {
                yield return Flag.Of(
                    "station-outside",
                    $"$.geometry.ballastStations[{i}].at",
                    Say(station.At),
                    $"{station.Name} at {Say(station.At)} mm lies outside the body ({Say(from)} to {Say(to)} mm)."
                );
            }
        }

        if (g.Bodies.Length > 0 && Math.Abs(g.Nose - from) > Math.Max(30, (to - from) * 0.15))
        {
            yield return Flag.Of(
                "nose",
                "$.geometry.nose",
                Say(g.Nose),
                $"The nose is at {Say(g.Nose)} mm, but the body begins at {Say(from)} mm."
            );
        }
    }

    // At the same shares of the span.
    private static bool IsAcross(Surface one, Surface other) =>
        Numbers.Round(one.From - other.From) == 0 && Numbers.Round(one.To - other.To) == 0;

    private static string Say(double value) => Numbers.Say(value);
}
