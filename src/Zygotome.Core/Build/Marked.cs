using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Build;

/// <summary>
/// A mark drawn on the airframe and measured from its edge, before anything is cut. One over something hidden is
/// refused: it is rubbed out and drawn elsewhere.
/// </summary>
/// <param name="Mark">Its number within the step: <c>1</c>.</param>
/// <param name="At">mm from the edge that the sheet names.</param>
public sealed record Marked(string Step, string Mark, Length At, Instrument Instrument) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (state.Sheet.Step(Step) is not { } step)
        {
            return BuildRules.NoStep(Step);
        }

        if (MarkLines.Find(step, Mark) is null)
        {
            return new Refusal("build/mark", $"\"{step.Title}\" has no mark {Mark}.", "body.mark");
        }

        return state.Progress(Step) is not { } progress
                ? new Refusal("build/not-started", $"\"{step.Title}\" is not under way.", "body.step")
            : progress.Done is not null ? new Refusal("build/step-done", $"\"{step.Title}\" is done.", "body.step")
            : Instrument.Admit(5) ?? Instrument.Reading("mm") ?? WrongValues(state);
    }

    public override ImmutableArray<Measure> TypedValues() => [At];

    public override EntryBody WithTyped(ImmutableArray<Quantity> values) => this with { At = new(values[0]) };

    public override Refusal? WrongValues(JobState state)
    {
        if (At.Outside(-3000, 3000, "a mark", "body.at") is { } impossible)
        {
            return impossible;
        }

        return
            state.Sheet.Step(Step) is { } step
            && MarkLines.Find(step, Mark) is { } mark
            && MarkLines.Crossed(state, mark, At.Value) is { } hidden
            ? new Refusal(
                "build/mark-crosses",
                $"{At.Text} from the {mark.Spec.From} is over what lies hidden there: {hidden.Words}. Rub it out and "
                    + "mark it beside.",
                "body.at"
            )
            : null;
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        var key = MarkLines.Key(Step, Mark);
        var attempt = state.Build.Marks.TryGetValue(key, out var before) ? before.Evidence.Attempt + 1 : 1;
        return state.With(
            state.Build with
            {
                Marks = state.Build.Marks.SetItem(
                    key,
                    new MarkShown(At.Value, Instrument.U, Evidence.Of(entry, attempt))
                ),
            }
        );
    }

    public override IEnumerable<string> Shows() => [new MarkId(Stage.Build, Step, Mark).Written];

    public override string Say(JobState state)
    {
        var mark = state.Sheet.Step(Step) is { } step ? MarkLines.Find(step, Mark) : null;
        return $"Marked {mark?.Name ?? Mark}: {At.Text} from the {mark?.Spec.From ?? "edge"}";
    }
}

/// <summary>Where a mark was drawn, mm from its edge, and by which entry.</summary>
public sealed record MarkShown(double At, double U, Evidence Evidence);
