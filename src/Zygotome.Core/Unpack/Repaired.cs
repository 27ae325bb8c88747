using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>A repair or replacement was made. It asks for a re-inspection and makes stale what it disturbs.</summary>
/// <param name="HandleMinutes">Minutes until it can be handled, in older entries.</param>
/// <param name="Adhesive">What it was glued with, as the shop lists it; null without glue.</param>
/// <param name="BenchCelsius">°C at the bench; filled in by the server when nobody looked.</param>
/// <param name="NoGlue">Said so, where its repair is a bond.</param>
/// <param name="Reason">Why glue was used that harms the joint; empty of any other.</param>
/// <param name="Grams">What it added; null where nobody weighed it. 0 g leaves weight and balance as they were.</param>
public sealed record Repaired(
    string Finding,
    string How,
    double? HandleMinutes = null,
    Adhesive? Adhesive = null,
    Celsius? BenchCelsius = null,
    bool NoGlue = false,
    Mass? Grams = null,
    string? Reason = null
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is not { } finding ? UnpackRules.NoFinding(Finding)
        : finding.Disposition is not (Disposition.Repair or Disposition.Replace)
            ? new Refusal(
                "unpack/not-decided",
                $"Decide first whether {finding.Tag} is repaired or replaced.",
                "body.finding"
            )
        : HandleMinutes is < 0 or > 10_000
            ? new Refusal("unpack/cure", $"A cure of {HandleMinutes} min is not possible.", "body.handleMinutes")
        : Glued(state, finding, entry)
            ?? Grams?.Outside(-2000, 2000, "what a repair added", "body.grams")
            ?? Texts.Reason(How, "body.how", "Say how it was repaired.");

    private Refusal? Glued(JobState state, Finding finding, Entry entry) =>
        Adhesive is not null && NoGlue
            ? new Refusal("unpack/glue", $"{Adhesive.Name} was used, or no glue: not both.", "body.noGlue")
        : Adhesive is not null
            ? Curing.Of(Adhesive, BenchCelsius?.Value ?? 20, entry.RecordedAt).Refused
                ?? GlueOfJoint.Refuse(state, Adhesive, RepairSteps.Of(state.Built, finding), Reason)
                ?? Texts.Fits(Reason ?? "", "body.reason")
        : !NoGlue && HandleMinutes is null && RepairSteps.Of(state.Built, finding).Bond is not null
            ? new Refusal(
                "unpack/glue",
                $"Say which glue {finding.Tag} was repaired with, or that none was used.",
                "body.adhesive"
            )
        : null;

    public override JobState Apply(JobState state, Entry entry)
    {
        if (state.Unpack.Find(Finding) is not { } f)
        {
            return state.NotSupported(entry);
        }

        var glue = Set(state, entry, f);
        var harm = GlueOfJoint.Said(state, Adhesive, RepairSteps.Of(state.Built, f), Reason);
        return RepairSteps.Made(state, entry, f, How, Adhesive is null ? glue : glue with { Harm = harm }, Grams);
    }

    private RepairGlue Set(JobState state, Entry entry, Finding finding)
    {
        // Nothing put over glue that still sets makes it hold sooner.
        if (NoGlue && state.Progress(RepairSteps.IdOf(finding)) is { } wet && wet.FullAt > entry.RecordedAt)
        {
            return RepairGlue.Of(wet);
        }

        var begun = state.Progress(RepairSteps.IdOf(finding)) is { Done: null } step ? step.Started : finding.Evidence;
        var from = entry.HappenedAt(begun.RecordedAt);
        return Adhesive is null
            ? HandleMinutes is { } m
                ? new RepairGlue(
                    state.Progress(RepairSteps.IdOf(finding))?.Adhesive ?? "",
                    from,
                    Curing.After(from, m),
                    null
                )
                : RepairGlue.None
            : Curing.Of(Adhesive, BenchCelsius?.Value ?? 20, from).Try(out var ends, out _)
                ? new RepairGlue(Adhesive.Name, from, ends.Handle, ends.Full)
                : RepairGlue.None;
    }

    public override string Say(JobState state) => $"Repair of {state.Unpack.Find(Finding)?.Tag ?? "a finding"}";
}
