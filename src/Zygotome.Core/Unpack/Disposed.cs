using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>
/// What to do about a finding. Using structural damage as it is takes a lead; flight-critical damage is never used as
/// it is.
/// </summary>
public sealed record Disposed(string Finding, Disposition Disposition, string Reason) : EntryBody
{
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

        if (finding.Dries)
        {
            return new Refusal(
                "unpack/dries",
                $"{finding.Tag} is tacky: it is looked at again, and that ends it.",
                "body.disposition"
            );
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
