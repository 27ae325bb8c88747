using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Tests.Drawing;

/// <summary>Outlines for worked examples; mm and degrees.</summary>
internal static class Outlines
{
    /// <summary>Named by what it is.</summary>
    public static LiftingSurface Lifting(string role, double leadingEdge, params Panel[] panels) =>
        GeometryFields.Lifting.List.Of(
            GeometryFields.Lifting.Id.Is(role),
            GeometryFields.Lifting.Role.Is(role),
            GeometryFields.Lifting.RootLeadingEdge.Is(leadingEdge),
            GeometryFields.Panel.List.Is(panels)
        );

    public static Panel Panel(double root, double tip, double span, double sweep, double dihedral = 0) =>
        GeometryFields.Panel.List.Of(
            GeometryFields.Panel.Root.Is(root),
            GeometryFields.Panel.Tip.Is(tip),
            GeometryFields.Panel.Span.Is(span),
            GeometryFields.Panel.Sweep.Is(sweep),
            GeometryFields.Panel.Dihedral.Is(dihedral)
        );

    public static Geometry Of(params LiftingSurface[] lifting) =>
        GeometryFields.Page.Of(GeometryFields.Lifting.List.Is(lifting));
}
