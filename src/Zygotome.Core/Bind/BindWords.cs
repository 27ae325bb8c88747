using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>What is seen of a bound aircraft, as people say it.</summary>
public static class BindWords
{
    /// <summary>"up", as a person at the tail says it.</summary>
    public static string Of(Movement movement) =>
        movement == Movement.None ? "did not move" : movement.ToString().ToLowerInvariant();

    /// <summary>What the motors did with the cut set and the stick up.</summary>
    public static string Of(CutSeen seen) => seen == CutSeen.Still ? "every shaft still" : "a motor turned";

    /// <summary>What to look at when it does not bind.</summary>
    public static string Of(BindCause cause) =>
        cause switch
        {
            BindCause.TooNear => "transmitter too near, or metal between",
            BindCause.WrongPlug => "plug in the wrong port or way round, button not held long enough",
            BindCause.BatteryLow => "transmitter or receiver short of volts",
            BindCause.Protocol => "another protocol, region or receiver number set",
            _ => "receiver bound to another transmitter, or dead",
        };

    /// <summary>What was seen when the signal was lost.</summary>
    public static string Of(FailsafeBehaviour behaviour) =>
        behaviour switch
        {
            FailsafeBehaviour.AsDeclared => "as declared",
            FailsafeBehaviour.MotorRuns => "motor runs",
            FailsafeBehaviour.SurfacesHardOver => "surfaces go hard over",
            _ => "surfaces differ",
        };
}
