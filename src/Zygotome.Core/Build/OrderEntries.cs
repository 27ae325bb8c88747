using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Build;

/// <summary>A lead adds a step that the sheet has not, with a reason.</summary>
/// <param name="After">The step it comes after; empty: it can be done at once.</param>
/// <param name="Before">The step that waits for it; empty for none.</param>
public sealed record StepAdded(string Title, double Minutes, string Reason, string? After = null, string? Before = null)
    : EntryBody
{
    public string? Text { get; init; }

    /// <summary>What it adds; left out, weight and balance are shown again after it.</summary>
    public Mass? Grams { get; init; }

    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Title, "body.title", "Say what is done.")
        ?? Texts.Reason(Reason, "body.reason", "Say why the sheet's steps do not do.")
        ?? Texts.Fits(Text ?? "", "body.text")
        ?? OrderRules.Minutes(Minutes)
        ?? OrderRules.Known(state, After, "body.after")
        ?? OrderRules.Known(state, Before, "body.before")
        ?? (
            Before is { Length: > 0 } before && state.Progress(before) is not null
                ? new Refusal("build/begun", "What is to wait for it is begun already.", "body.before")
            : Grams?.Outside(-2000, 2000, "what work added", "body.grams") is { } impossible ? impossible
            : OrderRules.Circle(state, Change(entry))
        );

    public override JobState Apply(JobState state, Entry entry) => OrderRules.Changed(state, entry, Change(entry));

    private AddedStep Change(Entry entry)
    {
        var step = StepFields.List.Of(
            StepFields.Id.Is($"added-{entry.Seq}"),
            StepFields.Title.Is(Title),
            StepFields.HandsOn.Is(Minutes),
            StepFields.After.Is(After is { Length: > 0 } after ? [after] : []),
            StepFields.Disturbs.Is(Grams?.Nominal == 0 ? [] : [.. DisturbanceMatrix.Weight]),
            StepFields.Text.Is(Text ?? "")
        );
        return new(
            Grams is { } grams ? step.With(StepFields.Grams.Is((double)grams.Nominal)) : step,
            Before ?? "",
            Reason,
            Evidence.Of(entry)
        );
    }

    public override string Say(JobState state) => $"Step added: {Title}";
}

/// <summary>A lead moves a step: it comes after another one, with a reason.</summary>
/// <param name="After">Empty: it can be done at once.</param>
public sealed record StepMoved(string Step, string After, string Reason) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        OrderRules.NotBegun(state, Step)
        ?? OrderRules.Known(state, After, "body.after")
        ?? Texts.Reason(Reason, "body.reason", "Say why the sheet's order does not do.")
        ?? OrderRules.Circle(state, Change(entry));

    public override JobState Apply(JobState state, Entry entry) => OrderRules.Changed(state, entry, Change(entry));

    private MovedStep Change(Entry entry) => new(Step, After, Reason, Evidence.Of(entry));

    public override string Say(JobState state) => $"Moved: {state.Sheet.Step(Step)?.Title ?? Step}";
}

/// <summary>A lead leaves a step out, with a reason. Its line stays in the ledger and says so.</summary>
public sealed record StepSkipped(string Step, string Reason) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        OrderRules.NotBegun(state, Step)
        ?? (
            state.Sheet.Step(Step) is { Repairs.Length: > 0 }
                ? new Refusal("build/repair", "A repair is not left out: decide on its finding.", "body.step")
            : state.Sheet.Step(Step) is { Readies.Length: > 0 } readies
                ? new Refusal(
                    "build/readies",
                    $"\"{readies.Title}\" makes motors ready: without it nobody is asked how they stand.",
                    "body.step"
                )
            : Texts.Reason(Reason, "body.reason", "Say why it is not done.")
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.Sheet.Step(Step) is { } step
            ? OrderRules.Changed(state, entry, new SkippedStep(step, Reason, Evidence.Of(entry)))
            : state.NotSupported(entry);

    public override string Say(JobState state) => $"Left out: {BuildRules.Title(state, Step)}";
}

/// <summary>A lead splits a step in two, with a reason.</summary>
/// <param name="Rest">What the second part is called.</param>
/// <param name="Minutes">Of the second part.</param>
public sealed record StepSplit(string Step, string Rest, double Minutes, string Reason) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        OrderRules.NotBegun(state, Step)
        ?? Texts.Reason(Rest, "body.rest", "Say what the second part is.")
        ?? Texts.Reason(Reason, "body.reason", "Say why it is done in two parts.")
        ?? OrderRules.Minutes(Minutes)
        ?? (
            state.Build.Changes.Any(c => c is SplitStep && c.Step == Step)
                ? new Refusal("build/split", "That step is in two parts already.", "body.step")
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        OrderRules.Changed(state, entry, new SplitStep(Step, Rest, Minutes, Reason, Evidence.Of(entry)));

    public override string Say(JobState state) => $"In two parts: {BuildRules.Title(state, Step)}";
}

/// <summary>A lead has a step done as the sheet has it after all: what was moved, split or left out of it is put
/// back.</summary>
public sealed record StepPutBack(string Step, string Reason) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Build.Changes.Any(c => c.Step == Step && c is not AddedStep)
            ? OrderRules.Untouched(
                state,
                state.Build.Changes.OfType<SplitStep>().FirstOrDefault(c => c.Step == Step)?.RestId
            ) ?? Texts.Reason(Reason, "body.reason", "Say why it is done after all.")
            : new Refusal("build/not-changed", "That step is as the sheet has it.", "body.step");

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(
                state.Build with
                {
                    Changes = state.Build.Changes.RemoveAll(c => c.Step == Step && c is not AddedStep),
                }
            )
            .Resheet(entry);

    public override string Say(JobState state) => $"As the sheet has it: {BuildRules.Title(state, Step)}";
}

/// <summary>What every change of the order keeps.</summary>
internal static class OrderRules
{
    public static JobState Changed(JobState state, Entry entry, OrderChange change) =>
        state.With(state.Build with { Changes = state.Build.Changes.Add(change) }).Resheet(entry);

    public static Refusal? NotBegun(JobState state, string step) =>
        state.Sheet.Step(step) is null ? BuildRules.NoStep(step) : Untouched(state, step);

    public static Refusal? Untouched(JobState state, string? step) =>
        step is not null && state.Progress(step) is not null
            ? new Refusal("build/begun", "That step is begun: its order is what was done.", "body.step")
            : null;

    public static Refusal? Known(JobState state, string? step, string where) =>
        string.IsNullOrEmpty(step) || state.Sheet.Step(step) is not null
            ? null
            : new Refusal("build/step-unknown", $"There is no step \"{step}\" in the sheet.", where);

    public static Refusal? Minutes(double minutes) =>
        double.IsFinite(minutes) && minutes is >= 0 and <= 10_000
            ? null
            : new Refusal("build/minutes", $"From 0 to 10000 minutes, not {minutes}.", "body.minutes");

    /// <summary>The refusal of an order that goes round, with its chain; null where it does not.</summary>
    public static Refusal? Circle(JobState state, OrderChange change)
    {
        var after = change
            .Apply([.. state.Sheet.Steps])
            .DistinctBy(s => s.Id)
            .ToDictionary(s => s.Id, StringComparer.Ordinal);
        return StepOrder.Circle(after, change.Step) is { Length: > 0 } circle
            ? new Refusal(
                "build/circle",
                "These would wait for each other in a circle: "
                    + string.Join(" after ", circle.Select(id => after.TryGetValue(id, out var s) ? s.Title : id))
                    + ".",
                "body.after"
            )
            : null;
    }
}
