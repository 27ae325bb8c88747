using Zygotome.Core.Jobs;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.SpecSheets;

/// <summary>What must hang together across a sheet: ids once, references that lead somewhere, a step graph without cycles.</summary>
internal static class SheetChecks
{
    public static void Check(SheetNode root, SpecSheet sheet)
    {
        Once(root["surfaces"], sheet.Surfaces.Select(s => s.Id));
        Once(root["parts"], sheet.Parts.Select(p => p.Id));
        Once(root["steps"], sheet.Steps.Select(s => s.Id));
        Once(root["geometry"]["lifting"], sheet.Geometry.Lifting.Select(l => l.Id));
        Surfaces(root["surfaces"], sheet);
        Rows(root["throws"], sheet, sheet.Throws.Select(t => t.Surfaces));
        Rows(root["neutral"], sheet, sheet.Neutral.Select(t => t.Surfaces));
        Commands(root["throws"], sheet);
        Steps(root["steps"], sheet);
        Cycle(root["steps"], sheet);
    }

    private static SheetNode At(SheetNode list, int i) => list with { Path = $"{list.Path}[{i}]" };

    private static void Once(SheetNode list, IEnumerable<string> ids)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        foreach (var (id, i) in ids.Select((id, i) => (id, i)))
        {
            if (id.Length > 0 && !seen.Add(id))
            {
                At(list, i)["id"].Wrong($"\"{id}\" stands here a second time.");
            }
        }
    }

    private static void Surfaces(SheetNode list, SpecSheet sheet)
    {
        foreach (var (surface, i) in sheet.Surfaces.Select((s, i) => (s, i)))
        {
            var on =
                surface.On.Length == 0
                || sheet.Geometry.Find(surface.On) is not null
                || (surface.On.StartsWith("fin", StringComparison.Ordinal) && sheet.Geometry.Fins.Length > 0);
            if (!on)
            {
                At(list, i)["on"].Wrong($"There is no \"{surface.On}\" in the geometry.");
            }

            if (surface.To <= surface.From || surface.From < 0 || surface.To > 1)
            {
                At(list, i)["to"]
                    .Wrong("A surface runs from a smaller to a larger share of the half span, within 0 to 100 %.");
            }
        }
    }

    private static void Rows(SheetNode list, SpecSheet sheet, IEnumerable<string> named)
    {
        foreach (var (name, i) in named.Select((n, i) => (n, i)))
        {
            if (name.Length > 0 && !sheet.Named(name).Any())
            {
                At(list, i)["surfaces"].Wrong($"No surface is called \"{name}\" or is of that kind.");
            }
        }
    }

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
                            $"{surface.Name} is moved by {string.Join(" and ", surface.Functions)}; say which command this throw is for."
                        );
                    break;
                }

                if (row.Function.Length > 0 && row.Function != "combined" && !surface.Functions.Contains(row.Function))
                {
                    At(list, i)["function"].Wrong($"{surface.Name} is not moved by {row.Function}.");
                    break;
                }
            }

            foreach (var (way, value) in row.Ways)
            {
                if (value.Taken is { } q && (q.High <= 0 || q.Low < 0) && q.Form != QuantityForm.Descending)
                {
                    At(list, i)[way.ToString().ToLowerInvariant()]
                        .Wrong($"\"{q.Text}\": a throw is counted from neutral and is more than nothing.");
                }
            }
        }
    }

    private static void Steps(SheetNode list, SpecSheet sheet)
    {
        foreach (var (step, i) in sheet.Steps.Select((s, i) => (s, i)))
        {
            foreach (var (before, k) in step.After.Select((a, k) => (a, k)))
            {
                if (sheet.Step(before) is null)
                {
                    At(At(list, i)["after"], k).Wrong($"There is no step \"{before}\".");
                }
            }

            foreach (var part in step.Parts.Keys)
            {
                if (sheet.Part(part) is null)
                {
                    At(list, i)["parts"][part].Wrong($"There is no part \"{part}\" in the parts list.");
                }
            }

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
