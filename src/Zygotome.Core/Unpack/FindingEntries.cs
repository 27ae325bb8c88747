using System.Collections.Immutable;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>Something is wrong with the aircraft, at this or any later stage.</summary>
/// <param name="Place">A part of the drawing, such as <c>wing-left</c> or <c>aileron-right</c>.</param>
/// <param name="X">Where it was tapped, mm aft of the datum. <paramref name="Y"/>: mm to the right wing; on a side view
/// mm up.</param>
public sealed record FindingRaised(
    string Place,
    PlaceKind PlaceKind,
    FindingKind Kind,
    Quantity Size,
    double X,
    double Y,
    string Note,
    DrawingSide View = DrawingSide.Plan
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        var drawing = Drawings.Of(state.Sheet, View);
        return drawing.Parts.All(p => p.Id != Place)
                ? new Refusal("unpack/place", $"There is no \"{Place}\" on the drawing.", "body.place")
            : !FindingGrades.PlacesOn(state.Sheet, Place).Contains(PlaceKind)
                ? new Refusal(
                    "unpack/place-kind",
                    $"There is no {UnpackWords.Place(PlaceKind)} on {Place.Replace('-', ' ')}.",
                    "body.placeKind"
                )
            : !FindingGrades.CanBe(PlaceKind, Kind)
                ? new Refusal(
                    "unpack/kind",
                    $"A {UnpackWords.Place(PlaceKind)} has no {UnpackWords.Kind(Kind)}; say what is under it.",
                    "body.kind"
                )
            : Size.Dimension != Dimension.Length || Size.Nominal is < 0 or > 3000
                ? new Refusal(
                    "unpack/size",
                    $"\"{Size.Text}\" is not the size of a finding; 0 to 3000 mm is.",
                    "body.size"
                )
            : !double.IsFinite(X) || !double.IsFinite(Y) || !drawing.Around(X, Y)
                ? new Refusal("unpack/where", "That place is not on the aircraft.", "body.x")
            : Texts.Fits(Note, "body.note");
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        var size = (double)Size.Nominal;
        var finding = new Finding(
            entry.EntryId,
            $"F{state.Unpack.Raised + 1}",
            Place,
            PlaceKind,
            Kind,
            size,
            X,
            Y,
            Note,
            FindingGrades.Of(PlaceKind, Kind, size),
            Evidence.Of(entry)
        )
        {
            View = View,
            Origin = Origins.Of(state, Place, PlaceKind, Kind),
        };
        return state.With(
            state.Unpack with
            {
                Findings = state.Unpack.Findings.Add(finding),
                Raised = state.Unpack.Raised + 1,
            }
        );
    }

    public override Refusal? ActedOn(JobState state, Entry entry) =>
        state.Unpack.Find(entry.EntryId) is { Disposition: not null } decided ? UnpackState.ActedOn(decided) : null;

    public override JobState TakenBack(JobState state, Entry entry) =>
        state.With(state.Unpack with { Raised = state.Unpack.Raised + 1 });

    public override string Say(JobState state) => $"{Kind} of {Size.Text} found, {Place.Replace('-', ' ')}";
}

/// <summary>
/// What to do about a finding. Using structural damage as it is takes a lead; flight-critical damage is never used as
/// it is.
/// </summary>
public sealed record Disposed(string Finding, Disposition Disposition, string Reason) : EntryBody
{
    public override bool IsDecision() => true;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (state.Unpack.Find(Finding) is not { } finding)
        {
            return UnpackRules.NoFinding(Finding);
        }

        if (
            Disposition == Disposition.Repair
            && Mending.Of(finding.PlaceKind, finding.Kind) is { Possible: false } never
        )
        {
            return new Refusal("unpack/not-mended", $"{finding.Tag}: {never.Words}", "body.disposition");
        }

        if (Disposition != Disposition.UseAsIs)
        {
            return Texts.Fits(Reason, "body.reason");
        }

