using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>
/// Everything that moves or switches and is no surface, called position by position; and every position of a switch
/// that the sheet lists. What the sheet does not say of an output is what its kind does by nature.
/// </summary>
public static class OutputCalls
{
    /// <summary>The position in which what holds an output back is set.</summary>
    public const string HeldBack = "held back";

    /// <summary>Seconds that what takes a single stated time may differ by: the shop's own rule.</summary>
    public const double Slack = 1;

    /// <summary>In the sheet's order; none of a sheet that lists none.</summary>
    public static ImmutableArray<OutputCall> Of(SpecSheet sheet) =>
        sheet.Once(s => new All([.. s.Outputs.SelectMany(o => Of(s, o)), .. s.Positions.Select(p => Of(s, p))])).Calls;

    private sealed record All(ImmutableArray<OutputCall> Calls);

    private static IEnumerable<OutputCall> Of(SpecSheet sheet, OutputSpec output)
    {
        var does = output.Expect.IsEmpty
            ? Natural(sheet, output)
            : [.. output.Expect.Select(e => (e.Key, e.Value)).OrderBy(e => Rank(e.Key))];
        foreach (var (at, expected) in does)
        {
            yield return Made(sheet, output, at, Called(output.Function, at), expected);
        }

        // What holds it back is tried too: that nothing happens is an answer.
        if (output.InhibitedBy.Length > 0)
        {
            yield return Made(
                sheet,
                output,
                HeldBack,
                $"{Texts.Capital(output.Function)} switch, with {output.InhibitedBy} set",
                "nothing happens"
            );
        }
    }

    private static OutputCall Made(SpecSheet sheet, OutputSpec output, string at, string call, string expected) =>
        new(output.Id, at, call, expected)
        {
            Name = output.Name,
            Function = output.Function,
            IsVital = output.IsVital,
            TurnsMotors = output.TurnsMotors,
            From = output.Kind == OutputKind.DifferentialThrust ? SeenFrom.Behind : SeenFrom.Below,
            Note = Note(output),
            Motors = output.Motors,
            Picture = output.Expect.IsEmpty ? Turned(sheet, output, at) : Ordered.ById<Movement>(),
            Parts = [.. output.Motors.Select(m => $"motor-{m}"), .. output.Wheels.Select(Geometry.WheelPart)],
            Takes = at == Centre ? null : Takes(output.Says(OutputFields.Output.Seconds)),
            Page = sheet.Page("outputs", output.Page),
        };

    /// <summary>The stick of something steered is let go.</summary>
    private const string Centre = "centre";

    // A switch that has an on has it called first; left comes after right, as for surfaces.
    private static int Rank(string position) => position is "on" or "right" or "up" or "open" ? 0 : 1;

    // One time is that time, give or take the shop's own slack. Times are kept in minutes.
    private static Band? Takes(Printed<Quantity> printed) =>
        printed.Likely is not { } takes ? null
        : takes.Low == takes.High ? new Band(Math.Max(0, Seconds(takes.Low) - Slack), Seconds(takes.High) + Slack, "s")
        : new Band(Seconds(takes.Low), Seconds(takes.High), "s");

    private static double Seconds(decimal minutes) => Numbers.Round((double)minutes * 60);

    private static string Note(OutputSpec output) =>
        string.Join(
            ", ",
            new[]
            {
                output.Says(OutputFields.Output.After).Likely is { } after ? $"begins after {after.Text}" : "",
                output.Says(OutputFields.Output.Seconds).Likely is { } takes ? $"takes {takes.Text}" : "",
                output.Outlet.Length > 0 ? $"from outlet {output.Outlet} of the board" : "",
            }.Where(n => n.Length > 0)
        );

    /// <summary>"Rudder stick right"; "Gear switch: up".</summary>
    internal static string Called(string function, string at) =>
        (function, at) switch
        {
            ("elevator", "up") => "Elevator stick back",
            ("elevator", "down") => "Elevator stick forward",
            (_, Centre) => $"{Texts.Capital(function)} stick let go",
            ("aileron" or "elevator" or "rudder" or "throttle", _) => $"{Texts.Capital(function)} stick {at}",
            _ => $"{Texts.Capital(function)} switch: {at}",
        };

