using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>A controller with the motors it turns.</summary>
public sealed record MotorController(string Id, ImmutableArray<MotorSpec> Motors)
{
    /// <summary>"Controller"; of several "Controller left".</summary>
    public required string Name { get; init; }

    /// <summary>Its propeller folds back only while it stands.</summary>
    public bool WantsBrake => Motors.Any(m => m.Kind == "folding");
}

/// <summary>The controllers of an aircraft, and how they must be set.</summary>
public static class MotorControllers
{
    /// <summary>V a cell under which a lithium cell is harmed: the shop's own rule. Above <see cref="Highest"/> the
    /// motor stops long before the pack is used.</summary>
    public const double Lowest = 3.0,
        Highest = 3.5;

    /// <summary>As motors name them, in the order of the motors; one where none is named.</summary>
    public static ImmutableArray<MotorController> Of(SpecSheet sheet) =>
        sheet.Once(s => new All([.. Found(s)])).Controllers;

    private sealed record All(ImmutableArray<MotorController> Controllers);

    private static IEnumerable<MotorController> Found(SpecSheet sheet)
    {
        var groups = sheet.Power.Motors.GroupBy(m => m.Controller.Length > 0 ? m.Controller : "controller").ToArray();
        return groups.Select(g => new MotorController(g.Key, [.. g])
        {
            Name = groups.Length == 1 ? "Controller" : $"Controller {g.Key}",
        });
    }

    /// <summary>Whether the sheet has reverse thrust on it.</summary>
    public static bool MayReverse(SpecSheet sheet, MotorController controller) =>
        sheet.Outputs.Any(o =>
            o.Kind == OutputKind.ReverseThrust && controller.Motors.Any(m => o.Motors.Contains(m.Id))
        );

    /// <summary>What is wrong with how one is set, most dangerous first; none where it may stay.</summary>
    public static IEnumerable<string> Wrong(SpecSheet sheet, MotorController controller, ControllerSet set)
    {
        if (!set.LowIsStop)
        {
            yield return "reverse the throttle channel: stick low must stop the motor";
        }

        if (!set.EndsLearned)
        {
            yield return "calibrate it, so that it knows low and full";
        }

        if (controller.WantsBrake && !set.Brake)
        {
            yield return "brake on: the blades fold back only when the propeller stands";
        }

        var backwards = MayReverse(sheet, controller);
        if (set.Reverses != backwards)
        {
            yield return backwards
                ? "let it reverse: the sheet has reverse thrust"
                : "no reverse: nothing on the sheet asks for it, and a slip of the stick would stop it in the air";
        }

        if (set.CutOff is not { } volts)
        {
            yield return $"cut-off on, {Numbers.Say(Lowest)} to {Numbers.Say(Highest)} V a cell: an empty pack burns";
        }
        else if (Numbers.Round(volts - Lowest) < 0)
        {
            yield return $"cut-off up to {Numbers.Say(Lowest)} V a cell or more: under it a cell is harmed";
        }
        else if (Numbers.Round(volts - Highest) > 0)
        {
            yield return $"cut-off down to {Numbers.Say(Highest)} V a cell or less: it would stop the motor too early";
        }
    }
}
