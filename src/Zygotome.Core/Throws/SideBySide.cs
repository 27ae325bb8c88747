using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Throws;

/// <summary>
/// Left against right: both sides of one function, rate and way may differ by the sheet's limit, else by 1 mm or 5 %,
/// the larger. U of a difference is √2·U (in general the root of the sum of squares).
/// </summary>
public static class SideBySide
{
    public static IEnumerable<(ThrowTarget Left, ThrowTarget Right)> Pairs(IReadOnlyList<ThrowTarget> targets) =>
        from left in targets
        where left.Surface.Side == "left" && left.Band is not null
        let right = Opposite(left, targets)
        where right is not null
        select (left, right);

    // By place, never by kind alone: inner with inner. Where the shares of the span are not the same on both sides, only
    // one that has no rival is taken.
    private static ThrowTarget? Opposite(ThrowTarget left, IReadOnlyList<ThrowTarget> targets)
    {
        var alike = targets
            .Where(right =>
                right.Surface.Side == "right"
                && right.Surface.Kind == left.Surface.Kind
                && right.Surface.On == left.Surface.On
                && (right.Function, right.Rate, right.Way) == (left.Function, left.Rate, left.Way)
                && right.Band is not null
            )
            .ToArray();
        return alike.FirstOrDefault(r => Place(r) == Place(left))
            ?? (alike.Length == 1 && targets.Count(t => IsRival(t, left)) == 1 ? alike[0] : null);

        static (double, double) Place(ThrowTarget t) => (Numbers.Round(t.Surface.From), Numbers.Round(t.Surface.To));
        static bool IsRival(ThrowTarget t, ThrowTarget left) =>
            t.Surface.Side == "left"
            && (t.Surface.Kind, t.Surface.On) == (left.Surface.Kind, left.Surface.On)
            && (t.Function, t.Rate, t.Way) == (left.Function, left.Rate, left.Way);
    }

    public static Claim Claim(JobState state, RadioNumbers numbers, ThrowTarget left, ThrowTarget right)
    {
        // For one way of a surface pair; ailerons up are compared with ailerons up, taken from opposite sticks.
        var stated = state.Sheet.Defaults.SideDifference?.Nominal;
        var limit =
            left.Unit == "mm"
                ? stated is { } s
                    ? (double)s
                    : Math.Max(1, 0.05 * left.Nominal)
                : Math.Max(1.5, 0.05 * left.Nominal);
        var band = new Band(null, Numbers.Round(limit), left.Unit);
        var pair = PairOf(left.Surface.Id);
        var kind = pair.Replace('-', ' ') + (left.Surface.Functions.Length > 1 ? $" ({left.Function})" : "");
        var requirement = new Requirement(
            $"sides/{pair}/{left.Function}/{left.Rate}/{left.Way.ToString().ToLowerInvariant()}",
            Stage.Throws,
            $"Left against right, {kind} {left.Way.ToString().ToLowerInvariant()}, {left.Rate}",
            stated is null ? $"{band} (shop's)"
                : state.Sheet.Defaults.DifferenceAssumed ? $"{band} (assumed)"
                : band.ToString()
        );
        if (
            !Standing(state, numbers, left).Try(out var a, out var missing)
            || !Standing(state, numbers, right).Try(out var b, out missing)
        )
        {
            return Journal.Claim.NotShown(requirement, missing.Text);
        }

        var difference = Math.Abs(a.Reading.Value - b.Reading.Value);
        var judgement = Judgement.Of(
            difference,
            Math.Sqrt((a.Reading.U * a.Reading.U) + (b.Reading.U * b.Reading.U)),
            band,
            state.Rules.Guarded
        );
        var later = a.Evidence.Seq > b.Evidence.Seq ? a.Evidence : b.Evidence;
        return Journal.Claim.Measured(
            requirement,
            judgement,
            $"{Numbers.OneDecimal(difference)} {left.Unit}",
            $"{Numbers.OneDecimal(a.Reading.Value)} left, {Numbers.OneDecimal(b.Reading.Value)} right: "
                + $"{judgement.Phrase}.",
            later
        );
    }

    // A biplane has two pairs of the same kind: the pair is named by its surfaces.
    private static string PairOf(string left) =>
        left.EndsWith("-left", StringComparison.Ordinal) ? left[..^"-left".Length] : left;

    // Each side counts only while its own reading does: one side set anew must not take the other down with it.
    private static Outcome<(ThrowReading Reading, Evidence Evidence)> Standing(
        JobState state,
        RadioNumbers numbers,
        ThrowTarget target
    )
    {
        var missing = new Refusal("throws/side-missing", $"{target.Name} is needed.");
        return
            !state.Throws.Readings.TryGetValue(target.Id, out var shown)
            || numbers.RestsOn(target).Cause(state, shown.Evidence) is not null
            || state.AskedAnew.GetValueOrDefault(target.Id) > shown.Evidence.Seq
            || !ThrowReading.Of(target, shown.Read).Try(out var reading, out _)
            ? missing
            : (reading, shown.Evidence);
    }
}
