using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Sheets.Trueness;

namespace Zygotome.Core.Sheets;

/// <summary>
/// What must hang together across a sheet: ids once, references that lead somewhere, a step graph without cycles.
/// </summary>
internal static class SheetChecks
{
    public static void Check(SheetNode root, SpecSheet sheet)
    {
        Once(root["surfaces"], sheet.Surfaces.Select(s => s.Id));
        Once(root["parts"], sheet.Parts.Select(p => p.Id));
        Once(root["steps"], sheet.Steps.Select(s => s.Id));
        Once(root["geometry"]["lifting"], sheet.Geometry.Lifting.Select(l => l.Id));
        Once(root["geometry"]["ballastStations"], sheet.Geometry.BallastStations.Select(s => s.Name), "name");
        Once(root["balance"]["configurations"], sheet.Balance.Configurations, c => c.Name);
        Once(root["positions"], sheet.Positions, p => $"{p.Function} {p.Name}");
        Once(root["outputs"], sheet.Outputs.Select(o => o.Id));
        Once(root["kit"]["options"], sheet.Kit.Options.Select(o => o.Id));
        Once(root["geometry"]["fins"], sheet.Geometry.Fins.Select(f => f.Id));
        Once(root["geometry"]["wheels"], sheet.Geometry.Wheels.Select(w => w.Id));
        Once(root["geometry"]["places"], sheet.Geometry.Placed.Select(p => p.Id));
        Once(root["wiring"]["boards"], sheet.Boards.Select(b => b.Id));
        Once(root["power"]["motors"], sheet.Power.Motors.Select(m => m.Id));
        Once(root["power"]["controllers"], sheet.Power.Controllers.Select(c => c.Id));
        Once(root["servos"], sheet.Servos.Select(s => s.Id));
        Once(root["wiring"]["leads"], sheet.Leads.Select(l => l.Id));
        Once(root["rates"], sheet.Rates.Select(r => r.Name), "name");
        RowsOnce(root["throws"], sheet.Throws, t => Asked(sheet, t));
        RowsOnce(root["neutral"], sheet.Neutral, n => sheet.Named(n.Surfaces).Select(s => s.Name));
        RowsOnce(root["holes"], sheet.Holes, h => sheet.Named(h.Surfaces).Select(s => s.Name));
        Bay(root, sheet);
        Surfaces(root["surfaces"], sheet);
        Lead(root, sheet);
        Functions(root["surfaces"], sheet);
        Commands(root["throws"], sheet);
        Angles(root["throws"], sheet);
        Steps(root["steps"], sheet);
        Fins(root["geometry"]["fins"], sheet);
        Outputs(root["outputs"], sheet);
        Options(root, sheet);
        Cycle(root["steps"], sheet);
        True(root["trueness"], sheet);
    }

    private static void True(SheetNode list, SpecSheet sheet)
    {
        foreach (var (row, i) in sheet.TruthRows.Select((r, i) => (r, i)))
        {
            if (row.Limit.Length > 0 && TruthWords.Limit(row.Limit) is null)
            {
                CautionFields
                    .Trueness.Limit.At(At(list, i))
                    .Wrong($"\"{row.Limit}\" is no limit: write a length or an angle, such as \"± 4 mm\".");
            }
        }
    }

    private static void Bay(SheetNode root, SpecSheet sheet)
    {
        if (sheet.Geometry.Bay is { } bay && bay.To <= bay.From)
        {
            GeometryFields.BayTo.At(root).Wrong("The bay must end aft of where it begins.");
        }
    }

    private static SheetNode At(SheetNode list, int i) => list with { Path = $"{list.Path}[{i}]" };

