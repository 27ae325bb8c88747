using Zygotome.Core.Journal;

namespace Zygotome.Server.Stages;

/// <summary>One setting as it is now, in words.</summary>
/// <param name="Group">Aircraft, radio or sheet: where somebody would look for it.</param>
public sealed record SettingView(string Id, string Group, string Name, string Value, string By, DateTimeOffset At);

/// <summary>What stays set in aircraft and radio, and which values of the sheet were used, in one list.</summary>
public sealed record SettingsView(IReadOnlyList<SettingView> Settings);

internal static class SettingsEndpoint
{
    public static void MapSettings(this IEndpointRouteBuilder app) =>
        app.MapGet("/api/jobs/{id}/settings", (string id, JobDesk desk) => desk.View(id, (state, _) => View(state)));

    private static SettingsView View(JobState state) =>
        new([
            .. state.Settings.Now.Select(s => new SettingView(
                Id: s.Setting.ToString(),
                Group: Group(s.Setting.Kind),
                Name: SettingWords.Of(state, s.Setting),
                Value: SettingWords.Value(s.Now.Value),
                By: s.Now.By.Name,
                At: s.Now.ObservedAt
            )),
        ]);

    private static string Group(SettingKind kind) =>
        kind switch
        {
            SettingKind.Pack
            or SettingKind.PackPlace
            or SettingKind.Ballast
            or SettingKind.Payload
            or SettingKind.Propeller
            or SettingKind.Linkage
            or SettingKind.School => "aircraft",
            SettingKind.SheetValue => "sheet",
            _ => "radio",
        };
}
