using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Safety;

/// <summary>
/// Whether a motor can turn nothing: its propeller is off (or its blades), or its wires are. Of a fan, only the wires.
/// </summary>
internal static class Isolation
{
    /// <summary>True and false as known in this look; null where looking would tell.</summary>
    public static bool? Of(JobState state, MotorSpec motor, Entry e)
    {
        var wires = state.Safety.Known(state.Sheet, new(LampKind.Wires, motor.Id), e);
        if (wires == LampIs.Off)
        {
            return true;
        }

        if (motor.IsFan)
        {
            return wires is null ? null : false;
        }

        return state.Safety.Known(state.Sheet, new(LampKind.Propeller, motor.Id), e) switch
        {
            LampIs.Off or LampIs.BladesOff => true,
            LampIs.On => false,
            _ => null,
        };
    }

    /// <summary>The lamp to look at, which tells.</summary>
    public static LampId LampOf(MotorSpec motor) => new(motor.IsFan ? LampKind.Wires : LampKind.Propeller, motor.Id);

    /// <summary>What to do so that they are.</summary>
    /// <param name="bare">The shaft must be seen: wires off would not do.</param>
    public static string Remedy(SpecSheet sheet, IReadOnlyList<MotorSpec> motors, bool bare)
    {
        var which = sheet.Power.Motors.Length == 1 ? "" : $" ({string.Join(", ", motors.Select(m => m.Id))})";
        var (what, it) = motors.Count == 1 ? ("The propeller is", "it") : ("Propellers are", "them");
        return motors.All(m => m.IsFan) ? $"The fan can turn{which}: take its wires off first."
            : bare ? $"{what} on{which}: take {it} off first, the shaft is looked at bare."
            : $"{what} on{which}: take {it} off first, or the motor wires.";
    }
}