    private static void Once(SheetNode list, IEnumerable<string> ids, string field = "id")
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        foreach (var (id, i) in ids.Select((id, i) => (id, i)))
        {
            if (id.Length > 0 && !seen.Add(id))
            {
                At(list, i)[field].Wrong($"\"{id}\" stands here a second time.");
            }
        }
    }

    // Of what has a name of its own in each way the kit is built.
    private static void Once<T>(SheetNode list, ImmutableArray<T> rows, Func<T, string> name)
        where T : SheetObject
    {
        foreach (var (row, i) in rows.Select((r, i) => (r, i)))
        {
            if (rows.Take(i).Any(before => name(before) == name(row) && !KitChoices.Exclude(before, row)))
            {
                At(list, i)["name"].Wrong($"\"{name(row)}\" stands here a second time.");
            }
        }
    }

    // A row names surfaces one by one or by their kind: what counts is what it asks of each.
    private static void RowsOnce<T>(SheetNode list, ImmutableArray<T> rows, Func<T, IEnumerable<string>> asks)
        where T : SheetObject
    {
        var seen = new Dictionary<string, List<T>>(StringComparer.Ordinal);
        foreach (var (row, i) in rows.Select((r, i) => (r, i)))
        {
            // All of them are remembered; one that was asked before is named.
            var again = "";
            foreach (var asked in asks(row))
            {
                var before = seen.GetValueOrDefault(asked) ?? (seen[asked] = []);
                again = again.Length == 0 && before.Any(b => !KitChoices.Exclude(b, row)) ? asked : again;
                before.Add(row);
            }

            if (again.Length > 0)
            {
                At(list, i).Wrong($"{again} stands in a row before this one.");
            }
        }
    }

    private static void Fins(SheetNode list, SpecSheet sheet)
    {
        foreach (var (fin, i) in sheet.Geometry.Fins.Select((f, i) => (f, i)))
        {
            if (fin.Id.Length > 0 && !Places.IsNamed(Places.Fin, fin.Id))
            {
                At(list, i)["id"].Wrong($"A fin's id begins with {Places.Fin}, as in fin-left.");
            }
        }
    }

    private static void Outputs(SheetNode list, SpecSheet sheet)
    {
        foreach (var (output, i) in sheet.Outputs.Select((o, i) => (o, i)))
        {
            if (output.Kind == OutputKind.DifferentialThrust && output.Motors.Distinct().Count() < 2)
            {
                At(list, i)["of"].Wrong("Thrust differs between two motors at least: name them, left and right.");
            }

            if (sheet.Positions.Any(p => p.Function == output.Id))
            {
                At(list, i)["id"].Wrong($"\"{output.Id}\" has positions of its own; call this output otherwise.");
            }

            foreach (var (position, _) in output.Expect.Where(e => string.IsNullOrWhiteSpace(e.Value)))
            {
                At(list, i)["expect"][position].Wrong($"Say what must be seen at \"{position}\".");
            }
        }
    }

    private static void Options(SheetNode root, SpecSheet sheet)
    {
        foreach (var (option, i) in sheet.Kit.Options.Select((o, i) => (o, i)))
        {
            var at = At(root["kit"]["options"], i);
            if (option.Choices.Distinct().Count() < 2 || option.Choices.Distinct().Count() < option.Choices.Length)
            {
                at["choices"].Wrong("An option has two choices or more, each once.");
            }

            if (option.Default.Length > 0 && !option.Choices.Contains(option.Default))
            {
                at["default"].Wrong($"\"{option.Default}\" is none of its choices.");
            }
        }

        var options = sheet.Kit.Options.DistinctBy(o => o.Id).ToDictionary(o => o.Id, StringComparer.Ordinal);
        foreach (var row in sheet.Pages.SelectMany(p => p.All))
        {
            foreach (var (id, choice) in row.When)
            {
                if (options.TryGetValue(id, out var option) && !option.Choices.Contains(choice))
                {
                    (root with { Path = $"{row.Path}.when.{id}" }).Wrong(
                        $"\"{choice}\" is no choice of {option.Name}; {string.Join(", ", option.Choices)} are."
                    );
                }
            }
        }
    }

    private static IEnumerable<string> Asked(SpecSheet sheet, ThrowRow row) =>
        from surface in sheet.Named(row.Surfaces)
        from way in row.Ways
        let function = row.Function.Length > 0 ? row.Function : surface.Functions.FirstOrDefault("")
        let rate = row.Position.Length > 0 ? row.Position : row.Rate
        select $"{surface.Name}, {function} {way.Way.Word()} at {rate}";

    private static void Functions(SheetNode list, SpecSheet sheet)
    {
        foreach (var (surface, i) in sheet.Surfaces.Select((s, i) => (s, i)))
        {
            var at = At(list, i);
            if (surface.Functions.Length == 0)
            {
                at["functions"].Wrong($"Nothing moves this surface; known are {SurfaceFunctions.Listed}.");
            }

            foreach (var (function, k) in surface.Functions.Select((f, k) => (f, k)))
            {
                if (surface.Functions.IndexOf(function) < k)
                {
                    At(at["functions"], k).Wrong($"\"{function}\" stands here a second time.");
                }

                if (function.Length > 0 && !SurfaceFunctions.All.Contains(function))
                {
                    // One function is written by itself, several as a list.
                    var place = surface.Functions.Length == 1 ? at["function"] : At(at["functions"], k);
                    place.Wrong($"\"{function}\" moves no surface; known are {SurfaceFunctions.Listed}.");
                }
            }
        }
    }

    private static void Angles(SheetNode list, SpecSheet sheet)
    {
        foreach (var (row, i) in sheet.Throws.Select((r, i) => (r, i)))
        {
            if ((row.Measure ?? sheet.Defaults.Measure) != ThrowMeasure.Angle)
            {
                continue;
            }

            foreach (var (way, value) in row.Ways.Where(w => w.Value.Undisputed?.Dimension == Dimension.Length))
            {
                At(list, i)[way.Word()]
                    .Wrong(
                        $"\"{value.Undisputed!.Text}\" is a length, but this table is said to be measured as an angle."
                    );
            }
        }
    }

    // Every name leads somewhere; what leads nowhere may have dropped a step or an interlock.
    private static void Lead(SheetNode root, SpecSheet sheet)
    {
        foreach (var (path, to, name) in sheet.Pages.SelectMany(p => p.References))
        {
            if (name.Length > 0 && !to.Leads(sheet, name))
            {
                (root with { Path = path }).Wrong($"There is no {to.Noun} \"{name}\".");
            }
        }
    }

    private static void Surfaces(SheetNode list, SpecSheet sheet)
    {
        foreach (var (surface, i) in sheet.Surfaces.Select((s, i) => (s, i)))
        {
            if (
                surface.ComparedWith.Length > 0
                && sheet.Surface(surface.ComparedWith) is { } other
                && !AcrossFrom(surface, other, sheet)
            )
            {
                At(list, i)["pair"]
                    .Wrong(
                        $"{surface.Name} cannot be compared with {other.Name}: it is with one on the other side, and "
                            + "each with one alone."
                    );
            }

            if (surface.To <= surface.From || surface.From < 0 || surface.To > 1)
            {
                At(list, i)["to"]
                    .Wrong("A surface runs from a smaller to a larger share of the half span, within 0 to 100 %.");
            }
        }
    }

    private static bool AcrossFrom(Surface one, Surface other, SpecSheet sheet) =>
        (one.Side, other.Side) is ("left", "right") or ("right", "left")
        && (other.ComparedWith.Length == 0 || other.ComparedWith == one.Id)
        && sheet.Surfaces.All(s => s.Id == one.Id || s.ComparedWith != other.Id);

    private static void Commands(SheetNode list, SpecSheet sheet)
    {
        foreach (var (row, i) in sheet.Throws.Select((r, i) => (r, i)))
        {
            foreach (var surface in sheet.Named(row.Surfaces))
            {
                if (row.Function.Length == 0 && surface.Functions.Length > 1)
                {
                    At(list, i)["function"]
                        .Wrong(
                            $"{surface.Name} is moved by {string.Join(" and ", surface.Functions)}; say which "
                                + $"command this throw is for."
                        );
                    break;
                }

                if (
                    row.Function.Length > 0
                    && row.Function != SurfaceFunctions.Combined
                    && !surface.Functions.Contains(row.Function)
                )
                {
                    At(list, i)["function"].Wrong($"{surface.Name} is not moved by {row.Function}.");
                    break;
                }
            }

            foreach (var (way, value) in row.Ways)
            {
                if (value.Undisputed is { } q && (q.High <= 0 || q.Low < 0))
                {
                    At(list, i)[way.Word()]
                        .Wrong($"\"{q.Text}\": a throw is counted from neutral and is more than nothing.");
                }
            }
        }
    }

    private static void Steps(SheetNode list, SpecSheet sheet)
    {
        foreach (var (step, i) in sheet.Steps.Select((s, i) => (s, i)))
        {
            foreach (var (aspect, k) in step.Disturbs.Select((a, k) => (a, k)))
            {
                if (
                    Aspect.HasSurface(aspect.Kind)
                    && aspect.Surface is not (Aspect.Every or null or "")
                    && sheet.Surface(aspect.Surface) is null
                )
                {
                    At(At(list, i)["disturbs"], k).Wrong($"There is no surface \"{aspect.Surface}\".");
                }
            }
        }
    }

    private static void Cycle(SheetNode list, SpecSheet sheet)
    {
        var done = new HashSet<string>(StringComparer.Ordinal);
        var trail = new List<string>();
        foreach (var step in sheet.Steps)
        {
            if (Walk(step.Id) is { } cycle)
            {
                list.Wrong($"These steps wait for each other in a circle: {string.Join(" after ", cycle)}.");
                return;
            }
        }

        List<string>? Walk(string id)
        {
            if (done.Contains(id))
            {
                return null;
            }

            var at = trail.IndexOf(id);
            if (at >= 0)
            {
                return [.. trail[at..], id];
            }

            trail.Add(id);
            foreach (var before in sheet.Step(id)?.After ?? [])
            {
                if (Walk(before) is { } cycle)
                {
                    return cycle;
                }
            }

            trail.RemoveAt(trail.Count - 1);
            done.Add(id);
            return null;
        }
    }
}
