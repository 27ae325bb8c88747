using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>What of a half-typed sheet can be drawn.</summary>
public static class Drawable
{
    /// <summary>
    /// Without wings that have no panels, surfaces that lie nowhere and bodies of no length; total on anything the
    /// reader made.
    /// </summary>
    public static SpecSheet Part(SpecSheet sheet)
    {
        var g = sheet.Geometry;
        var geometry = g.With(
                GeometryFields.Lifting.List.Is(
                    g.Lifting.Where(l =>
                        l.Panels.Length > 0 && l.Panels.All(p => p.Span > 0 && p.Root > 0 && p.Tip > 0)
                    )
                )
            )
            .With(GeometryFields.Body.List.Is(g.Bodies.Where(b => b.To > b.From)));
        return sheet with
        {
            Geometry = geometry,
            Surfaces =
            [
                .. sheet.Surfaces.Where(s =>
                    s.To > s.From
                    && s.Functions.Length > 0
                    && (geometry.Find(s.On) is not null || (geometry.Fins.Length > 0 && g.Find(s.On) is null))
                ),
            ],
        };
    }
}
