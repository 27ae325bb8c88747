using Zygotome.Core.Journal;

namespace Zygotome.Core.Bind;

/// <summary>How long to set the transmitter's timer for.</summary>
public static class FlightTimer
{
    /// <summary>
    /// Minutes = 60·Ah·0.8/(draw·duty): four fifths of the pack at the mean of the class's duty. Null without a motor
    /// or where the draw of one is not known. Draw is the nominal sum over the motors as they are driven, A.
    /// </summary>
    public static double? Minutes(JobState state) =>
        state.Aboard.FullDraw(state.Sheet) is > 0 and var draw && state.Aboard.Battery is { } battery
            ? 60 * (double)battery.Capacity.Nominal / 1000 * 0.8 / (draw * state.Sheet.Power.Duty)
            : null;
}
