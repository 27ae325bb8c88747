using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>
/// What is done to a joint while its glue is open: pressed, parted, pressed again, let go. In the order of its glue;
/// before its wait is over, or after its working time, only with a reason, and then the joint is pulled at once it has
/// set.
/// </summary>
public sealed record GlueActed(string Step, GlueAct Act, string? Reason = null) : EntryBody
{
    // A tap at the second is not early.
    private static readonly TimeSpan Grace = TimeSpan.FromSeconds(1);

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (state.Sheet.Step(Step) is not { } step)
        {
            return BuildRules.NoStep(Step);
        }

        if (state.Progress(Step) is not { Done: null, Glue: { } glue })
        {
            return new Refusal("build/not-open", $"No glue of \"{step.Title}\" is open.", "body.step");
        }

        if (glue.Next is not { } next)
        {
            return new Refusal("build/let-go", "It was let go already; the step is done next.", "body.act");
        }

        return next.Act != Act
                ? new Refusal(
                    "build/glue-order",
                    $"Next comes: {GluePlan.Say(next.Act).ToLowerInvariant()}.",
                    "body.act"
                )
            : Doubt(glue, entry) is { } doubt && string.IsNullOrWhiteSpace(Reason)
                ? new Refusal("build/glue-time", $"{doubt} Say why, if it was done all the same.", "body.reason")
            : Texts.Fits(Reason ?? "", "body.reason");
    }

    // What speaks against it by the clock; null where nothing does.
    private string? Doubt(GlueRun glue, Entry entry)
    {
        var at = entry.HappenedAt(glue.Since);
        return glue.Due > at + Grace
                ? $"{Math.Ceiling((glue.Due!.Value - at).TotalSeconds)} s too early: it has to "
                    + $"{glue.Next!.Meanwhile} first."
            : Act is GlueAct.Pressed or GlueAct.PressedAgain && at > glue.WorkableUntil + Grace
                ? "Its working time is over: wipe it off and open it anew."
            : null;
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        if (state.Progress(Step) is not { Glue: { } glue } progress || glue.Next?.Act != Act)
        {
            return state.NotSupported(entry);
        }

        var doubt = Doubt(glue, entry) is null ? glue.Doubt : Reason?.Trim() ?? "";
        return state.With(
            Step,
            progress with
            {
                Glue = glue with { Acts = glue.Acts.Add(entry.HappenedAt(glue.Since)), Doubt = doubt },
            }
        );
    }

    public override string Say(JobState state) => GluePlan.Say(Act);
}
