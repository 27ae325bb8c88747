using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Receive;

/// <summary>A line of the to-buy list is ordered, here, or not needed after all.</summary>
public sealed record ToBuySaid(string Item, BuyState State, DateOnly? Due = null, string Note = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Item, "body.item", "Say which line.")
        ?? Texts.Fits(Item, "body.item", 200)
        ?? Texts.Fits(Note, "body.note")
        ?? (
            Due is { } due
            && Math.Abs(due.DayNumber - ShopDay.Of(state.Rules.TimeZone, entry.ObservedAt).DayNumber) > 730
                ? new Refusal("receive/due", $"{DayWords.Of(due)} is not within two years.", "body.due")
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Receive with
            {
                Bought = state.Receive.Bought.SetItem(Item, new Bought(State, Due, Note, Evidence.Of(entry))),
            }
        );

    public override string Say(JobState state) => $"{ToBuy.Named(state, Item)}: {ReceiveWords.Of(State)}";
}