        return finding.Grading.Grade switch
        {
            Grade.FlightCritical => new Refusal(
                "unpack/never-as-is",
                $"{finding.Tag} is flight-critical ({finding.Grading.Rule}): it must be repaired or replaced, and "
                    + $"re-inspected.",
                "body.disposition"
            ),
            Grade.Structural when !Rights.Leads(entry.By) => new Refusal(
                "unpack/lead",
                $"{finding.Tag} is structural: only a lead may let it be used as it is.",
                "body.disposition"
            ),
            Grade.Cosmetic => Texts.Fits(Reason, "body.reason"),
            _ => Texts.Reason(Reason, "body.reason", "Say why it may be used as it is."),
        };
    }

    public override Refusal? ActedOn(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is { } f && (f.Repair is not null || state.Progress(RepairSteps.IdOf(f)) is not null)
            ? UnpackState.ActedOn(f)
            : null;

    public override JobState Apply(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is { } f
            ? state
                .With(
                    state.Unpack.With(
                        f with
                        {
                            Disposition = Disposition,
                            DispositionReason = Reason,
                            DisposedBy = entry.By,
                        }
                    )
                )
                .Resheet(entry)
            : state.NotSupported(entry);

    public override string Say(JobState state) =>
        $"{state.Unpack.Find(Finding)?.Tag ?? "Finding"}: {UnpackRules.Words(Disposition)}";
}

/// <summary>A repair or replacement was made. It asks for a re-inspection and makes stale what it disturbs.</summary>
/// <param name="HandleMinutes">Minutes until it can be handled, in older entries.</param>
/// <param name="Adhesive">What it was glued with, as the shop lists it; null without glue.</param>
/// <param name="BenchCelsius">°C at the bench; filled in by the server when nobody looked.</param>
/// <param name="NoGlue">Said so, where its repair is a bond.</param>
/// <param name="Grams">What it added; null where nobody weighed it. 0 g leaves weight and balance as they were.</param>
public sealed record Repaired(
    string Finding,
    string How,
    double? HandleMinutes = null,
    Adhesive? Adhesive = null,
    double? BenchCelsius = null,
    bool NoGlue = false,
    Quantity? Grams = null
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
            ?? Masses.Added(Grams, "body.grams")
            ?? Texts.Reason(How, "body.how", "Say how it was repaired.");

    private Refusal? Glued(JobState state, Finding finding, Entry entry) =>
        Adhesive is not null && NoGlue
            ? new Refusal("unpack/glue", $"{Adhesive.Name} was used, or no glue: not both.", "body.noGlue")
        : Adhesive is not null ? Curing.Of(Adhesive, BenchCelsius ?? 20, entry.RecordedAt).Refused
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

        return RepairSteps.Made(state, entry, f, How, Set(state, entry, f), Grams);
    }

    private RepairGlue Set(JobState state, Entry entry, Finding finding)
    {
        // Nothing put over glue that still sets makes it hold sooner.
        if (NoGlue && state.Progress(RepairSteps.IdOf(finding)) is { } wet && wet.FullAt > entry.RecordedAt)
        {
            return new RepairGlue(wet.Adhesive, wet.CuresFrom, wet.HandleAt, wet.FullAt);
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
            : Curing.Of(Adhesive, BenchCelsius ?? 20, from).Try(out var ends, out _)
                ? new RepairGlue(Adhesive.Name, from, ends.Handle, ends.Full)
                : RepairGlue.None;
    }

    public override string Say(JobState state) => $"Repair of {state.Unpack.Find(Finding)?.Tag ?? "a finding"}";
}

/// <summary>
/// Somebody looked at the repair again: nobody who recorded a repair of it, or started or ended its step, whoever recorded
/// it last; unless the shop is one person. What grounds or carries is a lead's to inspect, unless every lead had a hand in
/// the repair.
/// </summary>
/// <param name="Leads">Ids of the shop's leads when it was posted, by the server; null in older entries.</param>
public sealed record Reinspected(string Finding, bool Sound, string Note = "", ImmutableArray<string>? Leads = null)
    : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is not { } finding ? UnpackRules.NoFinding(Finding)
        : finding.Repair is not { } repair
            ? new Refusal("unpack/not-repaired", $"{finding.Tag} has no repair to inspect.", "body.finding")
        : repair.HandleAt is { } at && at > entry.RecordedAt
            ? new Refusal(
                "unpack/curing",
                $"The repair of {finding.Tag} is still curing; it can be handled {state.At(at)}.",
                "body.finding"
            )
        : finding.Repairers.Contains(entry.By.Id) && !entry.By.Alone
            ? new Refusal(
                "unpack/own-work",
                $"{finding.Tag}: somebody other than {entry.By.Name} must inspect the repair.",
                "body.finding"
            )
        : finding.Grading.Grade >= Grade.Structural
        && !Rights.Leads(entry.By)
        && Leads?.All(finding.Repairers.Contains) != true
            ? new Refusal(
                "unpack/lead",
                $"{finding.Tag} is {FindingWords.Grade(finding.Grading.Grade)}: a lead who had no hand in the repair "
                    + "inspects it.",
                "body.finding"
            )
        : Texts.Fits(Note, "body.note");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is { Repair: not null } f
            ? RepairSteps.Inspected(
                state.With(
                    state.Unpack.With(
                        f with
                        {
                            Sound = Sound,
                            ReinspectedBy = entry.By,
                            Reinspection = Evidence.Of(entry),
                            Repair = Sound ? f.Repair : null,
                        }
                    )
                ),
                f,
                Sound
            )
            : state.NotSupported(entry);

    public override IEnumerable<string> Shows() => [$"finding/{Finding}"];

    public override string Say(JobState state) =>
        $"{state.Unpack.Find(Finding)?.Tag ?? "Finding"} re-inspected: {(Sound ? "sound" : "not sound")}";
}
