using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>Papers, bags, the walk and findings, as the ledger asks for them, and how each is said.</summary>
internal static class UnpackLines
{
    public static IEnumerable<Requirement> Of(JobState state) =>
        [
            .. UnpackEntries.Papers.Select(p => Paper(state, p)),
            .. state.Sheet.InBox.Select(p => p.Bag).Distinct().Order(StringComparer.Ordinal).Select(b => Bag(state, b)),
            .. InspectionRoute.Of(state.Sheet).Select(p => Walk(state, p)),
            .. state.Unpack.Findings.Select(f => Of(state, f)),
        ];

    private static Requirement Paper(JobState state, string paper)
    {
        var found = state.Unpack.Papers.GetValueOrDefault(paper);
        return new Requirement(
            new PaperId(paper),
            Concedable.ByLead,
            found is null ? Standing.NotShown : Standing.Met,
            new PaperFacts(paper, found is not null, state.Unpack.PaperSources.GetValueOrDefault(paper))
        )
        {
            Evidence = found,
        };
    }

    private static Requirement Bag(JobState state, string bag)
    {
        var counted = state.Unpack.CountedBags.GetValueOrDefault(bag);
        ImmutableArray<PartCount> wanting = counted is null
            ? []
            :
            [
                .. state
                    .Sheet.InBox.Where(p => p.Bag == bag)
                    .Select(p => Counting.Of(state, p))
                    .Where(c => Counting.IsShort(c.Standing)),
            ];
        return new Requirement(
            new BagId(bag),
            Concedable.ByLead,
            counted is null ? Standing.NotShown
                : wanting.IsEmpty ? Standing.Met
                : Standing.NotMet,
            new BagFacts(bag, counted is not null, wanting)
        )
        {
            Evidence = counted,
            Object = wanting.IsEmpty ? null : string.Join(", ", wanting.Select(w => $"{w.Short} × {w.Part.Id}")),
        };
    }

    // What was found and is withdrawn leaves its point as it was: nobody looked.
    private static Requirement Walk(JobState state, WalkPoint point)
    {
        var answered = state.Unpack.Walk.GetValueOrDefault(point.Id);
        var finding = answered is null ? null : state.Unpack.Find(answered.Finding);
        var withdrawn = answered is { Answer: WalkAnswer.Finding } && finding is null;
        var looked = answered is not null && !withdrawn;
        return new Requirement(
            new WalkId(point.Id),
            Concedable.ByLead,
            looked ? Standing.Met : Standing.NotShown,
            new WalkFacts(point, answered?.Answer, withdrawn, finding?.Tag)
        )
        {
            Evidence = looked ? answered!.Evidence : null,
        };
    }

    private static Requirement Of(JobState state, Finding finding)
    {
        var facts = new FindingFacts(finding);
        return new Requirement(
            new FindingId(finding.Id),
            finding.Grading.Grade == Grade.FlightCritical ? Concedable.Never : Concedable.ByLead,
            finding.Cleared ? Standing.Met : Standing.NotMet,
            facts
        )
        {
            Evidence = finding.Reinspection ?? finding.Evidence,
            Object = $"{FindingWords.Grade(finding.Grading.Grade)}, {facts.Words(state).Why}",
        };
    }

    /// <param name="From">Where its numbers are from, when it is not in the box.</param>
    private sealed record PaperFacts(string Paper, bool Found, string? From) : LineFacts
    {
        public override LineWords Words(JobState state)
        {
            var (reading, why) = (Found, From) switch
            {
                (true, { } from) => ("from elsewhere", $"Not in the box; the numbers are from {from}."),
                (true, null) => ("found", "Found in the box."),
                _ when Paper is "throws" or "balance" => (
                    "",
                    "Not found yet; without it the sheet's numbers need a source."
                ),
                _ => ("", "Not found yet."),
            };
            return new LineWords($"{Texts.Capital(Paper)} found", "", "", reading, why);
        }
    }

    /// <param name="Wanting">Parts that are missing or wrong; of a counted bag only.</param>
    private sealed record BagFacts(string Bag, bool Counted, ImmutableArray<PartCount> Wanting) : LineFacts
    {
        public override LineWords Words(JobState state)
        {
            var (reading, why) =
                !Counted ? ("", "Not counted yet.")
                : Wanting.IsEmpty ? ("all here", "Counted against the list.")
                : ($"{Wanting.Sum(w => w.Short)} short", string.Join("; ", Wanting.Select(Missing)));
            return new LineWords($"Bag {Bag} counted", "", "", reading, why);
        }

        private static string Missing(PartCount count) =>
            $"{count.Short} × {count.Part.Name} {(count.Standing == CountStanding.Wrong ? "wrong" : "missing")}";
    }

    /// <param name="Withdrawn">What was found there is no more.</param>
    /// <param name="Tag">Of what was found there.</param>
    private sealed record WalkFacts(WalkPoint Point, WalkAnswer? Answer, bool Withdrawn, string? Tag) : LineFacts
    {
        public override LineWords Words(JobState state)
        {
            var (reading, why) = Answer switch
            {
                null => ("", "Nobody's hands came there yet."),
                WalkAnswer.Sound => ("sound", "Felt, and sound."),
                WalkAnswer.NotFitted => ("not fitted", "This aircraft has none."),
                _ when Withdrawn => ("", "What was found here was withdrawn: look again."),
                _ => (Tag ?? "a finding", "Looked at; the finding has its own line."),
            };
            return new LineWords($"{Point.Title} looked at", "", "", reading, why);
        }
    }

    private sealed record FindingFacts(Finding Finding) : LineFacts
    {
        public override LineWords Words(JobState state)
        {
            var (f, grade) = (Finding, FindingWords.Grade(Finding.Grading.Grade));
            var what = $"{f.Tag}: {UnpackWords.Sized(f.Kind, f.Size)}, {state.Sheet.Geometry.Called(f.Place)}";
            return new LineWords(what, grade, "", grade, Why(state));
        }

        private string Why(JobState state) =>
            Finding switch
            {
                { Sound: true, Dries: true, ReinspectedBy: { } by } => $"Looked at again by {by.Name}: dry.",
                { Sound: true, Repair: { } repair, ReinspectedBy: { } by } => $"{repair.How}; re-inspected by "
                    + $"{by.Name}{(repair.By.Id == by.Id ? " (self-inspected)" : "")}.",
                { Cleared: true, DispositionReason: { Length: > 0 } reason } => $"Used as it is: {reason}.",
                { Cleared: true } => "Used as it is.",
                { Repair: not null, PlaceKind: PlaceKind.Lead } =>
                    "Put back; not wiggled and called out yet, and so not proven.",
                { Repair: not null, Behind: { Length: > 0 } behind } =>
                    $"Repaired; it and the seal of {state.Sheet.Geometry.Called(behind)} are not re-inspected yet.",
                { Repair: not null } => "Repaired; not re-inspected yet.",
                { LookAgain: { } day } => $"Tacky: looked at again on {DayWords.Of(day)}; no tape, no decal till then.",
                { Disposition: { } d } => $"To {UnpackRules.Words(d)}; not done yet.",
                _ => "Nothing decided yet.",
            };
    }
}
