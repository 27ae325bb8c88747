using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>
/// A step is done. A bond says with what and how warm the bench was; the adhesive's times are copied in.
/// </summary>
/// <param name="Grams">What a repair added, said when it is made: 0 leaves weight and balance as they were.</param>
/// <param name="Reason">Why glue was used that harms the joint; empty of any other.</param>
public sealed record StepDone(
    string Step,
    Adhesive? Adhesive = null,
    Celsius? BenchCelsius = null,
    Mass? Grams = null,
    string? Reason = null
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (state.Sheet.Step(Step) is not { } step)
        {
            return BuildRules.NoStep(Step);
        }

        if (state.Progress(Step) is not { Done: null })
        {
            return new Refusal("build/not-started", $"\"{step.Title}\" is not under way.", "body.step");
        }

        if (step.Bond is null != Adhesive is null)
        {
            return new Refusal(
                "build/adhesive",
                step.Bond is null
                    ? $"\"{step.Title}\" is not a bond."
                    : $"\"{step.Title}\" is a bond: say which adhesive was used.",
                "body.adhesive"
            );
        }

        if (Grams is not null && step.Repairs.Length == 0)
        {
            return new Refusal(
                "build/grams",
                $"\"{step.Title}\" is no repair: the sheet says what it adds.",
                "body.grams"
            );
        }

        return Grams?.Outside(-2000, 2000, "what work added", "body.grams") is { } impossible ? impossible
            : Adhesive is null ? null
            : Adhesive.HandleMinutes is < 0 or > 20_000
            || Adhesive.FullMinutes < Adhesive.HandleMinutes
            || Adhesive.FullMinutes > 20_000
                ? new Refusal("build/adhesive", $"The times of {Adhesive.Name} are not possible.", "body.adhesive")
            : Curing.Of(Adhesive, BenchCelsius?.Value ?? 20, entry.RecordedAt).Refused
                ?? GlueOfJoint.Refuse(state, Adhesive, step.Bond, Reason)
                ?? Texts.Fits(Reason ?? "", "body.reason");
    }

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

        // Nobody's clock but the server's, and not before the server knew of the step: glue is not told to hold early.
        DateTimeOffset? from = Adhesive is null ? null : entry.HappenedAt(progress.Started.RecordedAt);
        DateTimeOffset? handle = null,
            full = null;
        if (
            Adhesive is not null
            && Curing.Of(Adhesive, BenchCelsius?.Value ?? 20, from!.Value).Try(out var ends, out _)
        )
        {
            (handle, full) = (ends.Handle, ends.Full);
        }

        var step = state.Sheet.Step(Step);
        var done = progress with
        {
            Done = Evidence.Of(entry),
            Adhesive = Adhesive?.Name ?? "",
            HandleAt = handle,
            FullAt = full,
            CuresFrom = from,
            Harm = GlueOfJoint.Said(state, Adhesive, step?.Bond, Reason),
        };
        var repairs = state.The<IRepairs>();
        if (step is not null && repairs.IsRepair(step))
        {
            var how = Adhesive is null ? "As its step says" : $"With {Adhesive.Name}, as its step says";
            return repairs.Made(state.With(Step, done), entry, step, how, Grams);
        }

        return state
            .With(Step, done)
            .Disturb(entry, $"\"{step?.Title ?? Step}\" was done", step is null ? [] : DisturbanceMatrix.Step(step));
    }

    public override IEnumerable<string> Shows() => [$"step/{Step}"];

    public override string Say(JobState state) => $"Done: {state.Sheet.Step(Step)?.Title ?? Step}";
}
