using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>
/// The manual is wrong or silent at a step: proposed to whoever keeps the sheet. See <see cref="Erratum"/>.
/// </summary>
/// <param name="Hash">Of a stored picture; empty without one.</param>
public sealed record ErratumProposed(
    string Step,
    string Page,
    string Says,
    string IsSo,
    string Reason,
    string Finding = "",
    string Hash = ""
) : EntryBody, IHoldsPhoto
{
    /// <summary>Most that one job proposes.</summary>
    public const int Most = 60;

    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Step(Step) is not { } step
            ? new Refusal("unpack/erratum-step", $"The sheet has no step \"{Step}\".", "body.step")
        : step.Repairs.Length > 0
            ? new Refusal(
                "unpack/erratum-step",
                $"\"{step.Title}\" is this job's own; name the maker's step.",
                "body.step"
            )
        : Finding.Length > 0 && state.Unpack.Find(Finding) is null ? UnpackRules.NoFinding(Finding)
        : Says.Trim().Length > 0 && Page.Trim().Length == 0
            ? new Refusal("unpack/erratum-page", "Say on which page the manual says so.", "body.page")
        : state.Unpack.Errata.Count >= Most
            ? new Refusal("unpack/errata", $"{Most} errata are proposed by this job; no more are kept.", "body")
        : Texts.Reason(IsSo, "body.isSo", "Say what is so.")
            ?? Texts.Reason(Reason, "body.reason", "Say how you know.")
            ?? Texts.Fits(Page, "body.page", 60)
            ?? Texts.Fits(Says, "body.says")
            ?? (Hash.Length > 0 ? Photos.Named(Hash) : null);

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Unpack with
            {
                Errata = state.Unpack.Errata.Add(
                    new Erratum(
                        Id: entry.EntryId,
                        Revision: state.Sheet.Kit.Revision,
                        Step: Step,
                        Title: state.Sheet.Step(Step)?.Title ?? Step,
                        Page: Page.Trim(),
                        Says: Says.Trim(),
                        IsSo: IsSo.Trim(),
                        Reason: Reason.Trim(),
                        Finding: state.Unpack.Find(Finding)?.Tag ?? "",
                        Photo: Hash,
                        By: entry.By,
                        At: entry.ObservedAt
                    )
                ),
            }
        );

    public override string Say(JobState state) =>
        $"Erratum proposed at \"{state.Sheet.Step(Step)?.Title ?? Step}\": {IsSo.Trim()}";
}
