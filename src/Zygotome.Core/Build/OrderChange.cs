using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Build;

/// <summary>One change of the order of steps, by a lead and for a reason; in the record as a deviation.</summary>
/// <param name="Step">The step it is about.</param>
public abstract record OrderChange(string Step, string Reason, Evidence Evidence)
{
    /// <summary>The steps after it; the same where the step is not there any more.</summary>
    public abstract ImmutableArray<StepSpec> Apply(ImmutableArray<StepSpec> steps);

    /// <summary>What was done otherwise, for whoever reads the record.</summary>
    public abstract string Words(string title);

    /// <summary>Every step that came after <paramref name="gone"/> comes after <paramref name="instead"/>.</summary>
    private protected static StepSpec Follows(StepSpec step, string gone, IEnumerable<string> instead) =>
        step.After.Contains(gone)
            ? step.With(StepFields.After.Is([.. step.After.SelectMany(a => a == gone ? instead : [a]).Distinct()]))
            : step;
}

/// <summary>A step that the sheet has not.</summary>
public sealed record AddedStep(StepSpec Spec, string Before, string Reason, Evidence Evidence)
    : OrderChange(Spec.Id, Reason, Evidence)
{
    public override ImmutableArray<StepSpec> Apply(ImmutableArray<StepSpec> steps) =>
        steps.Any(s => s.Id == Step)
            ? steps
            :
            [
                .. steps.Select(s =>
                    s.Id == Before ? s.With(StepFields.After.Is([.. s.After.Append(Spec.Id).Distinct()])) : s
                ),
                Spec,
            ];

    public override string Words(string title) => $"{title}: added";
}

/// <summary>A step that comes after another one than the sheet says.</summary>
/// <param name="After">Empty: it can be done at once.</param>
public sealed record MovedStep(string Step, string After, string Reason, Evidence Evidence)
    : OrderChange(Step, Reason, Evidence)
{
    public override ImmutableArray<StepSpec> Apply(ImmutableArray<StepSpec> steps) =>
        [.. steps.Select(s => s.Id == Step ? s.With(StepFields.After.Is(After.Length > 0 ? [After] : [])) : s)];

    public override string Words(string title) => $"{title}: moved";
}

/// <summary>A step that is left out; what came after it comes after what it waited for.</summary>
public sealed record SkippedStep(StepSpec Spec, string Reason, Evidence Evidence)
    : OrderChange(Spec.Id, Reason, Evidence)
{
    public override ImmutableArray<StepSpec> Apply(ImmutableArray<StepSpec> steps) =>
        steps.FirstOrDefault(s => s.Id == Step) is not { } gone
            ? steps
            : [.. steps.Where(s => s.Id != Step).Select(s => Follows(s, Step, gone.After))];

    public override string Words(string title) => $"{title}: left out";
}

/// <summary>A step in two parts: its own first, and the rest of it.</summary>
/// <param name="Rest">What the second part is called.</param>
/// <param name="Minutes">Of the rest; the first keeps what is left.</param>
public sealed record SplitStep(string Step, string Rest, double Minutes, string Reason, Evidence Evidence)
    : OrderChange(Step, Reason, Evidence)
{
    /// <summary>The id of the rest.</summary>
    public string RestId => $"{Step}+";

    public override ImmutableArray<StepSpec> Apply(ImmutableArray<StepSpec> steps) =>
        steps.Any(s => s.Id == RestId)
            ? steps
            :
            [
                .. steps.SelectMany(s =>
                    s.Id != Step
                        ? [Follows(s, Step, [RestId])]
                        : (IEnumerable<StepSpec>)
                            [
                                s.With(StepFields.HandsOn.Is(Math.Max(0, s.HandsOn - Minutes))),
                                StepFields.List.Of(
                                    StepFields.Id.Is(RestId),
                                    StepFields.Title.Is(Rest),
                                    StepFields.Stage.Is(s.Stage),
                                    StepFields.HandsOn.Is(Minutes),
                                    StepFields.After.Is([Step]),
                                    StepFields.Disturbs.Is(s.Disturbs),
                                    StepFields.Text.Is($"The rest of: {s.Title}. {s.Text}"),
                                    StepFields.Page.Is(s.Page)
                                ),
                            ]
                ),
            ];

    public override string Words(string title) => $"{title}: in two parts";
}
