using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Receive;

/// <summary>
/// Another servo against what the sheet says of its place: torque, its well, what receiver power gives.
/// </summary>
public static class ServoFit
{
    // kg cm of a newton metre.
    private const double KilogramCentimetres = 1 / 0.0980665;

    /// <summary>"rudder and nose wheel": what a servo drives.</summary>
    public static string Place(SpecSheet sheet, string servo) =>
        string.Join(
            " and ",
            sheet
                .Servos.Where(s => s.Id == servo)
                .SelectMany(s => s.Drives)
                .Select(d => (sheet.Surface(d)?.Name ?? sheet.Output(d)?.Name)?.ToLowerInvariant() ?? Places.Words(d))
        )
            is { Length: > 0 } words
            ? words
            : servo;

    /// <summary>
    /// Null where something that decides is not known; why, in words. What the sheet does not state judges nothing.
    /// </summary>
    /// <param name="all">Every servo that takes another's place, by that place: they hang on one supply.</param>
    /// <param name="ownSupply">The receiver has a supply of its own: it is chosen by what hangs on it.</param>
    public static (bool? Suits, string Why) Judge(
        SpecSheet sheet,
        ServoSpec servo,
        IReadOnlyDictionary<string, ServoHeld> all,
        bool ownSupply = false
    )
    {
        var kind = all[servo.Id].Kind;
        (bool? Suits, string Why)[] said =
        [
            .. Turns(servo, kind),
            .. Sits(servo, kind),
            .. ownSupply ? [] : Supply(sheet, servo, all),
        ];
        return Suiting.Of(said, (true, "The sheet asks for nothing here; what it is, is on the record."));
    }

    /// <summary>How much heavier it is than the kit's own, g; null where one of the two is not known.</summary>
    public static double? Heavier(ServoSpec servo, ServoKind kind) =>
        kind.Mass is { } mass && servo.Says(RadioFields.Servo.Mass).Counts is { } own
            ? Numbers.Round(mass.Value - own)
            : null;

    private static IEnumerable<(bool? Suits, string Why)> Turns(ServoSpec servo, ServoKind kind)
    {
        if (servo.Says(RadioFields.Servo.Torque).Counts is not { } asked)
        {
            yield break;
        }

        if (kind.Torque is not { } torque)
        {
            yield return (null, $"Its torque is not known; {asked.Text} is asked for.");
            yield break;
        }

        var wanting = Numbers.Round((double)(asked.Low - torque.Nominal) * KilogramCentimetres);
        yield return wanting > 0
            ? (
                false,
                $"{torque.Text} where {asked.Text} is asked for: {Numbers.Say(Math.Round(wanting, 2))} kg cm short."
            )
            : (true, $"{torque.Text}, {asked.Text} is asked for.");
    }

    private static IEnumerable<(bool? Suits, string Why)> Sits(ServoSpec servo, ServoKind kind)
    {
        (MeasureField Field, Length? Has, string What)[] sides =
        [
            (RadioFields.Servo.RoomLength, kind.Length, "long"),
            (RadioFields.Servo.RoomWidth, kind.Width, "wide"),
            (RadioFields.Servo.RoomHeight, kind.Height, "high"),
        ];
        var stated = sides
            .Select(s => (s.Has, s.What, Room: servo.Says(s.Field).Counts))
            .Where(s => s.Room is not null)
            .ToArray();
        if (stated.Where(s => s.Has is null).ToArray() is { Length: > 0 } unknown)
        {
            yield return (
                null,
                $"How {string.Join(" and ", unknown.Select(s => s.What))} it is, nobody measured; its well is "
                    + $"{string.Join(" × ", stated.Select(s => Numbers.Say(s.Room!.Value)))} mm."
            );
        }

        foreach (var (has, what, room) in stated.Where(s => s.Has is not null))
        {
            var over = Numbers.Round(has!.Value - room!.Value);
            if (over > 0)
            {
                yield return (false, $"{Numbers.Say(over)} mm too {what} for its well.");
            }
        }
    }

    private static IEnumerable<(bool? Suits, string Why)> Supply(
        SpecSheet sheet,
        ServoSpec servo,
        IReadOnlyDictionary<string, ServoHeld> all
    )
    {
        var (continuous, peak) = (
            sheet.Power.Says(PowerFields.RegulatorContinuous).Counts,
            sheet.Power.Says(PowerFields.RegulatorPeak).Counts
        );
        if (continuous is null && peak is null)
        {
            yield break;
        }

        if (all[servo.Id].Kind is { Working: null } or { Stall: null })
        {
            yield return (null, "What it draws working and stalled is not known; the regulator has a limit.");
            yield break;
        }

        var load = Load(sheet, all);
        if (continuous is { } steady && Numbers.Round(load.Working - (double)steady.Nominal) > 0)
        {
            yield return (
                false,
                $"All servos working draw {Numbers.Say(load.Working)} A, the regulator gives {steady.Text}."
            );
        }

        if (peak is { } most && Numbers.Round(load.Peak - (double)most.Nominal) > 0)
        {
            yield return (
                false,
                $"With two of them stalled {Numbers.Say(load.Peak)} A are drawn, the regulator gives {most.Text} for a "
                    + "moment."
            );
        }
    }

    /// <summary>A working and with two stalled, with the servos that take another's place.</summary>
    public static (double Working, double Peak) Load(SpecSheet sheet, IReadOnlyDictionary<string, ServoHeld> all) =>
        ReceiverLoad.Of(
            sheet.Servos.Select(s =>
                all.GetValueOrDefault(s.Id)?.Kind is { } kind
                    ? (kind.Working?.Value ?? 0, kind.Stall?.Value ?? 0)
                    : ReceiverLoad.Of(s)
            )
        );

    /// <summary>The kit's own servos that another takes the place of: they go back to the owner.</summary>
    public static ImmutableArray<string> Back(JobState state) =>
        [
            .. state
                .Sheet.Servos.Where(s => state.Receive.Servos.ContainsKey(s.Id))
                .Select(s => $"the kit's own servo for {Place(state.Sheet, s.Id)}"),
        ];
}
