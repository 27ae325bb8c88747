using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Wire;

/// <summary>Everything of an aircraft that a signal must reach.</summary>
public static class Consumers
{
    /// <summary>In the order of the sheet: servos, controllers, other outputs, functions that move nothing.</summary>
    public static ImmutableArray<Consumer> Of(SpecSheet sheet) => sheet.Once(s => new All(s)).Of;

    private sealed class All(SpecSheet sheet)
    {
        public ImmutableArray<Consumer> Of { get; } =
        [.. Servos(sheet).Concat(Controllers(sheet)).Concat(Outputs(sheet)).Concat(Rest(sheet)).DistinctBy(c => c.Id)];
    }

    private static IEnumerable<Consumer> Servos(SpecSheet sheet)
    {
        foreach (var servo in sheet.Servos)
        {
            var surfaces = servo.Drives.Select(sheet.Surface).OfType<Surface>().ToArray();
            var outputs = servo.Drives.Select(sheet.Output).OfType<OutputSpec>().ToArray();
            var command =
                surfaces.FirstOrDefault() is { } first ? CommandOf(sheet, first)
                : outputs.FirstOrDefault() is { Function.Length: > 0 } output ? output.Function
                : servo.Drives.FirstOrDefault() ?? servo.Id;
            string[] moves = [.. Named(surfaces), .. outputs.Select(o => o.Name)];
            yield return new Consumer(servo.Id, moves.Length > 0 ? Said(moves) : servo.Id, command)
            {
                Turn = Turn(sheet, servo, surfaces, outputs),
                Unit = surfaces.Length > 0 ? command : servo.Id,
                IsVital = surfaces.Length > 0 || outputs.Length == 0 || outputs.Any(o => o.IsVital),
                Stall = ReceiverLoad.Of(servo).Stall,
                Moves = [.. surfaces.Select(s => s.Id), .. outputs.Select(o => o.Id)],
                Side = surfaces.Select(s => s.Side).Distinct().ToArray() is [var side] ? side : "",
            };
        }
    }

    // Both halves of an elevator are "Elevator", both ailerons of a side "Left ailerons".
    private static IEnumerable<string> Named(Surface[] surfaces)
    {
        var sides = surfaces.Select(s => s.Side).Distinct().ToArray();
        return surfaces.SelectMany(s => s.Functions).Distinct().ToArray() is [var function] && surfaces.Length > 1
            ? sides switch
            {
                ["left" or "right"] => [Texts.Capital($"{sides[0]} {function}s")],
                [_, _] when !sides.Contains("") => [Texts.Capital(function)],
                _ => surfaces.Select(s => s.Name),
            }
            : surfaces.Select(s => s.Name);
    }

    // A surface of one command takes that; a mixed one the channel that is its own.
    private static string CommandOf(SpecSheet sheet, Surface surface) =>
        surface.Functions is [var one] ? one
        : sheet.Radio.Functions.FirstOrDefault(f =>
            Channels.Leads(sheet, f).Surfaces is [var only] && only.Id == surface.Id
        )
            is { } own
            ? own
        : $"{surface.Kind} {surface.Side}".Trim();

    // What a rising signal does, against what its command asks of it.
    private static int? Turn(SpecSheet sheet, ServoSpec servo, Surface[] surfaces, OutputSpec[] outputs)
    {
        var high = servo.Get(RadioFields.Servo.HighSignal).ToLowerInvariant();
        var wanted =
            surfaces.Length > 0 && surfaces[0].Functions is [var function, ..]
                ? Movements.Natural(sheet, surfaces[0], function)
            : outputs.Any(o => o.Kind == OutputKind.Steering) ? Movement.Right
            : Movement.None;
        return (high, wanted) switch
        {
            ("up" or "out", Movement.Up or Movement.Out) or ("down", Movement.Down) or ("right", Movement.Right) => 1,
            ("up", Movement.Down) or ("down" or "in", Movement.Up or Movement.Out) or ("left", Movement.Right) => -1,
            _ => null,
        };
    }

    // Motors steered by their difference have each their own channel; else all hear one throttle.
    private static IEnumerable<Consumer> Controllers(SpecSheet sheet)
    {
        var apart = sheet
            .Outputs.Where(o => o.Kind == OutputKind.DifferentialThrust)
            .SelectMany(o => o.Motors)
            .ToHashSet(StringComparer.Ordinal);
        foreach (var on in sheet.Power.Motors.GroupBy(m => m.Controller.Length > 0 ? m.Controller : "controller"))
        {
            var motors = on.ToArray();
            var own = motors.Length == 1 && apart.Contains(motors[0].Id);
            yield return new Consumer(
                on.Key,
                motors.Length == 1 && motors[0].Id != "main" && sheet.Power.Motors.Length > 1
                    ? $"Controller of motor {motors[0].Id}"
                    : "Controller",
                own ? $"throttle {motors[0].Id}" : "throttle"
            )
            {
                Turn = 1,
                Unit = on.Key,
                Moves = [.. motors.Select(m => $"motor-{m.Id}")],
                Side = motors is [var m]
                    ? (
                        m.Y < 0 ? "left"
                        : m.Y > 0 ? "right"
                        : ""
                    )
                    : "",
                IsController = true,
            };
        }
    }

    // What no servo drives: a light, a retract unit, and what a controller hears on a second lead.
    private static IEnumerable<Consumer> Outputs(SpecSheet sheet)
    {
        foreach (var output in sheet.Outputs.Where(o => !sheet.Servos.Any(s => s.Drives.Contains(o.Id))))
        {
            var controllers = output
                .Motors.Select(id => sheet.Power.Motors.FirstOrDefault(m => m.Id == id)?.Controller ?? "")
                .Distinct()
                .ToArray();
            if (output.Kind == OutputKind.DifferentialThrust && controllers.Length > 1)
            {
                continue;
            }

            var name = output.TurnsMotors ? $"{output.Name}, to the controller" : output.Name;
            yield return new Consumer(output.Id, name, output.Function.Length > 0 ? output.Function : output.Id)
            {
                Turn = output.Kind == OutputKind.Light ? 1 : null,
                Unit = output.Id,
                IsVital = output.IsVital,
                Moves = [output.Id],
            };
        }
    }

    // A channel that leads to nothing that moves is still plugged somewhere.
    private static IEnumerable<Consumer> Rest(SpecSheet sheet) =>
        from function in sheet.Radio.Functions.Distinct()
        let reach = Channels.Leads(sheet, function)
        where reach.Surfaces.IsEmpty && reach.Motors.IsEmpty && reach.Outputs.IsEmpty
        select new Consumer($"function/{function}", Texts.Capital(function), function) { Unit = function };

    private static string Said(string[] names) =>
        names.Length == 1
            ? names[0]
            : $"{string.Join(", ", names[..^1].Select((n, i) => i == 0 ? n : n.ToLowerInvariant()))} and "
                + names[^1].ToLowerInvariant();
}
