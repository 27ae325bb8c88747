using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Receive;

/// <summary>Another date is promised, with its reason; from today to two years on.</summary>
public sealed record PromiseChanged(DateOnly Promised, string Reason) : EntryBody
{
    internal static Refusal? Possible(DateOnly promised, DateOnly today, string where)
    {
        return promised < today || promised > today.AddYears(2)
            ? new Refusal(
                "receive/promised",
                $"{DayWords.Of(promised)} cannot be promised: it must be from today to two years on.",
                where
            )
            : null;
    }

    public override Refusal? Admit(JobState state, Entry entry) =>
        Possible(Promised, ShopDay.Of(state.Rules.TimeZone, entry.ObservedAt), "body.promised")
        ?? Texts.Reason(Reason, "body.reason", "Say why the date changes.");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Receive with { Promised = Promised });

    public override string Say(JobState state) => $"Promised for {DayWords.Of(Promised)}";
}
