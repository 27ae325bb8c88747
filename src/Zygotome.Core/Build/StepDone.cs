using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Trueness;

namespace Zygotome.Core.Build;

/// <summary>
/// A step is done. A bond says with what and how warm the bench was; the adhesive's times are copied in.
/// </summary>
/// <param name="Grams">What a repair added, said when it is made: 0 leaves weight and balance as they were.</param>
/// <param name="Reason">
/// Why glue was used that harms the joint, where it is named here; else why something stays that does not stand true.
/// </param>
/// <param name="Stays">Why something stays that does not stand true, where both are to be said.</param>
public sealed record StepDone(
    string Step,
    Adhesive? Adhesive = null,
    Celsius? BenchCelsius = null,
    Mass? Grams = null,
    string? Reason = null,
    string? Stays = null
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (state.Sheet.Step(Step) is not { } step)
        {
            return BuildRules.NoStep(Step);
        }

        if (state.Progress(Step) is not { Done: null } progress)
        {
            return new Refusal("build/not-started", $"\"{step.Title}\" is not under way.", "body.step");
        }

        var glue = progress.Glue;
        if (step.Bond is null ? Adhesive is not null : Adhesive is null && glue is null)
        {
            return new Refusal(
                "build/adhesive",
                step.Bond is null
                    ? $"\"{step.Title}\" is not a bond."
                    : $"\"{step.Title}\" is a bond: say which adhesive was used.",
                "body.adhesive"
            );
        }

        if (glue is not null && Adhesive is not null)
        {
            return new Refusal(
                "build/adhesive",
                $"It was opened with {glue.Adhesive.Name}; another is opened anew.",
                "body.adhesive"
            );
        }

        if (glue?.Next is { } next)
        {
            return new Refusal("build/glue-order", $"First: {GluePlan.Say(next.Act).ToLowerInvariant()}.", "body.step");
        }

        if (Grams is not null && step.Repairs.Length == 0)
        {
            return new Refusal(
                "build/grams",
                $"\"{step.Title}\" is no repair: the sheet says what it adds.",
                "body.grams"
            );
        }

        return Grams?.Outside(-2000, 2000, "what work added", "body.grams") is { } impossible
            ? impossible
            : Refused(state, entry, step)
                ?? StepAsks.Refuse(state, step, AskWhen.Dry, AskWhen.Open, AskWhen.Closing)
                ?? StepAsks.Untrue(
                    state,
                    step,
                    // A reason for a glue says nothing of what stands askew.
                    Stays ?? (Adhesive is null ? Reason : null),
                    AskWhen.Dry,
                    AskWhen.Open,
                    AskWhen.Closing
                )
                ?? Texts.Fits(Reason ?? "", "body.reason")
                ?? Texts.Fits(Stays ?? "", "body.stays");
    }

    private Refusal? Refused(JobState state, Entry entry, StepSpec step) =>
        Adhesive is null
            ? null
            : BuildRules.Impossible(Adhesive)
                ?? Curing.Of(Adhesive, BenchCelsius?.Value ?? 20, entry.RecordedAt).Refused
                ?? GlueOfJoint.Refuse(state, Adhesive, step, Reason);

    public override JobState Apply(JobState state, Entry entry)
    {
        if (state.Progress(Step) is not { } progress)
        {
            return state.NotSupported(entry);
        }

        if (state.Safety.Act?.Step == Step)
        {
            state = state.With(state.Safety.End(state.Sheet));
        }

        var step = state.Sheet.Step(Step);
        var glued = Glued(state, entry, progress, step);
        var done = glued with { Done = Evidence.Of(entry) };
        var repairs = state.The<IRepairs>();
        if (step is not null && repairs.IsRepair(step))
        {
            var how = done.Adhesive.Length == 0 ? "As its step says" : $"With {done.Adhesive}, as its step says";
            return repairs.Made(state.With(Step, done), entry, step, how, Grams);
        }

        return state
            .With(Step, done)
            .Disturb(entry, $"\"{step?.Title ?? Step}\" was done", step is null ? [] : Disturbs(state.Sheet, step));
    }

    // What is screwed is read while it is under way, and that counts; what is glued is read again once it has set.
    private static IEnumerable<Aspect> Disturbs(SpecSheet sheet, StepSpec step)
    {
        var read = step.Bond is null && Truths.At(sheet, step.Id).Any();
        return DisturbanceMatrix.Step(sheet, step).Where(a => !read || a.Kind != AspectKind.Trueness);
    }

    // Nobody's clock but the server's, and not before the server knew of the step: glue is not told to hold early. It
    // cures from when its faces met.
    private StepProgress Glued(JobState state, Entry entry, StepProgress progress, StepSpec? step)
    {
        var off = progress.Paused(entry.ObservedAt);
        if ((Adhesive ?? progress.Glue?.Adhesive) is not { } adhesive)
        {
            return off;
        }

        var from = progress.Glue?.ClosedAt ?? entry.HappenedAt(progress.Started.RecordedAt);
        var celsius = progress.Glue?.Celsius ?? BenchCelsius?.Value ?? 20;
        var ends = Curing.Of(adhesive, celsius, from).Try(out var at, out _)
            ? at
            : ((DateTimeOffset, DateTimeOffset)?)null;
        return off with
        {
            Adhesive = adhesive.Name,
            HandleAt = ends?.Item1,
            FullAt = ends?.Item2,
            CuresFrom = from,
            Harm = progress.Glue?.Harm ?? GlueOfJoint.Said(state, adhesive, step, Reason),
        };
    }

    public override IEnumerable<string> Shows() => [$"step/{Step}"];

    // A reason is heard by whoever reads the record: why harmful glue was used, or why what is out of true stays so.
    public override string Say(JobState state)
    {
        var reason = string.IsNullOrWhiteSpace(Reason) ? "" : $". {Reason.Trim()}";
        var stays = string.IsNullOrWhiteSpace(Stays) ? "" : $". {Stays.Trim()}";
        return $"Done: {state.Sheet.Step(Step)?.Title ?? Step}{reason}{stays}";
    }
}
