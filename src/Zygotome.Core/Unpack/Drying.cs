using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Unpack;

/// <summary>
/// Paint that is tacky keeps tape and decals off until somebody looked at it again and found it dry.
/// </summary>
internal static class Drying
{
    /// <summary>Days before it is looked at again: the shop's own rule.</summary>
    public const int Days = 2;

    /// <summary>The day to look again, from the one it was looked at.</summary>
    public static DateOnly LookAgain(JobState state, Entry entry) =>
        ShopDay.Of(state.Rules.TimeZone, entry.ObservedAt).AddDays(Days);

    /// <summary>
    /// What of it a step waits for: one that sticks something on, with tape or a decal, at that part or at no part that
    /// it names.
    /// </summary>
    public static IEnumerable<string> Keeps(JobState state, StepSpec step) =>
        Sticks(step)
            ? state
                .Unpack.Findings.Where(f => f.Dries && !f.Cleared && Touches(state.Sheet, step, f.Place))
                .Select(f =>
                    $"{f.Tag}: tacky paint, {state.Sheet.Geometry.Called(f.Place)}; looked at again on "
                    + $"{DayWords.Of(f.LookAgain!.Value)}"
                )
            : [];

    private static bool Sticks(StepSpec step) =>
        step.Get(StepFields.Kind) is "decal" or "finish"
        || step.Bond is { Kind: "decal" }
        || step.Tools.Any(t => t.Contains("tape", StringComparison.OrdinalIgnoreCase));

    private static bool Touches(SpecSheet sheet, StepSpec step, string place) =>
        step.Fits.IsEmpty
        || step.Fits.Any(f => Places.IsNamed(f, place) || Places.IsNamed(f, Drawings.CarrierOf(sheet, place)));
}
