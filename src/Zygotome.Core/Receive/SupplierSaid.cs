using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Receive;

/// <summary>
/// Who the kit came from, when it was not said at the counter, and the day it came: the claim clock runs from there.
/// </summary>
public sealed record SupplierSaid(Supplier Supplier, DateOnly? ReceivedOn = null) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Supplier.Admit("body.supplier")
        ?? (
            ReceivedOn is { } on
            && ShopDay.Of(state.Rules.TimeZone, entry.ObservedAt) is var today
            && (on > today || on < today.AddDays(-366))
                ? new Refusal(
                    "receive/received-on",
                    $"{DayWords.Of(on)} is not a day of the last year.",
                    "body.receivedOn"
                )
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Receive with { Supplier = Supplier, ReceivedOn = ReceivedOn ?? state.Receive.ReceivedOn });

    public override string Say(JobState state) => $"From {Supplier.Name}";
}
