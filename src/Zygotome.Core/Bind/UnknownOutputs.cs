using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>What nothing on the sheet answers for.</summary>
public static class UnknownOutputs
{
    /// <summary>
    /// In the order of the sheet: radio functions that lead nowhere, several throttles, servos, steering.
    /// </summary>
    public static ImmutableArray<UnknownOutput> Of(SpecSheet sheet) =>
        sheet.Once(s => new All([.. Open(s).DistinctBy(o => o.Id)])).Outputs;

    private sealed record All(ImmutableArray<UnknownOutput> Outputs);

    private static IEnumerable<UnknownOutput> Open(SpecSheet sheet)
    {
        var channels = sheet.Radio.Functions.Distinct().ToArray();
        var throttles = channels.Where(IsThrottle).ToArray();
        foreach (var channel in channels)
        {
            var nowhere = Channels.Leads(sheet, channel).Nowhere;
            if (nowhere || (throttles.Length > 1 && IsThrottle(channel)))
            {
                yield return new UnknownOutput(
                    channel,
                    $"Called: {channel}",
                    nowhere ? "The sheet names nothing that it moves." : "One of several throttle channels.",
                    [channel]
                );
            }
        }

        foreach (var servo in sheet.Servos.Where(s => s.Drives.Length == 0))
        {
            yield return new UnknownOutput(
                OfServo(servo),
                $"Servo {servo.Id}: seen to move what?",
                "The sheet names no surface that it drives.",
                []
            );
        }

        foreach (var (wheel, i) in sheet.Geometry.Wheels.Select((w, i) => (w, i)))
        {
            var by = sheet.Outputs.Where(o => wheel.Id.Length > 0 && o.Wheels.Contains(wheel.Id)).ToArray();
            var named = wheel.Id.Length > 0 ? wheel.Id : $"{i + 1}";
            if (wheel.Retracts && by.All(o => o.Kind != OutputKind.Retract))
            {
                yield return new UnknownOutput(
                    $"folds/{named}",
                    $"{Texts.Capital(wheel.Name)}: seen to go in and out?",
                    "It goes in, and no output of the sheet moves it.",
                    []
                );
            }

            if (wheel.Steered && by.All(o => o.Kind != OutputKind.Steering))
            {
                yield return new UnknownOutput(
                    $"steers/{named}",
                    $"{Texts.Capital(wheel.Name)}: seen to steer which way?",
                    "It is steered, and no output of the sheet moves it.",
                    []
                );
            }
        }

        if (
            !sheet.Surfaces.Any(s => s.Functions.Any(f => f is "aileron" or "rudder"))
            && !sheet.Outputs.Any(o => o.Kind == OutputKind.DifferentialThrust)
        )
        {
            yield return new UnknownOutput(
                Steering,
                "What steers it?",
                "The sheet names no surface for aileron or rudder, and no difference of thrust.",
                []
            );
        }
    }

    /// <summary>Whether a sheet ties an output to something that moves, so that it is asked for there.</summary>
    internal static bool IsTied(SpecSheet sheet, string output) =>
        (sheet.Radio.Functions.Contains(output) && !Channels.Leads(sheet, output).Nowhere)
        || sheet.Servos.Any(s => OfServo(s) == output && s.Drives.Length > 0)
        || (output == Steering && Open(sheet).All(o => o.Id != Steering))
        || (OfWheel(output) is { } wheel && sheet.Outputs.Any(o => o.Wheels.Contains(wheel)));

    private static string OfServo(ServoSpec servo) => $"servo/{servo.Id}";

    private static string? OfWheel(string output) =>
        output.Split('/') is ["folds" or "steers", var wheel] ? wheel : null;

    private const string Steering = "what steers it";

    private static bool IsThrottle(string channel) => channel.Contains("throttle", StringComparison.OrdinalIgnoreCase);

    /// <summary>
    /// What it was seen to do, and what that rests on: the radio's link, its channel's reversing, its motors.
    /// </summary>
    internal static Rests RestsOn(SpecSheet sheet, UnknownOutput output)
    {
        ImmutableArray<MotorSpec> motors = output.Channels.IsEmpty
            ? sheet.Power.Motors
            : [.. output.Channels.SelectMany(c => Channels.Leads(sheet, c).Motors)];
        return Rests
            .On([
                .. output.Channels.IsEmpty
                    ? [new Aspect(AspectKind.Direction, output.Id)]
                    : output.Channels.Select(c => new Aspect(AspectKind.Direction, c)),
                .. motors.Select(DisturbanceMatrix.Motor),
            ])
            .And([
                .. RadioSettings.Link,
                .. output.Channels.IsEmpty
                    ? RadioSettings.Reverses(sheet)
                    : output.Channels.Select(c => new Setting(SettingKind.Reverse, c)),
                .. RadioSettings.Answers(Schools.Wiring),
                new Setting(SettingKind.ThrottleCut),
            ]);
    }
}
