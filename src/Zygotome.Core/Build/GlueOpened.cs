using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>
/// The glue of a joint is open: mixed, coated, laid. From here its working time runs, whatever else is opened. Opened
/// once more it was wiped off and begun anew.
/// </summary>
/// <param name="Reason">Why glue is used that harms the joint; empty of any other.</param>
/// <param name="Stays">Why something stays that does not stand true dry; its line stays open.</param>
public sealed record GlueOpened(
    string Step,
    Adhesive Adhesive,
    Celsius? BenchCelsius = null,
    string? Reason = null,
    string? Stays = null
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Step(Step) is not { } step ? BuildRules.NoStep(Step)
        : step.Bond is null ? new Refusal("build/adhesive", $"\"{step.Title}\" is not a bond.", "body.adhesive")
        : state.Progress(Step) is not { Done: null }
            ? new Refusal("build/not-started", $"\"{step.Title}\" is not under way.", "body.step")
        : BuildRules.Impossible(Adhesive)
            ?? Curing.Of(Adhesive, BenchCelsius?.Value ?? 20, entry.RecordedAt).Refused
            ?? GlueOfJoint.Refuse(state, Adhesive, step, Reason)
            ?? StepAsks.Refuse(state, step, AskWhen.Dry)
            ?? StepAsks.Untrue(state, step, Stays, AskWhen.Dry)
            ?? Texts.Fits(Reason ?? "", "body.reason")
            ?? Texts.Fits(Stays ?? "", "body.stays");

    public override JobState Apply(JobState state, Entry entry)
    {
        if (state.Progress(Step) is not { } progress || state.Sheet.Step(Step) is not { Bond: { } bond } step)
        {
            return state.NotSupported(entry);
        }

        return state.With(
            Step,
            progress with
            {
                Glue = new GlueRun(
                    Adhesive,
                    BenchCelsius?.Value ?? 20,
                    entry.HappenedAt(progress.Started.RecordedAt),
                    GluePlan.Of(
                        Adhesive,
                        state.Schools.GetValueOrDefault(Schools.ContactGlue)?.Option ?? "",
                        bond.Hold
                    ),
                    []
                )
                {
                    Seq = entry.Seq,
                    Harm = GlueOfJoint.Said(state, Adhesive, step, Reason),
                },
            }
        );
    }

    public override string Say(JobState state) =>
        $"{GluePlan.Opens(Adhesive.Is())}: {Adhesive.Name}"
        + (string.IsNullOrWhiteSpace(Stays) ? "" : $". Stays as it stands: {Stays.Trim()}");
}
