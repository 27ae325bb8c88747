using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>When the act of looking at motors is over.</summary>
internal static class MotorsSeen
{
    /// <summary>Without the act once every motor, and every call that turns motors, was seen in it.</summary>
    public static JobState Ended(JobState state)
    {
        if (state.Safety.Act is not { Act: PoweredAct.MotorDirection } act)
        {
            return state;
        }

        bool Since(Evidence? evidence) => evidence?.Seq > act.Opened.Seq;
        return
            state.Sheet.Power.Motors.All(m => Since(state.Bind.Motors.GetValueOrDefault(m.Id)?.Evidence))
            && OutputCalls
                .Of(state.Sheet)
                .Where(c => c.TurnsMotors)
                .All(c => Since(state.Bind.Outputs.GetValueOrDefault(new OutputId(c.Of, c.At).Written)?.Evidence))
            ? state.With(state.Safety.End(state.Sheet))
            : state;
    }
}
