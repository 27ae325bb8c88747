using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>Settings as people call them.</summary>
public static class SettingWords
{
    private const string ChangedTo = "changed #";

    /// <summary>The value of an entry that says something was changed and not to what: another one each time.</summary>
    public static string Changed(Entry entry) => $"{ChangedTo}{entry.Seq}";

    /// <summary>A value as people read it.</summary>
    public static string Value(string value) =>
        value.StartsWith(ChangedTo, StringComparison.Ordinal) ? "changed, not said to what" : value;

    /// <summary>"End point of the left elevon, up: 100 % when this was shown, 92 % now."</summary>
    public static string Of(JobState state, SettingChange change) =>
        change.Now.Value.StartsWith(ChangedTo, StringComparison.Ordinal)
            ? $"{Of(state, change.Setting)} changed, after this was shown."
            : $"{Of(state, change.Setting)}: {Value(change.Then)} when this was shown, {change.Now.Value} now.";

    /// <summary>"End point of the left elevon, up".</summary>
    public static string Of(JobState state, Setting setting) =>
        setting.Kind switch
        {
            SettingKind.Pack => "Flight pack",
            SettingKind.PackPlace => setting.Of.Length > 0 ? $"Front of the pack, {setting.Of}" : "Front of the pack",
            SettingKind.Ballast => $"Ballast at {setting.Of}",
            SettingKind.Payload => Texts.Capital(setting.Of),
            SettingKind.Receiver => "The receiver",
            SettingKind.Transmitter => "The transmitter",
            SettingKind.Memory => "The model memory",
            SettingKind.EndPoint => $"End point of the {Channel.Named(state.Sheet, setting.Of)}, {setting.At}",
            SettingKind.Share => $"Share of {setting.Of}, {setting.Rate}, {Stick(setting)}",
            SettingKind.Trim => $"Trim of the {Channel.Named(state.Sheet, setting.Of)}",
            SettingKind.Reverse => $"Channel {setting.Of}",
            SettingKind.Mix => $"Mix into {setting.Of}",
            SettingKind.Expo => $"Expo of {setting.Of}",
            SettingKind.Gain => "Stabiliser gain",
            SettingKind.SurfaceCount => "Surfaces the stabiliser was told of",
            SettingKind.ThrottleCut => "Throttle cut",
            SettingKind.Correction => $"{Texts.Capital(setting.Of)} in the stabiliser",
            SettingKind.Switch => $"Switch of {setting.Of}",
            SettingKind.Linkage => $"{Texts.Capital(setting.At)} of the {Channel.Named(state.Sheet, setting.Of)}",
            SettingKind.KitOption => state.Built.Kit.Options.FirstOrDefault(o => o.Id == setting.Of)?.Name
                ?? setting.Of,
            SettingKind.School => Schools.Find(setting.Of)?.Question ?? setting.Of,
            SettingKind.Propeller => state.Sheet.Power.Motors.Length > 1 ? $"Propeller {setting.Of}" : "The propeller",
            _ => $"Sheet: {setting.Of}{(setting.At.Length > 0 ? $" of {Places.Words(setting.At)}" : "")}",
        };

    // Which side of its stick or switch a function's share is of.
    private static string Stick(Setting share) =>
        (share.Of, share.At == Setting.Positive) switch
        {
            ("aileron" or "rudder", true) => "stick right",
            ("aileron" or "rudder", false) => "stick left",
            ("elevator", true) => "stick back",
            ("elevator", false) => "stick forward",
            (_, true) => "switch on",
            _ => "the other way",
        };
}
