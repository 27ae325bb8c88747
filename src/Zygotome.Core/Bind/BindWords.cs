using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>What is seen of a bound aircraft, as people say it.</summary>
public static class BindWords
{
    /// <summary>"up", as a person at the tail says it.</summary>
    public static string Of(Movement movement) =>
        movement == Movement.None ? "did not move" : movement.ToString().ToLowerInvariant();

    /// <summary>"left aileron down, right aileron up": each surface of a call, as it must go or as it went.</summary>
    internal static string Moves(IEnumerable<Expected> of, Func<Expected, Movement> which) =>
        string.Join(", ", of.Select(e => $"{e.Surface.Name.ToLowerInvariant()} {Of(which(e))}"));

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

    /// <summary>"away", as whoever holds the transmitter sees it.</summary>
    public static string Of(SwitchAt at) =>
        at switch
        {
            SwitchAt.Away => "away",
            SwitchAt.Middle => "middle",
            _ => "towards you",
        };

    /// <summary>What warns.</summary>
    public static string Of(AlarmKind alarm) => alarm == AlarmKind.Timer ? "timer" : "cell alarm";

    /// <summary>How it was held.</summary>
    public static string Of(Attitude attitude) =>
        attitude switch
        {
            Attitude.AsItFlies => "held up as it flies",
            Attitude.OnItsBack => "on its back",
            _ => "on its side",
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
