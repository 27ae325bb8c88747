using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>What what was shown through the radio rests on.</summary>
public static class RadioSettings
{
    /// <summary>
    /// Which transmitter, which of its memories, which receiver: everything shown by radio rests on them.
    /// </summary>
    public static ImmutableArray<Setting> Link { get; } =
    [new(SettingKind.Transmitter), new(SettingKind.Memory), new(SettingKind.Receiver)];

    /// <summary>Names a channel is known by here: the sheet's radio functions, and what moves surfaces.</summary>
    public static IEnumerable<string> Channels(SpecSheet sheet) =>
        sheet
            .Radio.Functions.Union(sheet.Surfaces.SelectMany(s => s.Functions))
            .Union(sheet.Outputs.Select(o => o.Function))
            .Union(Further(sheet));

    // A port for each servo of a command: "aileron 2"; a mixed surface's own, which the sheet need not name.
    private static IEnumerable<string> Further(SpecSheet sheet)
    {
        var driven = sheet.Surfaces.Select(s => Journal.Channels.ByServo(sheet, s.Id)[0]).Distinct().ToArray();
        return driven
            .Where(s => s.Functions.Length > 1)
            .Select(s => $"{s.Kind} {s.Side}".Trim())
            .Concat(
                from alike in driven.Where(s => s.Functions.Length == 1).GroupBy(s => s.Functions[0])
                from nth in Enumerable.Range(2, alike.Count() - 1)
                select $"{alike.Key} {nth}"
            );
    }

    /// <summary>Reversing of every channel that may be the one to this surface.</summary>
    public static IEnumerable<Setting> Reverses(SpecSheet sheet, Surface surface) =>
        Channels(sheet)
            .Where(c =>
                Journal.Channels.Leads(sheet, c) is var reach && (reach.Nowhere || reach.Surfaces.Contains(surface))
            )
            .Select(c => new Setting(SettingKind.Reverse, c));

    /// <summary>Reversing of every channel that may be the one to this call's output or to its motors.</summary>
    public static IEnumerable<Setting> Reverses(SpecSheet sheet, OutputCall call) =>
        Channels(sheet)
            .Where(c =>
                Journal.Channels.Leads(sheet, c) is var reach
                && (
                    reach.Nowhere
                    || reach.Outputs.Any(o => o.Id == call.Of)
                    || reach.Motors.Any(m => call.Motors.Contains(m.Id))
                )
            )
            .Select(c => new Setting(SettingKind.Reverse, c));

    /// <summary>Reversing of every channel.</summary>
    public static IEnumerable<Setting> Reverses(SpecSheet sheet) =>
        Channels(sheet).Select(c => new Setting(SettingKind.Reverse, c));

    /// <summary>How the job answers these questions.</summary>
    public static IEnumerable<Setting> Answers(IEnumerable<string> schools) =>
        schools.Select(s => new Setting(SettingKind.School, s));

    /// <summary>What a call of one function rests on, beside the surfaces themselves.</summary>
    public static IEnumerable<Setting> OfCall(SpecSheet sheet, string function, IEnumerable<Surface> surfaces) =>
        [
            .. Link,
            .. surfaces.SelectMany(s => Reverses(sheet, s)).Distinct(),
            new Setting(SettingKind.Mix, function),
            new Setting(SettingKind.Gain),
            new Setting(SettingKind.SurfaceCount),
            .. StabiliserAxes
                .Of(sheet)
                .Where(a => a.Command == function)
                .Select(a => new Setting(SettingKind.Correction, a.Name)),
            .. Answers(Schools.Driving),
            .. surfaces.SelectMany(s => SheetValues.OfSurface(s.Id)),
        ];
}
