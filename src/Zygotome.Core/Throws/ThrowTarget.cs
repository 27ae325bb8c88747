using Zygotome.Core.Journal;
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
    string Id,
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
    /// <summary>"Left aileron, up".</summary>
    public string Name =>
        $"{Surface.Name}{(Surface.Functions.Length > 1 ? $" ({Function})" : "")}, {Way.ToString().ToLowerInvariant()}";

    public string Unit =>
        Percent ? "%"
        : Measure == ThrowMeasure.Angle ? "°"
        : "mm";

    /// <summary>What the limits are, with the shop's hand in them marked.</summary>
    public string Limits =>
        Band is null ? "not decided"
        : GivenBy.Length > 0 ? $"{Band} (given by {GivenBy})"
        : ShopTolerance ? $"{Band} (shop's tolerance)"
        : ToleranceAssumed ? $"{Band} (tolerance assumed)"
        : Band.ToString();

    /// <summary>
    /// The lead who gave the value because the maker does not state it; empty when the sheet's own counts.
    /// </summary>
    public string GivenBy { get; init; } = "";

    /// <summary>The tolerance is the sheet's, and not the maker's.</summary>
    public bool ToleranceAssumed { get; init; }

    /// <summary>Why there is no band: assumed, contradicted, or not in the manual at all.</summary>
    public string Gap { get; init; } = "";
}

/// <summary>The sheet's throw table, row by row, as single requirements.</summary>
public static class ThrowTargets
{
    public static IReadOnlyList<ThrowTarget> Of(SpecSheet sheet, ShopRules rules) =>
        [
            .. Stated(sheet, rules)
                .Concat(LeftOut(sheet, rules))
                // On a sheet on file two rows may ask the same: the first counts, the second is a line of the job.
                .DistinctBy(t => t.Id),
        ];

    private static IEnumerable<ThrowTarget> Stated(SpecSheet sheet, ShopRules rules) =>
        from row in sheet.Throws
        from surface in sheet.Named(row.Surfaces)
        where row.Function.Length > 0 || surface.Functions.Length > 0
        from way in row.Ways
        select Target(sheet, rules, row, surface, way.Way, way.Value);

    // A surface that the table leaves out still has to be measured against something.
    private static IEnumerable<ThrowTarget> LeftOut(SpecSheet sheet, ShopRules rules) =>
        from surface in sheet.Surfaces
        from function in surface.Functions
        where
            !sheet.Throws.Any(r =>
                sheet.Named(r.Surfaces).Contains(surface) && (r.Function.Length == 0 || r.Function == function)
            )
        from way in Ways(function)
        select Target(sheet, rules, new ThrowRow(surface.Id, function, "high", "", [], null, ""), surface, way, null);

    private static Way[] Ways(string function) =>
        function switch
        {
            "rudder" => [Way.Right, Way.Left],
            "flap" => [Way.Down],
            "airbrake" => [Way.Out],
            _ => [Way.Up, Way.Down],
        };

    private static ThrowTarget Target(
        SpecSheet sheet,
        ShopRules rules,
        ThrowRow row,
        Surface surface,
        Way way,
        Stated<Quantity>? value
    )
    {
        var function = row.Function.Length > 0 ? row.Function : surface.Functions[0];
        var rate = row.Position.Length > 0 ? row.Position : row.Rate;
        var id = $"throw/{surface.Id}/{function}/{rate}/{way.ToString().ToLowerInvariant()}";
        var printed = value is null
            ? ""
            : string.Join(
                " against ",
                value.Statements.Select(s => s.Text + (s.Page.Length > 0 ? $" (page {s.Page})" : ""))
            );
        var given = sheet.Given.GetValueOrDefault(id);
        var counts = given?.Value ?? (value is { Assumed: false } ? value.Taken : null);
        var target = new ThrowTarget(
            id,
            surface,
            function,
            rate,
            way,
            null,
            0,
            row.Measure ?? sheet.Defaults.Measure,
            false,
            printed,
            false,
            row.Page
        )
        {
            GivenBy = given?.By ?? "",
            Gap =
                value is null ? "The manual states no throw for it."
                : value.Assumed ? $"Not stated by the maker; {printed} is assumed."
                : $"The manual says {printed}; nobody has decided what counts.",
        };
        if (counts is not { } q)
        {
            return target;
        }

        var angle = q.Dimension == Dimension.Angle;
        var percent = q.Dimension == Dimension.Percent;
        var single = q.Form == QuantityForm.Single;
        var stated = sheet.Defaults.ThrowTolerance?.Nominal;
        var measure = row.Measure ?? sheet.Defaults.Measure;
        var tolerance =
            !single ? 0
            : percent ? 5
            : angle ? AngleOf(stated ?? rules.ThrowTolerance, surface.Chord)
            : stated ?? rules.ThrowTolerance;
        return target with
        {
            Band = Band.Of(
                q.Low - tolerance,
                q.High + tolerance,
                percent ? "%"
                    : angle ? "°"
                    : "mm"
            ),
            Nominal = (double)q.Nominal,
            // A table in millimetres is measured with a ruler, whatever else the sheet says of it.
            Measure =
                angle ? ThrowMeasure.Angle
                : measure == ThrowMeasure.Angle && !percent ? ThrowMeasure.UprightRuler
                : measure,
            Percent = percent,
            ShopTolerance = single && (stated is null || percent),
            ToleranceAssumed = single && sheet.Defaults.ToleranceAssumed,
        };
    }

    // A tolerance in mm at the trailing edge, for a throw stated in degrees.
    private static decimal AngleOf(decimal mm, double chord) =>
        (decimal)Math.Round(Math.Asin(Math.Min(1, (double)mm / chord)) / Numbers.RadiansPerDegree, 2);
}
