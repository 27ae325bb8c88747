using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Balance;

/// <summary>Where a pack may lie: its front from the bay's front to the bay's end less its length.</summary>
public static class PackPlaces
{
    /// <summary>
    /// First and last place of the pack's front, mm from the datum; null without a bay or when the pack does not fit.
    /// </summary>
    public static (double First, double Last)? Fronts(JobState state)
    {
        if (state.Aboard.Battery is not { } pack)
        {
            return null;
        }

        var length = (double)pack.Length.Nominal;
        return state.Sheet.Geometry.Bay is { } bay && bay.To - bay.From >= length ? (bay.From, bay.To - length) : null;
    }

    /// <summary>Where the front lies in a configuration, as last said, mm from the datum; null until said.</summary>
    public static double? FrontOf(JobState state, string configuration) =>
        state.Settings.Of(BalanceGround.PackPlace(state.Sheet, configuration)) is { } said
        && double.TryParse(
            said.AsSpan(0, said.IndexOf(' ')),
            System.Globalization.CultureInfo.InvariantCulture,
            out var mm
        )
            ? mm
            : null;

    /// <summary>The refusal of weighing an aircraft whose pack nobody chose.</summary>
    internal static Refusal NoPack(string where) =>
        new("balance/no-pack", "Say first which pack flies, at Receive: it is weighed with the aircraft.", where);

    internal static Refusal? InBay(JobState state, double front, string where) =>
        state.Sheet.Geometry.Bay is null ? null
        : state.Aboard.Battery is null ? NoPack(where)
        : Fronts(state) is not { } places ? new Refusal("balance/pack", "The pack is longer than its bay.", where)
        : Numbers.Round(front) < Numbers.Round(places.First) || Numbers.Round(front) > Numbers.Round(places.Last)
            ? new Refusal(
                "balance/pack-place",
                $"The front of this pack can lie from {Numbers.Say(places.First)} to {Numbers.Say(places.Last)} mm; "
                    + $"{Numbers.Say(front)} mm is outside its bay.",
                where
            )
        : null;
}