    private static (string At, string Expected)[] Natural(SpecSheet sheet, OutputSpec output) =>
        output.Kind switch
        {
            OutputKind.DifferentialThrust =>
            [
                ("right", $"{Outer(sheet, output, -1)} faster"),
                ("left", $"{Outer(sheet, output, 1)} faster"),
            ],
            OutputKind.Steering =>
            [
                ("right", Steers(sheet, output, "right")),
                ("left", Steers(sheet, output, "left")),
                (Centre, "stands straight: pushed a metre it keeps its line"),
            ],
            OutputKind.Retract =>
            [
                ("up", $"{Legs(sheet, output)} go in{(output.HasDoors ? ", doors close" : "")}"),
                ("down", $"{(output.HasDoors ? "doors open, " : "")}{Legs(sheet, output)} come out and lock"),
            ],
            OutputKind.Doors or OutputKind.Hatch => [("open", "opens"), ("closed", "closes")],
            OutputKind.Brake => [("on", "wheels are held"), ("off", "wheels run free")],
            OutputKind.ReverseThrust =>
            [
                ("on", $"{Named(sheet, output.Motors)} backwards"),
                ("off", $"{Named(sheet, output.Motors)} forwards"),
            ],
            OutputKind.Light => [("on", output.Shows.Length > 0 ? output.Shows : "lit"), ("off", "dark")],
            OutputKind.Release => [("on", "lets go"), ("off", "holds")],
            OutputKind.Camera => [("on", "answers")],
            OutputKind.Figure => [("on", "moves")],
            _ => [("on", "does what it is for"), ("off", "stops")],
        };

    // The motor on the outside of the turn is the faster one.
    private static string Outer(SpecSheet sheet, OutputSpec output, int side)
    {
        var motors = sheet.Power.Motors.Where(m => output.Motors.Contains(m.Id)).ToArray();
        return Named(sheet, [.. motors.Where(m => Math.Sign(m.Y) == side).Select(m => m.Id)]);
    }

    private static string Named(SpecSheet sheet, ImmutableArray<string> motors) =>
        motors.Length == 0 || sheet.Power.Motors.Length == 1 ? "motor" : $"{string.Join(" and ", motors)} motor";

    // A wheel ahead of the centre turns as the nose does; one at the tail moves as the rudder does, its rear to the
    // side of the turn, and so does a water rudder.
    private static string Steers(SpecSheet sheet, OutputSpec output, string side)
    {
        var wheel = sheet.Geometry.Wheels.FirstOrDefault(w => output.Wheels.Contains(w.Id));
        if (wheel is null)
        {
            return $"its rear edge goes {side}";
        }

        return IsAhead(sheet, wheel) ? $"the wheel points {side}" : $"the wheel's rear goes {side}, as the rudder";
    }

    private static bool IsAhead(SpecSheet sheet, Wheel wheel) =>
        wheel.X < (sheet.Geometry.Wing is { Panels: [var root, ..] } wing ? wing.RootLeadingEdge + (root.Root / 2) : 0);

    // Where the rear of a steered wheel goes. What the sheet words itself is not drawn moved.
    private static ImmutableSortedDictionary<string, Movement> Turned(SpecSheet sheet, OutputSpec output, string at) =>
        output.Kind != OutputKind.Steering || at is not ("left" or "right")
            ? Ordered.ById<Movement>()
            : sheet
                .Geometry.Wheels.Where(w => w.Id.Length > 0 && output.Wheels.Contains(w.Id))
                .DistinctBy(w => w.Id)
                .ById(
                    w => Geometry.WheelPart(w.Id),
                    w => IsAhead(sheet, w) == (at == "left") ? Movement.Right : Movement.Left
                );

    private static string Legs(SpecSheet sheet, OutputSpec output) =>
        sheet.Geometry.Wheels.Where(w => output.Wheels.Contains(w.Id)).Select(w => w.Name).ToArray()
            is { Length: > 0 } legs
            ? string.Join(" and ", legs)
            : "the legs";

    private static OutputCall Of(SpecSheet sheet, PositionSpec position)
    {
        var moved = position
            .Moves.SelectMany(m => sheet.Named(m.Surfaces).Select(s => (Surface: s, Move: m)))
            .DistinctBy(m => m.Surface.Id)
            .ToArray();
        var said = position.Moves.Select(m => $"{m.Surfaces} {m.To.Words}{(m.Mixed ? " by its mix" : "")}");
        return new OutputCall(
            position.Function,
            position.Name,
            $"{Texts.Capital(position.Function)} switch: {position.Name}",
            position.Moves.IsEmpty ? "everything in its place" : string.Join(", ", said)
        )
        {
            Name = $"{Texts.Capital(position.Function)} position {position.Name}",
            Function = position.Function,
            IsPosition = true,
            IsVital = true,
            Note = position.Says(OutputFields.Position.Seconds).Likely is { } takes ? $"takes {takes.Text}" : "",
            Picture = moved.ById(m => m.Surface.Id, m => Goes(m.Move, m.Surface)),
            Parts = [.. moved.Select(m => m.Surface.Id)],
            Takes = Takes(position.Says(OutputFields.Position.Seconds)),
            Page = sheet.Page("outputs", position.Page),
        };
    }

    private static Movement Goes(MoveSpec move, Surface surface) =>
        move.To.Likely?.Way is { } way ? Movements.Of(way)
        : surface.Functions.Contains("airbrake") ? Movement.Out
        : Movement.Down;
}
