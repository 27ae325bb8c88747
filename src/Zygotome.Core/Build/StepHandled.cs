using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>
/// Somebody saw that a joint can be handled; its bead on the rail rests. Before it can, only with a reason: then the
/// joint is pulled once it has set, and the ledger asks for that.
/// </summary>
public sealed record StepHandled(string Step, string? Reason = null) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Progress(Step) is { Done: not null, HandleAt: { } at }
            ? at > entry.RecordedAt && string.IsNullOrWhiteSpace(Reason)
                ? new Refusal(
                    "build/curing",
                    $"It can be handled {state.At(at)}. Say why, if it is handled before; it is pulled once it has "
                        + "set.",
                    "body.reason"
                )
                : Texts.Fits(Reason ?? "", "body.reason")
            : new Refusal("build/no-cure", "That step has no glue curing.", "body.step");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Progress(Step) is { } p
            ? state.With(
                Step,
                p with
                {
                    Handled = true,
                    HandledEarly =
                        p.HandleAt > entry.RecordedAt && Reason is { Length: > 0 } ? Reason.Trim() : p.HandledEarly,
                }
            )
            : state.NotSupported(entry);

    public override string Say(JobState state) => $"Handled: {state.Sheet.Step(Step)?.Title ?? Step}";
}
