using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>
/// A lead gives a value where the maker states none; it counts for this job only and bears the lead's name.
/// </summary>
/// <param name="For">A <see cref="SheetGap"/>, such as <c>throw/rudder/rudder/high/right</c>.</param>
public sealed record ValueGiven(string For, AsPrinted Value, string Reason) : EntryBody
{
    // Only the gap says what a bare number is.
    public override EntryBody Composed(JobState state, Entry entry) =>
        Gap(state) is { } gap ? this with { Value = new(gap.Takes.Complete(Value.Typed)) } : this;

    // A value once given may be given anew.
    private SheetGap? Gap(JobState state) =>
        state
            .Stages.Gaps(state.Sheet with { Given = state.Sheet.Given.Remove(For) }, state.Rules)
            .FirstOrDefault(g => g.Id == For);

    public override Refusal? Admit(JobState state, Entry entry) =>
        Gap(state) is not { } gap
            ? new Refusal(
                "receive/no-gap",
                $"\"{For}\" is not a value that is missing: the sheet states it.",
                "body.for"
            )
        : gap.Takes.Wrong(Value.Typed) is { } wrong ? wrong with { Where = "body.value" }
        : Value.Typed.Form == QuantityForm.Descending
            ? new Refusal(
                "receive/unit",
                $"\"{Value.Text}\" can be a band or two rates. Write the smaller first for a band.",
                "body.value"
            )
        : Texts.Reason(Reason, "body.reason", "Say where the value comes from.");

    public override ImmutableArray<Measure> TypedValues() => [Value];

    public override EntryBody WithTyped(ImmutableArray<Quantity> values) => this with { Value = new(values[0]) };

    public override JobState Apply(JobState state, Entry entry) =>
        (state with { Given = state.Given.SetItem(For, new GivenValue(Value.Typed, entry.By.Name, Reason)) }).Resheet(
            entry
        );

    public override string Say(JobState state) => $"{For}: {Value.Text} given";
}
