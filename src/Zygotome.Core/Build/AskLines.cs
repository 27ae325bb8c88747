using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>What a step asks once its glue has set.</summary>
public sealed record StepAskId(Stage Stage, string Step, string Ask) : RequirementId(Stage)
{
    public override string Written => $"step/{Step}/{Ask}";
}

/// <summary>
/// What must be looked at after the glue has set, as the ledger asks for it: what must still move, and a joint handled
/// too early; and the pull at a tail that screws alone hold. Never conceded: what is stuck or loose does not steer.
/// </summary>
internal static class AskLines
{
    public static IEnumerable<Requirement> Of(JobState state) =>
        from step in state.Sheet.Steps
        // No other step asks for anything once it is done.
        where (step.Bond is not null || TailOnScrews.Holds(step)) && state.Progress(step.Id) is { Done: not null }
        from ask in StepAsks.Of(state, step)
        where ask.When == AskWhen.Cured && !ask.IsMeasured
        let answer = StepAsks.Answer(state, step, ask)
        select new Requirement(
            new StepAskId(step.Stage, step.Id, ask.Id),
            Concedable.Never,
            Requirement.Stands(answer?.Right),
            new AskFacts(step, ask, answer)
        )
        {
            Evidence = answer?.Evidence,
        };

    private sealed record AskFacts(StepSpec Step, StepAsk Ask, StepAnswer? Answer) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"{Step.Title}: {Ask.Words}",
                "",
                Step.Page,
                Answer switch
                {
                    null => "",
                    { Right: true } => "yes",
                    _ => "no",
                },
                Answer switch
                {
                    null when state.Progress(Step.Id) is { HandleAt: { } at } =>
                        $"Asked once it has set, {state.At(at)}.",
                    null => "Not looked at yet.",
                    { Right: true } when Step.Bond is null => "Pulled once it was on.",
                    { Right: true } => "Looked at after the glue had set.",
                    _ when Step.Bond is null =>
                        "Its screws do not hold it: longer ones, into what holds; then pull again.",
                    _ when Ask.Moves => "Stuck: free it as a finding, then look again.",
                    _ => "It does not hold: part it, clean it and glue it anew.",
                }
            );
    }
}
