using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Bind;

/// <summary>How a speed controller is set, as its menu, its tones or its card say.</summary>
/// <param name="Controller">Of <see cref="MotorControllers"/>.</param>
/// <param name="LowIsStop">Stick low stops the motor; else the throttle channel runs the wrong way.</param>
/// <param name="EndsLearned">It knows where low and full are: calibrated, or it needs no calibration.</param>
/// <param name="Brake">It stops the propeller in flight.</param>
/// <param name="Reverses">It can turn the motor backwards while flying.</param>
/// <param name="CutOff">V a cell at which it takes power back; null where that is off.</param>
/// <param name="Timing">As its menu says it; empty where it has none.</param>
public sealed record ControllerSet(
    string Controller,
    bool LowIsStop,
    bool EndsLearned,
    bool Brake,
    bool Reverses,
    double? CutOff = null,
    string Timing = ""
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        MotorControllers.Of(state.Sheet).All(c => c.Id != Controller)
            ? new Refusal(
                "bind/controller",
                $"There is no controller \"{Controller}\"; there are "
                    + $"{string.Join(", ", MotorControllers.Of(state.Sheet).Select(c => c.Id))}.",
                "body.controller"
            )
        : CutOff is not (null or (>= 2 and <= 4.2))
            ? new Refusal("bind/cut-off", "A cut-off lies at 2 to 4.2 V a cell.", "body.cutOff")
        : Texts.Fits(Timing, "body.timing", 60);

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Bind with
            {
                Controllers = state.Bind.Controllers.SetItem(
                    Controller,
                    new ControllerShown(
                        this,
                        Evidence.Of(
                            entry,
                            state.Bind.Controllers.GetValueOrDefault(Controller)?.Evidence.Attempt + 1 ?? 1
                        )
                    )
                ),
            }
        );

    public override IEnumerable<string> Shows() => [new ControllerId(Controller).Written];

    /// <summary>"ends learned, brake off, cut-off 3.2 V a cell".</summary>
    public override string Say(JobState state) => $"Controller {Controller}: {Words}";

    internal string Words =>
        string.Join(
            ", ",
            new[]
            {
                LowIsStop ? "stick low stops" : "stick low does not stop",
                EndsLearned ? "ends learned" : "ends not learned",
                Brake ? "brake on" : "brake off",
                Reverses ? "can reverse" : "cannot reverse",
                CutOff is { } volts ? $"cut-off {Numbers.Say(volts)} V a cell" : "cut-off off",
                Timing.Trim().Length > 0 ? $"timing {Timing.Trim()}" : "",
            }.Where(w => w.Length > 0)
        );
}

/// <summary>How a controller was seen to be set.</summary>
public sealed record ControllerShown(ControllerSet Set, Evidence Evidence);
