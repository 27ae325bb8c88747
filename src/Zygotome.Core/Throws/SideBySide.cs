using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Throws;

/// <summary>
/// Left against right: both sides of one function, rate and way may differ by the sheet's limit, else by 1 mm or 5 %,
/// the larger. U of a difference is √2·U (in general the root of the sum of squares).
/// </summary>
public static class SideBySide
{
    /// <summary>Left with right by place, of throws that have limits.</summary>
    public static IEnumerable<(ThrowTarget Left, ThrowTarget Right)> Pairs(IReadOnlyList<ThrowTarget> targets) =>
        from left in targets
        where left.Surface.Side == "left" && left.Band is not null
        let right = Opposite(left, targets)
        where right is not null
        select (left, right);

    /// <summary>The lines of all pairs.</summary>
    public static IEnumerable<SidesId> Ids(IReadOnlyList<ThrowTarget> targets) =>
        Pairs(targets).Select(p => IdOf(p.Left));

    private static SidesId IdOf(ThrowTarget left) => new(left.Surface.Pair, left.Function, left.Rate, left.Way);

    // As the sheet says; else by place, never by kind alone: inner with inner. All fins are one part; of several at the
    // same place those of one name. Where the shares of the span are not the same on both sides, only one that has no
    // rival is taken.
    private static ThrowTarget? Opposite(ThrowTarget left, IReadOnlyList<ThrowTarget> targets)
    {
        var answering = targets
            .Where(right =>
                right.Surface.Side == "right"
                && (right.Function, right.Rate, right.Way) == (left.Function, left.Rate, left.Way)
                && right.Band is not null
            )
            .ToArray();
        if (targets.Any(t => IsSaid(left.Surface, t.Surface)))
        {
            return answering.FirstOrDefault(right => IsSaid(left.Surface, right.Surface));
        }

        var alike = answering
            .Where(right => IsLike(right.Surface, left.Surface) && !targets.Any(t => IsSaid(t.Surface, right.Surface)))
            .ToArray();
        var across = alike.Where(r => Place(r.Surface) == Place(left.Surface)).ToArray();
        return across.Length > 1 ? across.FirstOrDefault(r => r.Surface.Pair == left.Surface.Pair)
            : across.Length == 1 ? across[0]
            : alike.Length == 1 && targets.Count(t => IsRival(t, left)) == 1 ? alike[0]
            : null;

        static bool IsSaid(Surface one, Surface other) => Says(one, other) || Says(other, one);
        static bool Says(Surface one, Surface other) => one.ComparedWith.Length > 0 && one.ComparedWith == other.Id;
        static bool IsLike(Surface one, Surface other) =>
            one.Kind == other.Kind
            && (one.On == other.On || (Places.IsNamed(Places.Fin, one.On) && Places.IsNamed(Places.Fin, other.On)));
        static (double, double) Place(Surface s) => (Numbers.Round(s.From), Numbers.Round(s.To));
        static bool IsRival(ThrowTarget t, ThrowTarget left) =>
            t.Surface.Side == "left"
            && IsLike(t.Surface, left.Surface)
            && (t.Function, t.Rate, t.Way) == (left.Function, left.Rate, left.Way);
    }

    /// <summary>How one pair stands; not shown while either side's own reading does not count.</summary>
    public static Requirement Of(JobState state, RadioNumbers numbers, ThrowTarget left, ThrowTarget right)
    {
        // For one way of a surface pair; ailerons up are compared with ailerons up, taken from opposite sticks.
        var stated = state.Sheet.Defaults.Says(ThrowFields.SideDifference).Counts?.Nominal;
        var limit =
            left.Unit == "mm"
                ? stated is { } s
                    ? (double)s
                    : Math.Max(1, 0.05 * left.Nominal)
                : Math.Max(1.5, 0.05 * left.Nominal);
        var id = IdOf(left);
        var facts = new SidesFacts(left, new Band(null, Numbers.Round(limit), left.Unit), stated is null);
        if (
            !Standing(state, numbers, left).Try(out var a, out var missing)
            || !Standing(state, numbers, right).Try(out var b, out missing)
        )
        {
            return new Requirement(
                id,
                Concedable.ByLead,
                Journal.Standing.NotShown,
                facts with
                {
                    Missing = missing.Text,
                }
            );
        }

        var judgement = Judgement.Of(
            Math.Abs(a.Reading.Value - b.Reading.Value),
            Math.Sqrt((a.Reading.U * a.Reading.U) + (b.Reading.U * b.Reading.U)),
            facts.Band,
            state.Rules.Guarded
        );
        return Requirement.Measured(
            id,
            Concedable.ByLead,
            judgement,
            facts with
            {
                LeftValue = a.Reading.Value,
                RightValue = b.Reading.Value,
                Judgement = judgement,
            }
        ) with
        {
            Evidence = a.Evidence.Seq > b.Evidence.Seq ? a.Evidence : b.Evidence,
        };
    }

    /// <param name="Band">How far the sides may differ, in the unit of the throw.</param>
    /// <param name="Shops">The limit is the shop's, because the sheet states none.</param>
    private sealed record SidesFacts(ThrowTarget Left, Band Band, bool Shops) : LineFacts
    {
        /// <summary>Which side is not measured; of one that is not judged.</summary>
        public string Missing { get; init; } = "";

        public double LeftValue { get; init; }

        public double RightValue { get; init; }

        public Judgement? Judgement { get; init; }

        public override LineWords Words(JobState state)
        {
            var mixed = Left.Surface.Functions.Length > 1 ? $" ({Left.Function})" : "";
            var limits = Shops ? $"{Band} (shop's)" : Band.ToString();
            return new LineWords(
                $"Left against right, {Places.Words(Left.Surface.Pair)}{mixed} " + $"{Left.Way.Word()}, {Left.Rate}",
                limits,
                "",
                Judgement is null ? "" : $"{Band.Beside(Math.Abs(LeftValue - RightValue))} {Left.Unit}",
                Judgement is { } j
                    ? $"{Numbers.OneDecimal(LeftValue)} left, {Numbers.OneDecimal(RightValue)} right: {j.Phrase}."
                    : Missing
            );
        }
    }

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
