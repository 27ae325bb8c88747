using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>Somebody saw that a joint can be handled; its bead on the rail rests.</summary>
public sealed record StepHandled(string Step) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Progress(Step) is { HandleAt: { } at }
            ? at > entry.RecordedAt
                ? new Refusal("build/curing", $"It can be handled {state.At(at)}.", "body.step")
                : null
            : new Refusal("build/no-cure", "That step has no glue curing.", "body.step");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Progress(Step) is { } p ? state.With(Step, p with { Handled = true }) : state.NotSupported(entry);

    public override string Say(JobState state) => $"Handled: {state.Sheet.Step(Step)?.Title ?? Step}";
}
