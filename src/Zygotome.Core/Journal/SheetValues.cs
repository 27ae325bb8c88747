using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Journal;

/// <summary>
/// The values of a sheet that evidence uses, as settings: what another revision says otherwise makes stale what rested
/// on it, and its number, its words and its limits nothing. Limits are judged anew by themselves.
/// </summary>
public static class SheetValues
{
    private const string Surface = "surface",
        Servo = "servos",
        Datum = "datum",
        Bay = "bay",
        Station = "station",
        Motor = "motor",
        Turns = "turning",
        Failsafe = "failsafe",
        Output = "output";

    /// <summary>Said at the opening and at every move to another revision.</summary>
    public static JobState SayValues(this JobState state, Entry entry, SpecSheet sheet)
    {
        return state with { Settings = state.Settings.Say(entry, sheet.Once(s => new Values([.. Of(s)])).All) };
    }

    /// <summary>Chord, place and commands of a surface, and what drives it.</summary>
    public static IEnumerable<Setting> OfSurface(string surface) => [On(Surface, surface), On(Servo, surface)];

    /// <summary>What a place measured from the datum and a pack in its bay rest on.</summary>
    public static IEnumerable<Setting> OfBalance(SpecSheet sheet) =>
        [On(Datum), On(Bay), .. sheet.Geometry.BallastStations.Select(s => On(Station, s.Name)), .. OfWeight(sheet)];

    /// <summary>Masses that are placed or aboard by the sheet's word.</summary>
    public static IEnumerable<Setting> OfWeight(SpecSheet sheet) => sheet.Power.Motors.Select(m => On(Motor, m.Id));

    /// <summary>Which way a motor turns.</summary>
    public static Setting OfTurning(string motor) => On(Turns, motor);

    /// <summary>What the maker says happens when the signal is lost.</summary>
    public static Setting OfFailsafe { get; } = On(Failsafe);

    /// <summary>What is called, and what must be seen.</summary>
    public static Setting OfCall(OutputCall call) => On(Output, $"{call.Of} {call.At}");

    private static Setting On(string what, string of = "") => new(SettingKind.SheetValue, what, of);

    // Once for a sheet: every job built to it keeps the same words.
    private sealed record Values(ImmutableArray<(Setting Setting, string Value)> All);

    private static IEnumerable<(Setting Setting, string Value)> Of(SpecSheet sheet)
    {
        var g = sheet.Geometry;
        foreach (var s in sheet.Surfaces)
        {
            yield return (
                On(Surface, s.Id),
                $"{Numbers.Say(s.Chord)} mm chord on {s.On}, moved by {string.Join(" and ", s.Functions)}"
            );
            var driven = sheet
                .Servos.Where(v => v.Drives.Contains(s.Id))
                .Select(Words)
                .Concat(sheet.Radio.Functions.Where(f => Channels.Leads(sheet, f).Surfaces.Contains(s)));
            yield return (On(Servo, s.Id), string.Join(" and ", driven) is { Length: > 0 } by ? by : "none named");
        }

        yield return (
            On(Datum),
            g.Wing is { } wing ? $"{Numbers.Say(wing.RootLeadingEdge)} mm to the wing's leading edge" : "no wing"
        );
        yield return (On(Bay), g.Bay is { } bay ? $"{Numbers.Say(bay.From)} to {Numbers.Say(bay.To)} mm" : "none");
        foreach (var s in g.BallastStations)
        {
            yield return (On(Station, s.Name), $"{Numbers.Say(s.At)} mm, pieces of {Numbers.Say(s.Piece)} g");
        }

        foreach (var m in sheet.Power.Motors)
        {
            yield return (
                On(Motor, m.Id),
                $"{m.Propeller} {(m.Mass is { } grams ? $"{Numbers.Say(grams)} g" : "of no stated mass")} at "
                    + $"{Numbers.Say(m.At)}, {Numbers.Say(m.Y)} mm".TrimStart()
            );
        }

        foreach (var m in sheet.Power.Motors)
        {
            yield return (OfTurning(m.Id), m.Says(PowerFields.Motor.Turns).Likely ?? "not stated");
        }

        foreach (var call in OutputCalls.Of(sheet))
        {
            yield return (OfCall(call), call.Expected);
        }

        yield return (OfFailsafe, sheet.Radio.Failsafe.Likely ?? RadioSpec.Unstated);
    }

    private static string Words(ServoSpec servo) =>
        $"{servo.Id} driving {string.Join(" and ", servo.Drives)}"
        + (servo.Says(RadioFields.Servo.Lead).Likely is { } lead ? $", {Numbers.Say(lead)} mm lead" : "");
}
