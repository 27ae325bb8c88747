using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Throws;

/// <summary>
/// One throw the sheet asks for: surface × commanded function × rate × way, with its band in the sheet's kind.
/// </summary>
/// <param name="Band">Null when the manual left it open or contradicts itself and nobody has decided.</param>
/// <param name="Nominal">What was meant, in the sheet's kind; the middle of the band where a band is stated.</param>
/// <param name="Printed">The sheet's own words.</param>
/// <param name="ShopTolerance">The tolerance is the shop's, because the sheet states none.</param>
public sealed record ThrowTarget(
    ThrowId Key,
    Surface Surface,
    string Function,
    string Rate,
    Way Way,
    Band? Band,
    double Nominal,
    ThrowMeasure Measure,
    bool Percent,
    string Printed,
    bool ShopTolerance,
    string Page
)
{
    /// <summary>As readings and settings name it.</summary>
    public string Id { get; } = Key.Written;

    /// <summary>"Left aileron, up"; "Tailplane at its leading edge, up".</summary>
    public string Name =>
        $"{Surface.Name}{(Surface.Edge == SurfaceEdge.Leading ? " at its leading edge" : "")}"
        + $"{(Surface.Functions.Length > 1 ? $" ({Function})" : "")}, {Way.Word()}";

    public string Unit =>
        Percent ? "%"
        : Measure == ThrowMeasure.Angle ? "°"
        : "mm";

    /// <summary>What the limits are, with the shop's hand in them marked.</summary>
    public string Limits =>
        Band is null ? "not decided"
        : GivenBy.Length > 0 ? $"{Band} (given by {GivenBy})"
        : ShopTolerance ? $"{Band} (shop's tolerance)"
        : Band.ToString();

    /// <summary>
    /// The lead who gave the value because the maker does not state it; empty when the sheet's own counts.
    /// </summary>
    public string GivenBy { get; init; } = "";

    /// <summary>Where the sheet says it; empty where no row does.</summary>
    public string SheetPath { get; init; } = "";

    /// <summary>Why there is no band: assumed, contradicted, or not in the manual at all.</summary>
    public string Gap { get; init; } = "";
}
