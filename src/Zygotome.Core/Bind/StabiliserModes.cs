using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>The modes of a kit's stabiliser, and by what each is told.</summary>
public static class StabiliserModes
{
    /// <summary>In the sheet's order, those that only have a sign last; none without a stabiliser.</summary>
    public static ImmutableArray<string> Of(SpecSheet sheet) =>
        sheet.Radio.Stabiliser.Likely == true
            ? [.. sheet.Radio.StabiliserModes.Union(sheet.Radio.Signs.Select(s => s.Mode))]
            : [];

    /// <summary>The sheet's sign; else what such a mode does by nature when it is tilted.</summary>
    public static string Sign(SpecSheet sheet, string mode) =>
        sheet.Radio.Signs.FirstOrDefault(s => s.Mode == mode)?.Shows is { Length: > 0 } sign ? sign
        : StabiliserAxes.IsOff(mode) ? "does not answer a tilt"
        : StabiliserAxes.Holds(mode) ? "holds its answer as long as it is tilted"
        : "answers a tilt only while it moves";

    /// <summary>How it is bound to come up in a mode; empty where binding does not decide.</summary>
    public static string Bound(SpecSheet sheet, string mode) =>
        sheet.Radio.Signs.FirstOrDefault(s => s.Mode == mode)?.Bind ?? "";
}
