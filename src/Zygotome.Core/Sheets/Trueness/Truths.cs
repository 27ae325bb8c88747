using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Trueness;

/// <summary>
/// What of an airframe has to stand true: what the sheet has a limit for, what its geometry says of incidence, toe,
/// cant and thrust line, and what every structural joint of tail, fin, wing or spar, every hinge that is worked
/// free and every horn has to be read for, by the shop's limits.
/// </summary>
public static class Truths
{
    /// <summary>All of a sheet, in its order; each id once, the sheet's own words before the shop's.</summary>
    public static ImmutableArray<Truth> Of(SpecSheet sheet) => sheet.Once(Made.Of).All;

    /// <summary>Of this id; null when there is none.</summary>
    public static Truth? Find(SpecSheet sheet, string id) => Of(sheet).FirstOrDefault(t => t.Id == id);

    /// <summary>What can still be moved while a step is under way.</summary>
    public static IEnumerable<Truth> At(SpecSheet sheet, string step) => Of(sheet).Where(t => t.Steps.Contains(step));

    private sealed record Made(ImmutableArray<Truth> All)
    {
        public static Made Of(SpecSheet sheet) =>
            new([
                .. Stated(sheet)
                    .Concat(OfGeometry(sheet))
                    .Concat(OfJoints(sheet))
                    .Concat(OfHinges(sheet))
                    .Concat(OfHorns(sheet))
                    .DistinctBy(t => t.Id, StringComparer.Ordinal),
            ]);
    }

    private static IEnumerable<Truth> Stated(SpecSheet sheet) =>
        sheet.TruthRows.SelectMany(row => TruthWords.Of(sheet, row));

    // What the geometry says in figures is read where its part is joined.
    private static IEnumerable<Truth> OfGeometry(SpecSheet sheet)
    {
        foreach (var lifting in sheet.Geometry.Lifting)
        {
            if (lifting.Incidence.Counts is { } incidence)
            {
                yield return TruthShapes.Incidence(lifting) is var at
                    ? At(sheet, at, lifting.Id) with
                    {
                        Band = Limits(incidence, 0.5, "°", out var shops),
                        Said = incidence.Text,
                        Shops = shops,
                        Path = $"{lifting.Path}.incidence",
                    }
                    : at;
            }
        }

        foreach (var (fin, i) in sheet.Geometry.Fins.Select((f, i) => (f, i)))
        {
            var part = sheet.Geometry.FinPart(i);
            if (fin.Toe.Counts is { } toe)
            {
                yield return At(sheet, TruthShapes.Toe(fin, part), part) with
                {
                    Band = Limits(toe, 1, toe.Dimension == Dimension.Angle ? "°" : "mm", out var shops),
                    Said = toe.Text,
                    Shops = shops,
                    Path = $"{fin.Path}.toe",
                };
            }

            if (fin.Cant.Counts is { } cant)
            {
                yield return At(sheet, TruthShapes.Cant(fin, part), part) with
                {
                    Band = Limits(cant, 0.5, "°", out var shops),
                    Said = cant.Text,
                    Shops = shops,
                    Path = $"{fin.Path}.cant",
                };
            }
        }

        foreach (var motor in sheet.Power.Motors)
        {
            (Printed<Quantity> Says, Truth Truth, string Field)[] thrusts =
            [
                (motor.RightThrust, TruthShapes.RightThrust(sheet, motor), "right"),
                (motor.DownThrust, TruthShapes.DownThrust(sheet, motor), "down"),
            ];
            foreach (var (says, truth, field) in thrusts)
            {
                if (says.Counts is { } degrees)
                {
                    yield return At(sheet, truth, $"motor-{motor.Id}") with
                    {
                        Band = Limits(degrees, 0.5, "°", out var shops),
                        Said = degrees.Text,
                        Shops = shops,
                        Path = $"{motor.Path}.thrustLine.{field}",
                    };
                }
            }
        }
    }

    // Where the sheet has no limit, what is glued is read all the same: by the shop's.
    private static IEnumerable<Truth> OfJoints(SpecSheet sheet) =>
        from step in sheet.Steps
        where (step.Bond is { Kind: "structural" } && step.Repairs.Length == 0) || TailOnScrews.Holds(step)
        from truth in TruthShapes.OfJoint(sheet, step)
        select At(sheet, truth, truth.Part);

    // Hinges that are worked free are weighed against what drives them, where the sheet says how strong that is.
    private static IEnumerable<Truth> OfHinges(SpecSheet sheet) =>
        from step in sheet.Steps
        where step.Kind == "hinges"
        from surface in sheet.Surfaces
        where step.WorksOn.IsEmpty || step.WorksOn.Any(w => Places.IsNamed(w, surface.Id))
        let force = TruthShapes.HingeForce(sheet, surface)
        where force.Band is not null
        select force with
        {
            Steps = [step.Id],
        };

    // A horn that is put on stands in line with its arm before it is fast, whatever the sheet says of it.
    private static IEnumerable<Truth> OfHorns(SpecSheet sheet) =>
        from put in sheet
            .Steps.Where(s => PutsHorns(sheet, s))
            .SelectMany(s => ClosedRods.By(sheet, s).Select(f => (s, f)))
        group put.s.Id by put.f into at
        select TruthShapes.HornLine(at.Key) with
        {
            Steps = [.. at],
        };

    /// <summary>Whether a step puts horns on: its title says so, or a part of the box that goes into it.</summary>
    public static bool PutsHorns(SpecSheet sheet, StepSpec step) =>
        step.Repairs.Length == 0
        && step.Parts.Keys.Select(p => sheet.Part(p)?.Name ?? p)
            .Append(step.Title)
            .Any(words => words.Contains("horn", StringComparison.OrdinalIgnoreCase));

    /// <summary>
    /// With the joints at which it can be moved: what bonds or screws its part, and no propeller. Of what no step puts
    /// on, such as a mount that the factory glued in, whatever works on it and says that it moves what is true.
    /// </summary>
    internal static Truth At(SpecSheet sheet, Truth truth, string part)
    {
        var hands = sheet
            .Steps.Where(s => s.Kind != "propeller" && s.Readies.Length == 0 && !s.Needs.Unpowered)
            .Where(s => IsOnSide(s, part))
            .ToArray();
        static bool IsTrueness(Aspect a) => a.Kind == AspectKind.Trueness;
        bool Names(ImmutableArray<string> parts) => parts.Any(p => Places.IsNamed(p, part));
        var fit = hands.Where(s => Names(s.Fits)).ToArray();
        return truth with
        {
            Steps =
            [
                .. (fit.Length > 0 ? fit : hands.Where(s => Names(s.WorksOn) && s.Disturbs.Any(IsTrueness))).Select(s =>
                    s.Id
                ),
            ],
        };
    }

    /// <summary>Whether a step is of both sides, of a part in the middle, or of the part's own side.</summary>
    internal static bool IsOnSide(StepSpec step, string part) =>
        step.Side.Length == 0 || Places.SideOf(part) is "" || Places.SideOf(part) == step.Side;

    /// <summary>
    /// The limits of what is printed; a value without a tolerance is taken to the shop's, and said to be.
    /// </summary>
    internal static Band Limits(Quantity said, double within, string unit, out bool shops)
    {
        shops = said.Form == QuantityForm.Single;
        return shops
            ? new Band((double)said.Nominal - within, (double)said.Nominal + within, unit)
            : Band.Of(said.Low, said.High, unit);
    }
}
