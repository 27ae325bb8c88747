namespace Zygotome.Core.Sheets;

/// <summary>Area, mean aerodynamic chord and its leading edge, for one half. mm and mm².</summary>
public sealed record Planform(double HalfArea, double MeanChord, double MeanLeadingEdge)
{
    /// <summary>
    /// Per half: S = Σ b(c_r + c_t)/2, MAC = Σ b(c_r² + c_r·c_t + c_t²)/3 ÷ S, x_LE = Σ b[x₀(2c_r + c_t) + x₁(c_r +
    /// 2c_t)]/6 ÷ S, with x₀, x₁ the leading edge at a panel's root and tip, mm from the datum.
    /// </summary>
    public static Planform Of(LiftingSurface surface)
    {
        double area = 0,
            chord = 0,
            edge = 0,
            x0 = surface.RootLeadingEdge;
        foreach (var p in surface.Panels)
        {
            var x1 = x0 + p.Sweep;
            area += p.Span * (p.Root + p.Tip) / 2;
            chord += p.Span * ((p.Root * p.Root) + (p.Root * p.Tip) + (p.Tip * p.Tip)) / 3;
            edge += p.Span * ((x0 * ((2 * p.Root) + p.Tip)) + (x1 * (p.Root + (2 * p.Tip)))) / 6;
            x0 = x1;
        }

        return new Planform(area, chord / area, edge / area);
    }

    /// <summary>Leading edge and chord at a distance from the middle, mm.</summary>
    public static (double LeadingEdge, double Chord) At(LiftingSurface surface, double y)
    {
        double x0 = surface.RootLeadingEdge,
            y0 = surface.RootGap;
        foreach (var p in surface.Panels)
        {
            if (y <= y0 + p.Span || p == surface.Panels[^1])
            {
                var t = Math.Clamp((y - y0) / p.Span, 0, 1);
                return (x0 + (p.Sweep * t), p.Root + ((p.Tip - p.Root) * t));
            }

            (x0, y0) = (x0 + p.Sweep, y0 + p.Span);
        }

        return (x0, 0);
    }
}
