using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>What rests on how something moved when it was called: in Bind once, in Check in one run.</summary>
public static class CallRests
{
    /// <summary>Of a stick that moves these surfaces: their ways, and what the radio does with its command.</summary>
    public static Rests Of(SpecSheet sheet, string function, IEnumerable<Surface> surfaces)
    {
        var moved = surfaces.ToArray();
        return Rests
            .On([.. moved.Select(s => new Aspect(AspectKind.Direction, s.Id))])
            .And(RadioSettings.OfCall(sheet, function, moved));
    }

    /// <summary>The radio's link and its channel's reversing; of a position every surface in it; of an output what
    /// drives it.</summary>
    public static Rests Of(SpecSheet sheet, OutputCall call)
    {
        var surfaces = call.Picture.Keys.Select(sheet.Surface).OfType<Surface>().ToArray();
        return Rests
            .On([
                new Aspect(AspectKind.Direction, call.IsPosition ? call.Function : call.Of),
                .. surfaces.Select(s => new Aspect(AspectKind.Direction, s.Id)),
                .. sheet.Power.Motors.Where(m => call.Motors.Contains(m.Id)).Select(DisturbanceMatrix.Motor),
            ])
            .And([
                .. call.IsPosition
                    ? RadioSettings
                        .OfCall(sheet, call.Function, surfaces)
                        .Append(new Setting(SettingKind.Share, call.Function, Setting.Positive, call.At))
                        .Append(new Setting(SettingKind.Switch, call.Function))
                    :
                    [
                        .. RadioSettings.Link,
                        .. RadioSettings.Reverses(sheet, call),
                        new Setting(SettingKind.Mix, call.Function),
                        new Setting(SettingKind.Switch, call.Function),
                        .. RadioSettings.Answers(Schools.Wiring),
                    ],
                SheetValues.OfCall(call),
            ]);
    }
}
