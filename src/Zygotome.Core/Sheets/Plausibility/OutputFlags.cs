using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Plausibility;

/// <summary>Outputs and positions: what is wanting of them, and what hardly fits together.</summary>
internal static class OutputFlags
{
    public static IEnumerable<Flag> Of(SpecSheet sheet) => [.. Positions(sheet), .. Order(sheet), .. Wheels(sheet)];

    // A position is whole when it says where every surface of its command stands, and how long that takes.
    private static IEnumerable<Flag> Positions(SpecSheet sheet)
    {
        foreach (var (position, i) in sheet.Positions.Select((p, i) => (p, i)))
        {
            var named = position.Moves.SelectMany(m => sheet.Named(m.Surfaces)).Select(s => s.Id).ToHashSet();
            var left = sheet
                .Surfaces.Where(s => s.Functions.Contains(position.Function) && !named.Contains(s.Id))
                .Select(s => s.Name.ToLowerInvariant())
                .ToArray();
            if (left.Length > 0)
            {
                yield return Flag.Of(
                    "position-wants",
                    $"$.positions[{i}].name",
                    position.Name,
                    $"{Texts.Capital(position.Function)} position {position.Name} does not say where "
                        + $"{string.Join(" and ", left)} stand{(left.Length == 1 ? "s" : "")}."
                );
            }

            if (position.Says(OutputFields.Position.Seconds) is Printed<Quantity>.NotStated { LookedFor: false })
            {
                yield return Flag.Of(
                    "position-seconds",
                    $"$.positions[{i}].seconds",
                    position.Name,
                    $"How long {position.Function} takes to {position.Name} is not said: at once, or slowly?"
                );
            }

            foreach (var (move, k) in position.Moves.Select((m, k) => (m, k)))
            {
                if (move.To.Undisputed is { Way: null } to && to.Nominal != 0)
                {
                    yield return Flag.Of(
                        "position-way",
                        $"$.positions[{i}].moves[{k}].to",
                        to.Text,
                        $"\"{to.Text}\" has no way: up or down?"
                    );
                }
            }
        }

        foreach (var name in sheet.Throws.Where(t => t.Position.Length > 0).Select(t => t.Position).Distinct())
        {
            if (sheet.Positions.Length > 0 && sheet.Positions.All(p => p.Name != name))
            {
                var i = sheet.Throws.Select((t, i) => (t, i)).First(t => t.t.Position == name).i;
                yield return Flag.Of(
                    "position-unlisted",
                    $"$.throws[{i}].position",
                    name,
                    $"The throws have a position {name}, the positions have none of that name."
                );
            }
        }
    }

    // A middle position moves less than the one after it.
    private static IEnumerable<Flag> Order(SpecSheet sheet)
    {
        (string Small, string Large)[] pairs = [("mid", "full"), ("half", "full"), ("take-off", "landing")];
        foreach (var (small, large) in pairs)
        {
            var (a, b) = (
                sheet.Positions.Select((p, i) => (Position: p, Index: i)).FirstOrDefault(p => p.Position.Name == small),
                sheet.Positions.FirstOrDefault(p => p.Name == large)
            );
            if (a.Position is null || b is null || a.Position.Function != b.Function)
            {
                continue;
            }

            foreach (var (move, k) in a.Position.Moves.Select((m, k) => (m, k)).Where(m => !m.m.Mixed))
            {
                if (
                    move.To.Undisputed is { } less
                    && b.Moves.FirstOrDefault(m => m.Surfaces == move.Surfaces)?.To.Undisputed is { } more
                    && less.Dimension == more.Dimension
                    && Math.Abs(less.Nominal) >= Math.Abs(more.Nominal)
                )
                {
                    yield return Flag.Of(
                        "position-order",
                        $"$.positions[{a.Index}].moves[{k}].to",
                        less.Text,
                        $"{move.Surfaces} {small} ({less.Text}) is not less than {large} ({more.Text}); the two may be "
                            + "exchanged."
                    );
                }
            }
        }
    }

    // What steers or goes in is moved by something.
    private static IEnumerable<Flag> Wheels(SpecSheet sheet)
    {
        foreach (var (wheel, i) in sheet.Geometry.Wheels.Select((w, i) => (w, i)))
        {
            var by = sheet.Outputs.Where(o => wheel.Id.Length > 0 && o.Wheels.Contains(wheel.Id)).ToArray();
            if (wheel.Steered && by.All(o => o.Kind != OutputKind.Steering))
            {
                yield return Flag.Of(
                    "steered-by",
                    $"$.geometry.wheels[{i}].steered",
                    wheel.Name,
                    $"The {wheel.Name} is steered, and no output steers it: nobody would call it."
                );
            }

            if (wheel.Retracts && by.All(o => o.Kind != OutputKind.Retract))
            {
                yield return Flag.Of(
                    "retracted-by",
                    $"$.geometry.wheels[{i}].retracts",
                    wheel.Name,
                    $"The {wheel.Name} goes in, and no output moves it: nobody would call it."
                );
            }
        }
    }
}
