using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>One setting: <c>end-point/elevon-left/up</c>.</summary>
/// <param name="Of">Which one, where there are several.</param>
/// <param name="Rate">Of a share: the rate or position it is at.</param>
/// <param name="At">Which side, way, part or surface of it.</param>
public readonly record struct Setting(SettingKind Kind, string Of = "", string At = "", string Rate = "")
{
    /// <summary>Values of a propeller: fitted, or its weighed mass placed at its station.</summary>
    public const string Aboard = "aboard",
        Off = "off";

    /// <summary>Sides of a stick or switch that a share is of.</summary>
    public const string Positive = "+",
        Negative = "-";

    /// <summary>By kind, then by name.</summary>
    public static IComparer<Setting> Order { get; } =
        Comparer<Setting>.Create(
            (a, b) =>
                a.Kind != b.Kind ? a.Kind - b.Kind
                : string.CompareOrdinal(a.Of, b.Of) is var of && of != 0 ? of
                : string.CompareOrdinal(a.Rate, b.Rate) is var rate && rate != 0 ? rate
                : string.CompareOrdinal(a.At, b.At)
        );

    /// <summary>
    /// What it counts as until somebody says it; null where that is not known, so that a first word on it is a word on
    /// what was there all along.
    /// </summary>
    public string? Unsaid =>
        Kind switch
        {
            SettingKind.EndPoint => "100 %",
            SettingKind.Ballast => "0 pieces",
            SettingKind.Trim => "0",
            SettingKind.Reverse or SettingKind.Correction => "normal",
            SettingKind.Memory => "not bound",
            SettingKind.Payload => "not aboard",
            SettingKind.Linkage => "as built",
            SettingKind.School => Schools.Find(Of)?.Default.Text,
            _ => null,
        };

    public override string ToString() =>
        string.Join('/', new[] { $"{Kind}", Of, Rate, At }.Where((part, i) => i == 0 || part.Length > 0));
}
