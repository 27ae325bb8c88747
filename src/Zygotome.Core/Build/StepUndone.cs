using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>
/// A step was tapped done by a slip: it is under way again, its glue with it. What it disturbed stays disturbed, and
/// what was done after it stays done.
/// </summary>
public sealed record StepUndone(string Step, string Reason) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Step(Step) is not { } step ? BuildRules.NoStep(Step)
        : state.Progress(Step) is not { Done: not null }
            ? new Refusal("build/not-done", $"\"{step.Title}\" is not done.", "body.step")
        : Texts.Reason(Reason, "body.reason", "Say what is not done.");

    public override JobState Apply(JobState state, Entry entry)
    {
        if (state.Progress(Step) is not { } progress)
        {
            return state.NotSupported(entry);
        }

        state = state.With(
            Step,
            new StepProgress(progress.Started, null, "", null, null)
            {
                From = entry.Seq,
                Running = entry.ObservedAt,
                Hands = entry.By.Id,
                Worked = progress.Worked,
                With = progress.With,
            }
        );
        return state.Sheet.Step(Step) is { Repairs.Length: > 0 } step
            ? state.With(state.The<IRepairs>().Undone(step.Repairs))
            : state;
    }

    public override IEnumerable<string> Shows() => [$"step/{Step}"];

    public override string Say(JobState state) => $"Not done after all: {state.Sheet.Step(Step)?.Title ?? Step}";
}
