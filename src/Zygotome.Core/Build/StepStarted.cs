using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>
/// Work on a step begins. Only what may be done now can be started, in the state of power it declares.
/// </summary>
/// <param name="Held">Needed where a motor may turn during it.</param>
/// <param name="With">Who else has hands on it, by name; asked of a step for two.</param>
public sealed record StepStarted(string Step, Holding? Held = null, string? With = null) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) =>
        state.Sheet.Step(Step) is { } step ? StepPowers.ToStart(step) : PowerState.Unstated;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (state.Sheet.Step(Step) is not { } step)
        {
            return BuildRules.NoStep(Step);
        }

        var now = StepGraph.Of(state, step, entry.RecordedAt);
        return now.Standing switch
        {
            StepStanding.CanStart => Held?.Admit(entry)
                ?? (
                    step.People > 1
                        ? Texts.Reason(With ?? "", "body.with", $"It takes {step.People} pairs of hands: say whose.")
                        : Texts.Fits(With ?? "", "body.with")
                ),
            StepStanding.WaitsFor => new Refusal(
                "build/waits",
                $"\"{step.Title}\" waits for: {string.Join("; ", now.WaitsFor.Select(w => w.TrimEnd('.')))}.",
                "body.step"
            ),
            _ => new Refusal(
                "build/started",
                $"\"{step.Title}\" is already {(now.Standing == StepStanding.UnderWay ? "under way" : "done")}.",
                "body.step"
            ),
        };
    }

    // Hands are on it from here: what it disturbs is disturbed though it is never finished, and the motors it readies
    // are ready. What a repair adds is known when it is made.
    public override JobState Apply(JobState state, Entry entry)
    {
        var begun = HandsOn
            .Elsewhere(state, entry)
            .With(
                Step,
                new StepProgress(Evidence.Of(entry), null, "", null, null)
                {
                    From = entry.Seq,
                    Running = entry.ObservedAt,
                    Hands = entry.By.Id,
                    With = With?.Trim() ?? "",
                }
            );

        // A journal older than its sheet's sides: what was begun as one stays one.
        begun = state.Sheet.Step(Step) is null && state.Chosen.Step(Step) is not null ? begun.Resheet(entry) : begun;
        return begun.Sheet.Step(Step) is not { } step
            ? begun.Disturb(entry, $"\"{Step}\" was begun", [])
            : Open(StepPowers.Ready(begun, entry, step), entry, step)
                .Disturb(entry, $"\"{step.Title}\" was begun", DisturbanceMatrix.Step(state.Sheet, step));
    }

    private JobState Open(JobState state, Entry entry, StepSpec step) =>
        StepPowers.Of(step) is var during && StepPowers.IsOpen(during)
            ? state.With(
                state.Safety.Begin(entry, state.Sheet, new OpenAct(null, Step, during, Held, Evidence.Of(entry)))
            )
            : state;

    public override string Say(JobState state) => $"Started: {state.Sheet.Step(Step)?.Title ?? Step}";
}
