using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.HandOver;

/// <summary>How long to set the transmitter's timer for.</summary>
public static class FlightTimer
{
    /// <summary>
    /// Minutes = 60·Ah·0.8/(draw·duty): four fifths of the pack at the mean of the class's duty. Null without a motor
    /// or a stated draw. Draw is the nominal sum over the motors, A.
    /// </summary>
    public static double? Minutes(JobState state)
    {
        var draw = state.Sheet.Power.Motors.Sum(m => (double)(m.Says(PowerFields.Motor.Draw).Counts?.Nominal ?? 0));
        return draw > 0 && state.Aboard.Battery is { } battery
            ? 60 * (double)battery.Capacity.Nominal / 1000 * 0.8 / (draw * state.Sheet.Power.Duty)
            : null;
    }
}
