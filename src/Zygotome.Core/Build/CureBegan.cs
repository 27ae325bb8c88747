using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>
/// A lead knows that a joint was closed earlier than the server heard of it: its cure counts from then. Never from
/// before its step was seen to begin.
/// </summary>
public sealed record CureBegan(string Step, DateTimeOffset At, string Reason) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Progress(Step) is not { CuresFrom: { } from, HandleAt: not null } progress
            ? new Refusal("build/no-cure", "That step has no glue curing.", "body.step")
        : At >= from
            ? new Refusal(
                "build/not-earlier",
                $"Its cure counts from {state.At(from)} already; only an earlier hour is said here.",
                "body.at"
            )
        : At < progress.Started.ObservedAt
            ? new Refusal(
                "build/before-its-step",
                $"The step began {state.At(progress.Started.ObservedAt)}; no joint of it was closed before.",
                "body.at"
            )
        : Texts.Reason(Reason, "body.reason", "Say how that is known.");

    public override JobState Apply(JobState state, Entry entry)
    {
        if (state.Progress(Step) is not { CuresFrom: { } from } progress || At >= from)
        {
            return state.NotSupported(entry);
        }

        var earlier = from - At;
        var moved = progress with
        {
            CuresFrom = At,
            HandleAt = progress.HandleAt - earlier,
            FullAt = progress.FullAt - earlier,
        };
        state = state.With(Step, moved);

        // A repair's finding says when it can be handled, too.
        return state.Sheet.Step(Step) is { Repairs.Length: > 0 } step
            ? state.With(state.The<IRepairs>().CanBeHandled(step.Repairs, moved.HandleAt))
            : state;
    }

    public override string Say(JobState state) => $"{state.Sheet.Step(Step)?.Title ?? Step}: closed {state.At(At)}";
}
