using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>
/// A lead gives a value where the maker states none; it counts for this job only and bears the lead's name.
/// </summary>
/// <param name="For">A <see cref="SheetGap"/>, such as <c>throw/rudder/rudder/high/right</c>.</param>
public sealed record ValueGiven(string For, Quantity Value, string Reason) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        // A value once given may be given anew.
        var asIfNot = state.Sheet with
        {
            Given = state.Sheet.Given.Remove(For),
        };
        return state.Stages.Gaps(asIfNot, state.Rules).FirstOrDefault(g => g.Id == For) is not { } gap
                ? new Refusal(
                    "receive/no-gap",
                    $"\"{For}\" is not a value that is missing: the sheet states it.",
                    "body.for"
                )
            : !gap.Dimensions.Has(Value.Dimension) || Value.Form == QuantityForm.Descending
                ? new Refusal("receive/unit", $"\"{Value.Text}\" is not a value for {gap.Text}.", "body.value")
            : Texts.Reason(Reason, "body.reason", "Say where the value comes from.");
    }

    public override ImmutableArray<Quantity> TypedValues() => [Value];

    public override EntryBody WithTyped(ImmutableArray<Quantity> values) => this with { Value = values[0] };

    public override JobState Apply(JobState state, Entry entry) =>
        (state with { Given = state.Given.SetItem(For, new GivenValue(Value, entry.By.Name, Reason)) }).Resheet(entry);

    public override string Say(JobState state) => $"{For}: {Value.Text} given";
}
