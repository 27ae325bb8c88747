using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>Hands are off a step for a while; its glue works on.</summary>
public sealed record StepPaused(string Step) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Step(Step) is not { } step ? BuildRules.NoStep(Step)
        : state.Progress(Step) is not { Done: null, Running: not null }
            ? new Refusal("build/not-running", $"Nobody has hands on \"{step.Title}\".", "body.step")
        : null;

    public override JobState Apply(JobState state, Entry entry) =>
        state.Progress(Step) is { } progress
            ? state.With(Step, progress.Paused(entry.ObservedAt))
            : state.NotSupported(entry);

    public override string Say(JobState state) => $"Hands off: {state.Sheet.Step(Step)?.Title ?? Step}";
}

/// <summary>Hands are on it again.</summary>
public sealed record StepResumed(string Step) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Step(Step) is not { } step ? BuildRules.NoStep(Step)
        : state.Progress(Step) is not { Done: null, Running: null }
            ? new Refusal("build/running", $"\"{step.Title}\" is not paused.", "body.step")
        : null;

    public override JobState Apply(JobState state, Entry entry) =>
        state.Progress(Step) is { } progress
            ? HandsOn.Elsewhere(state, entry).With(Step, progress with { Running = entry.ObservedAt })
            : state.NotSupported(entry);

    public override string Say(JobState state) => $"Hands on: {state.Sheet.Step(Step)?.Title ?? Step}";
}

/// <summary>Minutes that were recorded by themselves are put right, and who else had hands on it.</summary>
/// <param name="With">By name; empty where nobody had.</param>
public sealed record MinutesSaid(string Step, double Minutes, string? With = null) : EntryBody
{
    private const double Most = 6000;

    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Step(Step) is not { } step ? BuildRules.NoStep(Step)
        : state.Progress(Step) is null
            ? new Refusal("build/not-started", $"\"{step.Title}\" is not under way.", "body.step")
        : !double.IsFinite(Minutes) || Minutes is < 0 or > Most
            ? new Refusal("build/minutes", $"From 0 to {Most} minutes, not {Minutes}.", "body.minutes")
        : Texts.Fits(With ?? "", "body.with");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Progress(Step) is { } progress
            ? state.With(Step, progress with { SaidMinutes = Minutes, With = With?.Trim() ?? progress.With })
            : state.NotSupported(entry);

    public override string Say(JobState state) =>
        $"{state.Sheet.Step(Step)?.Title ?? Step}: {Quantities.Numbers.Say(Minutes)} min";
}

/// <summary>One pair of hands is on one step at a time.</summary>
internal static class HandsOn
{
    /// <summary>Whoever takes something else up has let go of what they had in hand.</summary>
    public static JobState Elsewhere(JobState state, Entry entry)
    {
        foreach (var (id, progress) in state.Steps)
        {
            if (progress is { Running: not null, Done: null } && progress.Hands == entry.By.Id)
            {
                state = state.With(id, progress.Paused(entry.ObservedAt));
            }
        }

        return state;
    }
}
