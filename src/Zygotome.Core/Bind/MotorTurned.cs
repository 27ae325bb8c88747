using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Bind;

/// <summary>Which way a motor turned, by a flag of tape on its bare shaft; a fan by its airflow.</summary>
public enum MotorTurn
{
    /// <summary>As the sheet says; where it does not, so that the air goes aft.</summary>
    AsItShould,
    TheOtherWay,
    NotAtAll,
}

/// <summary>Seen within the motor-direction act: the shaft bare, its wires on, the throttle touched.</summary>
public sealed record MotorTurned(string Motor, MotorTurn Turned) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Of(PoweredAct.MotorDirection);

    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Power.Motors.All(m => m.Id != Motor)
            ? new Refusal(
                "bind/motor",
                $"There is no motor \"{Motor}\"; there are "
                    + $"{string.Join(", ", state.Sheet.Power.Motors.Select(m => m.Id))}.",
                "body.motor"
            )
        : state.Safety.Act?.Act == PoweredAct.MotorDirection
        && new LampId(LampKind.Wires, Motor) is var wires
        && state.Safety.Known(state.Sheet, wires, entry) != LampIs.On
            ? new Refusal("lamps/wires", $"Motor {Motor} turns only with its wires on: look, and say so.", wires.Where)
        : null;

    public override JobState Apply(JobState state, Entry entry) =>
        MotorsSeen.Ended(
            state.With(
                state.Bind with
                {
                    Motors = state.Bind.Motors.SetItem(
                        Motor,
                        new MotorShown(
                            Turned,
                            Evidence.Of(entry, state.Bind.Motors.GetValueOrDefault(Motor)?.Evidence.Attempt + 1 ?? 1)
                        )
                    ),
                }
            )
        );

    public override IEnumerable<string> Shows() => [new MotorDirectionId(Motor).Written];

    public override string Say(JobState state) => $"Motor {Motor} turned {Words(Turned)}";

    internal static string Words(MotorTurn turned) =>
        turned switch
        {
            MotorTurn.AsItShould => "as it should",
            MotorTurn.TheOtherWay => "the other way",
            _ => "not at all",
        };

    /// <summary>Which way it should turn, in the sheet's words.</summary>
    public static string Expected(MotorSpec motor) =>
        motor.IsFan ? "air goes aft" : motor.Says(PowerFields.Motor.Turns).Counts ?? "so that the air goes aft";
}

/// <summary>Which way a motor was seen to turn.</summary>
public sealed record MotorShown(MotorTurn Turned, Evidence Evidence);
