using System.Collections;
using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Throws;

/// <summary>
/// The sheet's throw table, row by row, as single requirements, in its order; the shop's tolerance where the sheet
/// states none.
/// </summary>
public sealed class ThrowTargets : IReadOnlyList<ThrowTarget>
{
    private readonly decimal _shops;
    private readonly ImmutableArray<ThrowTarget> _all;
    private readonly Dictionary<string, ThrowTarget> _byId;

    private ThrowTargets(SpecSheet sheet, ShopRules rules)
    {
        _shops = rules.ThrowTolerance;
        _all =
        [
            .. Stated(sheet, rules)
                .Concat(LeftOut(sheet, rules))
                // On a sheet on file two rows may ask the same: the first counts, the second is a line of the job.
                .DistinctBy(t => t.Id),
        ];
        _byId = _all.ToDictionary(t => t.Id, StringComparer.Ordinal);
    }

    /// <summary>Made once for a sheet and one shop's rules, those that asked first.</summary>
    public static ThrowTargets Of(SpecSheet sheet, ShopRules rules) =>
        sheet.Once(s => new ThrowTargets(s, rules)) is var made && made._shops == rules.ThrowTolerance
            ? made
            : new ThrowTargets(sheet, rules);

    public int Count => _all.Length;

    public ThrowTarget this[int index] => _all[index];

    /// <summary>The one of this id; null when the sheet has no such throw.</summary>
    public ThrowTarget? Find(string id) => _byId.GetValueOrDefault(id);

    public IEnumerator<ThrowTarget> GetEnumerator() => _all.AsEnumerable().GetEnumerator();

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();

    private static IEnumerable<ThrowTarget> Stated(SpecSheet sheet, ShopRules rules) =>
        from row in sheet.Throws
        from surface in sheet.Named(row.Surfaces)
        where row.Function.Length > 0 || surface.Functions.Length > 0
        from way in row.Ways
        select Target(sheet, rules, row, surface, way.Way, way.Value);

    // A surface that the table leaves out, or one of its two ways, still has to be measured against something; that it
    // does not move a way is said.
    private static IEnumerable<ThrowTarget> LeftOut(SpecSheet sheet, ShopRules rules) =>
        from surface in sheet.Surfaces
        from function in surface.Functions
        let rows = sheet
            .Throws.Where(r =>
                r.Ways.Length > 0
                && sheet.Named(r.Surfaces).Contains(surface)
                && (r.Function.Length == 0 || r.Function == function)
            )
            .ToArray()
        from way in Ways(function, rows)
        where !rows.Any(r => r.SpeaksOf(way))
        select Target(
            sheet,
            rules,
            ThrowFields.List.Of(ThrowFields.Surfaces.Is(surface.Id), ThrowFields.Function.Is(function)),
            surface,
            way,
            new Printed<Quantity>.NotStated(false)
        );

    // In the words of its rows: a V-tail's rudder is said up and down.
    private static Way[] Ways(string function, ThrowRow[] rows) =>
        function switch
        {
            "flap" => [Way.Down],
            "airbrake" => [Way.Out],
            _ when rows.Any(r => r.SpeaksOf(Way.Up) || r.SpeaksOf(Way.Down)) => [Way.Up, Way.Down],
            "rudder" => [Way.Right, Way.Left],
            _ => [Way.Up, Way.Down],
        };

    private static ThrowTarget Target(
        SpecSheet sheet,
        ShopRules rules,
        ThrowRow row,
        Surface surface,
        Way way,
        Printed<Quantity> printed
    )
    {
        var function = row.Function.Length > 0 ? row.Function : surface.Functions[0];
        var rate = row.Position.Length > 0 ? row.Position : row.Rate;
        var key = new ThrowId(surface.Id, function, rate, way);
        var said = sheet.Asked(key.Written, printed);
        var target = new ThrowTarget(
            Key: key,
            Surface: surface,
            Function: function,
            Rate: rate,
            Way: way,
            Band: null,
            Nominal: 0,
            Measure: row.Measure ?? sheet.Defaults.Measure,
            Percent: false,
            Printed: printed.Words,
            ShopTolerance: false,
            Page: sheet.Page("throws", row.Page)
        )
        {
            SheetPath = row.Path.Length == 0 ? "" : $"{row.Path}.{way.Word()}",
            GivenBy = said is Printed<Quantity>.Given given ? given.By : "",
            Gap = printed is Printed<Quantity>.NotStated ? "The manual states no throw for it." : printed.WhyNot,
        };
        if (said.Counts is not { } q)
        {
            return target;
        }

        var angle = q.Dimension == Dimension.Angle;
        var percent = q.Dimension == Dimension.Percent;
        var single = q.Form == QuantityForm.Single;
        var stated = sheet.Defaults.Says(ThrowFields.Tolerance).Counts?.Nominal;
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
        };
    }

    // A tolerance in mm at the trailing edge, for a throw stated in degrees.
    private static decimal AngleOf(decimal mm, double chord) =>
        (decimal)Math.Round(Math.Asin(Math.Min(1, (double)mm / chord)) / Numbers.RadiansPerDegree, 2);
}
