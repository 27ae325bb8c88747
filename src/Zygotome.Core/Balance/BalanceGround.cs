using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Balance;

/// <summary>
/// What a weighing rests on: everything aboard with its place. Weight rests on what is aboard, and not on where.
/// </summary>
public static class BalanceGround
{
    /// <summary>The place of a configuration that states its own, else the one place of all.</summary>
    public static Setting PackPlace(SpecSheet sheet, string configuration) =>
        new(
            SettingKind.PackPlace,
            sheet.Balance.Configurations.Any(c => c.Name == configuration && c.PackFront is not null)
                ? configuration
                : ""
        );

    /// <summary>What a weight rests on: everything aboard.</summary>
    public static Rests Weight(JobState state) =>
        Rests.On(new Aspect(AspectKind.Mass)).And([.. Load(state), .. SheetValues.OfWeight(state.Sheet)]);

    /// <summary>What a centre of gravity rests on: everything aboard, and where it lies.</summary>
    public static Rests Centre(JobState state, string configuration) =>
        Rests
            .On(new Aspect(AspectKind.Balance), new Aspect(AspectKind.Mass))
            .And([.. Load(state), PackPlace(state.Sheet, configuration), .. SheetValues.OfBalance(state.Sheet)]);

    /// <summary>A place as it is compared: canonical mm, however it was typed.</summary>
    public static string Words(Station place) => $"{Numbers.Say((double)place.Nominal)} mm";

    private static IEnumerable<Setting> Load(JobState state) =>
        [
            new(SettingKind.Pack),
            new(SettingKind.Receiver),
            .. state.Sheet.Geometry.BallastStations.Select(s => new Setting(SettingKind.Ballast, s.Name)),
            .. state.Aboard.AddOns.Select(a => new Setting(SettingKind.Payload, a.Name)),
            .. state.Sheet.Power.Motors.Select(m => new Setting(SettingKind.Propeller, m.Id)),
            .. RadioSettings.Answers(Schools.Aboard),
            .. state.Sheet.Kit.Options.Select(o => new Setting(SettingKind.KitOption, o.Id)),
        ];
}
