using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>
/// What a step asked is answered. <em>No</em> is an answer: what it holds up waits, and once the glue has set it stands
/// in the ledger.
/// </summary>
/// <param name="Ask">As the step has it: <c>clear/1</c>.</param>
/// <param name="Note">How the first side was done, or what differs at the second; empty of what is only ticked.</param>
public sealed record Answered(string Step, string Ask, bool Right, string? Note = null) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (state.Sheet.Step(Step) is not { } step)
        {
            return BuildRules.NoStep(Step);
        }

        if (StepAsks.Of(state, step).FirstOrDefault(a => a.Id == Ask) is not { } ask)
        {
            return new Refusal("build/no-ask", $"\"{step.Title}\" does not ask that.", "body.ask");
        }

        if (ask.IsMeasured)
        {
            return new Refusal("build/read", "That is measured, not answered.", "body.ask");
        }

        var progress = state.Progress(Step);
        return progress is null ? new Refusal("build/not-started", $"\"{step.Title}\" is not under way.", "body.step")
            : ask.When == AskWhen.Cured ? Cured(state, step, progress, entry)
            : progress.Done is not null ? new Refusal("build/step-done", $"\"{step.Title}\" is done.", "body.step")
            : ask.When == AskWhen.Open && step.Bond is not null && progress.Glue is null
                ? new Refusal("build/not-open", "That is asked once its glue is open.", "body.ask")
            : ask.How == AskHow.Note
                ? Texts.Reason(Note ?? "", "body.note", "Say how this side was done; it is shown at the other.")
            : ask.How == AskHow.Same && !Right
                ? Texts.Reason(Note ?? "", "body.note", "Say what differs from the first side.")
            : Waiting(state, step, ask, entry) ?? Texts.Fits(Note ?? "", "body.note");
    }

    // What has set says something of the joint; what still sets does not.
    private Refusal? Cured(JobState state, StepSpec step, StepProgress progress, Entry entry) =>
        progress.Done is null ? new Refusal("build/not-done", $"\"{step.Title}\" is not done yet.", "body.step")
        : progress.HandleAt > entry.RecordedAt
            ? new Refusal(
                "build/curing",
                $"Asked once it has set: it can be handled {state.At(progress.HandleAt.Value)}.",
                "body.ask"
            )
        : Texts.Fits(Note ?? "", "body.note");

    // One tap of a procedure after the other, each with its own wait.
    private static Refusal? Waiting(JobState state, StepSpec step, StepAsk ask, Entry entry)
    {
        if (!ask.Id.StartsWith("tap/", StringComparison.Ordinal))
        {
            return null;
        }

        foreach (
            var before in StepAsks
                .Of(state, step)
                .TakeWhile(a => a.Id != ask.Id)
                .Where(a => a.Id.StartsWith("tap/", StringComparison.Ordinal))
        )
        {
            if (StepAsks.Answer(state, step, before) is not { Right: true } done)
            {
                return new Refusal("build/in-order", $"First: {before.Words}", $"ask/{before.Id}");
            }

            var until = Curing.After(done.Evidence.ObservedAt, before.Wait / 60);
            if (until > entry.RecordedAt)
            {
                return new Refusal(
                    "build/wait",
                    $"It waits {Math.Ceiling((until - entry.RecordedAt).TotalSeconds)} s more after: {before.Words}",
                    $"ask/{ask.Id}"
                );
            }
        }

        return null;
    }

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Build with
            {
                Answers = state.Build.Answers.SetItem(
                    StepAsks.Key(Step, Ask),
                    new StepAnswer(Right, Note?.Trim() ?? "", Evidence.Of(entry))
                ),
            }
        );

    public override IEnumerable<string> Shows() => [$"step/{Step}/{Ask}"];

    public override string Say(JobState state)
    {
        var ask = state.Sheet.Step(Step) is { } step ? StepAsks.Of(state, step).FirstOrDefault(a => a.Id == Ask) : null;
        var note = string.IsNullOrWhiteSpace(Note) ? "" : $": {Note.Trim()}";
        return ask?.How == AskHow.Note ? $"This side{note}" : $"{ask?.Words ?? Ask} {(Right ? "Yes" : "No")}{note}";
    }
}
