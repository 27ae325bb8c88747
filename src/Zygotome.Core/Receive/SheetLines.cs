using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Receive;

/// <summary>The sheet itself, as the ledger asks for it: looked through, whole, stated and decided.</summary>
internal static class SheetLines
{
    public static IEnumerable<Requirement> Of(JobState state) =>
        [Confirmed(state), .. Mistakes(state), .. Silent(state), .. Assumed(state), .. Undecided(state)];

    private static Requirement Confirmed(JobState state)
    {
        var by = state.Receive.Confirmed.GetValueOrDefault(state.Built.Hash)?.By;
        return new Requirement(
            new SheetConfirmedId(),
            Concedable.Never,
            by is null ? Standing.NotShown : Standing.Met,
            new ConfirmedFacts(state.Receive.SheetRevision, by?.Name)
        )
        {
            Evidence = by is null ? null : state.Opening,
        };
    }

    // Never conceded: a misspelt name may have dropped a step or an interlock. A lead moves the job to a mended
    // revision.
    private static IEnumerable<Requirement> Mistakes(JobState state) =>
        from mistake in state.Sheet.Mistakes
        group mistake.Text by mistake.Path into place
        select NotMet(state, new SheetMistakeId(place.Key), new MistakeFacts(place.Key, [.. place])) with
        {
            Concedable = Concedable.Never,
        };

    // Silence about a motor would be silence about its propeller: it is said that there is none, or a lead moves the
    // job to a revision that says so. Where surfaces rest may be conceded, with a reason.
    private static IEnumerable<Requirement> Silent(JobState state)
    {
        if (state.Sheet.IsSilent(PowerFields.Motor.List))
        {
            yield return NotMet(
                state,
                new SilentId(PowerFields.Motor.List.Name),
                new SilentFacts(
                    "Motors, or that there are none",
                    "It names no motor and does not say that there is none."
                )
            ) with
            {
                Concedable = Concedable.Never,
            };
        }

        if (state.Sheet.IsSilent(ThrowFields.Neutral.List) && state.Sheet.Surfaces.Length > 0)
        {
            yield return NotMet(
                state,
                new SilentId(ThrowFields.Neutral.List.Name),
                new SilentFacts("Where surfaces stand at rest", "It says of no surface where it stands at rest.")
            );
        }
    }

    private static IEnumerable<Requirement> Assumed(JobState state) =>
        AssumedSections
            .Of(state.Sheet)
            .Select(s =>
                NotMet(state, new AssumedId(s.Section), new AssumedFacts(s.Words, s.Paths.Length)) with
                {
                    Object = string.Join(", ", s.Paths),
                }
            );

    private static IEnumerable<Requirement> Undecided(JobState state) =>
        state
            .Sheet.Undecided.Where(u => SheetTable.Find(u.Key) is not { HasOwnLine: true })
            .Select(u =>
                NotMet(state, new UndecidedId(u.Key), new UndecidedFacts(u.Key, u.Value)) with
                {
                    Concedable = SheetTable.Find(u.Key) is { Guards: true } ? Concedable.Never : Concedable.ByLead,
                }
            );

    private static Requirement NotMet(JobState state, RequirementId id, LineFacts facts) =>
        new(id, Concedable.ByLead, Standing.NotMet, facts) { Evidence = state.Opening };

    /// <param name="By">The lead; null while nobody did.</param>
    private sealed record ConfirmedFacts(int Revision, string? By) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"Sheet revision {Revision} confirmed by a lead",
                "",
                "",
                By is null ? "" : "confirmed",
                By is null ? "No lead has looked through this revision against the paper." : $"By {By}."
            );
    }

    private sealed record MistakeFacts(string Path, ImmutableArray<string> Said) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"Spec sheet: {SheetError.Place(Path)}",
                "",
                "",
                "a mistake",
                $"{string.Join(" ", Said)} A mended revision of the sheet takes this away."
            );
    }

    private sealed record SilentFacts(string What, string Why) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new($"Not in the sheet: {What}", "", "", "", $"{Why} A mended revision does.");
    }

    private sealed record AssumedFacts(string Section, int Count) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"Assumed in {Section}",
                "the maker's numbers",
                "",
                $"{Count} assumed",
                $"{Count} {(Count == 1 ? "value is" : "values are")} in proportion only, not the maker's. Correct "
                    + $"them against the paper, or a lead accepts them with a reason."
            );
    }

    private sealed record UndecidedFacts(string Path, string Against) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"The manual contradicts itself: {SheetError.Place(Path)}",
                "",
                "",
                "undecided",
                $"The manual says {Against}; nobody has decided which counts. A mended revision says which, and why."
            );
    }
}
