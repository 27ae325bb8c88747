using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Trueness;

/// <summary>What a sheet's own words of trueness mean: the one place where they are read.</summary>
internal static class TruthWords
{
    /// <summary>
    /// What a row asks for: several where its words mean several parts. A limit that cannot be read leaves the truth
    /// without a band: it is never judged by another.
    /// </summary>
    public static IEnumerable<Truth> Of(SpecSheet sheet, TruthRow row) =>
        Shapes(sheet, row).Select(truth => Limited(sheet, row, truth));

    /// <summary>A limit in words, as a quantity; null where it is no length, angle or force in g.</summary>
    public static Quantity? Limit(string words) =>
        QuantityParser.Parse(words).Try(out var said, out _)
        && said.Dimension is Dimension.Length or Dimension.Angle or Dimension.Mass
        && said.Form != QuantityForm.Descending
            ? said
            : null;

    /// <summary>Whether a row asks for the diagonals.</summary>
    public static bool IsDiagonal(TruthRow row) => row.Kind.Contains("tip to", StringComparison.OrdinalIgnoreCase);

    private static Truth Limited(SpecSheet sheet, TruthRow row, Truth truth)
    {
        var said = Limit(row.Limit);
        var shops = false;
        var (unit, within) = said?.Dimension switch
        {
            Dimension.Angle => ("°", 0.5),
            Dimension.Mass => ("g", 5),
            _ => ("mm", 1.0),
        };
        var band =
            said is null || (unit == "g") != (truth.Kind == TruthKind.HingeForce)
                ? null
                : Truths.Limits(said, within, unit, out shops);
        return Placed(sheet, row, truth) with
        {
            Band = row.Limit.Length == 0 ? truth.Band : band,
            Said = row.Limit,
            Shops = row.Limit.Length == 0 || shops,
            Path = row.Path,
        };
    }

    // Where the row says no step: where its part is joined; tips to tail are read on no joint that nobody named.
    private static Truth Placed(SpecSheet sheet, TruthRow row, Truth truth) =>
        row.At.Length > 0
            ? truth with
            {
                Steps =
                [
                    .. sheet
                        .Steps.Where(s => row.At.Contains(s.Id) || row.At.Contains(MirroredSteps.WholeOf(s.Id)))
                        .Where(s => Truths.IsOnSide(s, truth.Part))
                        .Select(s => s.Id),
                ],
            }
        : truth.Part.Length == 0 || truth.Kind is TruthKind.Diagonals or TruthKind.Against ? truth
        : Truths.At(sheet, truth, truth.Part);

    private static Truth[] Shapes(SpecSheet sheet, TruthRow row)
    {
        var geometry = sheet.Geometry;
        bool Says(params ReadOnlySpan<string> words)
        {
            foreach (var word in words)
            {
                if (row.Kind.Contains(word, StringComparison.OrdinalIgnoreCase))
                {
                    return true;
                }
            }

            return false;
        }

        bool IsOf(string part) => row.Of.Length == 0 || row.Of == part;
        var tails = geometry.Lifting.Where(l => l.Role is "tail" or "foreplane" && IsOf(l.Id));
        var fins = geometry.Fins.Select((f, i) => (Fin: f, Part: geometry.FinPart(i))).Where(f => IsOf(f.Part));
        var motors = sheet.Power.Motors.Where(m => IsOf(m.Id));
        string Name(string unsaid) => row.Of.Length > 0 ? Texts.Capital(geometry.Called(row.Of)) : unsaid;
        Truth[] meant = row.Kind switch
        {
            _ when IsDiagonal(row) => TruthShapes.Diagonals(sheet, Says("nose")) is { } one ? [one] : [],
            _ when Says("tilt", "level") => [.. tails.Select(t => TruthShapes.Tilt(sheet, t))],
            _ when Says("dihedral") => geometry.Lifting.FirstOrDefault(l => l.Role == "wing" && IsOf(l.Id)) is { } wing
                ? [TruthShapes.Dihedral(wing, "left"), TruthShapes.Dihedral(wing, "right")]
                : [],
            _ when Says("incidence") && Says("against") => Wings(sheet) is [{ } first, { } second, ..]
                ? [TruthShapes.Against(first, second)]
                : [],
            _ when Says("incidence") =>
            [
                .. geometry
                    .Lifting.Where(l => row.Of.Length > 0 ? IsOf(l.Id) : l.Role != "wing")
                    .Select(TruthShapes.Incidence),
            ],
            _ when Says("hinge force") =>
            [
                .. sheet
                    .Surfaces.Where(s => row.Of.Length == 0 || Places.IsNamed(row.Of, s.Id))
                    .Select(s => TruthShapes.HingeForce(sheet, s)),
            ],
            _ when Says("toe") => [.. fins.Select(f => TruthShapes.Toe(f.Fin, f.Part))],
            _ when Says("cant") => [.. fins.Select(f => TruthShapes.Cant(f.Fin, f.Part))],
            _ when Says("upright") && Says("fin") => [.. fins.Select(f => TruthShapes.Upright(sheet, f.Fin, f.Part))],
            _ when Says("thrust") && Says("down") => [.. motors.Select(m => TruthShapes.DownThrust(sheet, m))],
            _ when Says("thrust") => [.. motors.Select(m => TruthShapes.RightThrust(sheet, m))],
            _ when Says("protrusion", "sticks out") => [TruthShapes.Protrusion(row.Of, Name("Spar"))],
            _ when Says("lines") => [TruthShapes.Lines(row.Of, Name("Panels"))],
            _ when Says("horn") && Says("line") => Horns(sheet, row) is { Length: > 0 } horns
                ? horns
                : [TruthShapes.HornLine(row.Of, Name("Horns"))],
            _ when Says("horn") => [TruthShapes.HornSquare(row.Of, Name("Horns"))],
            _ => [],
        };
        return meant.Length > 0 ? meant : [TruthShapes.Plain(row.Kind, row.Of)];
    }

    // Of the surfaces it names; of none in particular, of each whose rod its steps close.
    private static Truth[] Horns(SpecSheet sheet, TruthRow row) =>
        [
            .. (
                row.Of.Length > 0
                    ? sheet.Surfaces.Where(s => Places.IsNamed(row.Of, s.Id))
                    : sheet
                        .Steps.Where(s => row.At.Contains(s.Id) || row.At.Contains(MirroredSteps.WholeOf(s.Id)))
                        .SelectMany(s => ClosedRods.By(sheet, s))
                        .Distinct()
            ).Select(TruthShapes.HornLine),
        ];

    // The upper one first.
    private static LiftingSurface[] Wings(SpecSheet sheet) =>
        [.. sheet.Geometry.Lifting.Where(l => l.Role == "wing").OrderByDescending(l => l.Height)];
}
