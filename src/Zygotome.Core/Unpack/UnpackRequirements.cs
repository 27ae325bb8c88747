using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>Papers, bags and findings, as the ledger asks for them.</summary>
public static class UnpackRequirements
{
    public static IEnumerable<Claim> Claims(JobState state)
    {
        var unpack = state.Unpack;
        foreach (var paper in UnpackEntries.Papers)
        {
            var requirement = new Requirement($"papers/{paper}", Stage.Unpack, $"{Texts.Capital(paper)} found");
            yield return unpack.Papers.TryGetValue(paper, out var evidence)
                ? unpack.PaperSources.TryGetValue(paper, out var source)
                    ? new Claim(
                        requirement,
                        Standing.Met,
                        "from elsewhere",
                        $"Not in the box; the numbers are from {source}.",
                        evidence
                    )
                    : new Claim(requirement, Standing.Met, "found", "Found in the box.", evidence)
                : Claim.NotShown(
                    requirement,
                    paper is "throws" or "balance"
                        ? "Not found yet; without it the sheet's numbers need a source."
                        : "Not found yet."
                );
        }

        foreach (var bag in state.Sheet.Parts.Select(p => p.Bag).Distinct().Order(StringComparer.Ordinal))
        {
            yield return Bag(state, bag);
        }

        foreach (var point in InspectionRoute.Of(state.Sheet))
        {
            yield return Walk(state, point);
        }

        foreach (var finding in unpack.Findings)
        {
            yield return Of(finding);
        }
    }

    private static Claim Walk(JobState state, WalkPoint point)
    {
        var requirement = new Requirement($"walk/{point.Id}", Stage.Unpack, $"{point.Title} looked at");
        return state.Unpack.Walk.GetValueOrDefault(point.Id) switch
        {
            null => Claim.NotShown(requirement, "Nobody's hands came there yet."),
            { Answer: WalkAnswer.Sound } w => new Claim(
                requirement,
                Standing.Met,
                "sound",
                "Felt, and sound.",
                w.Evidence
            ),
            { Answer: WalkAnswer.Finding } gone when state.Unpack.Find(gone.Finding) is null => Claim.NotShown(
                requirement,
                "What was found here was withdrawn: look again."
            ),
            { Answer: WalkAnswer.NotFitted } w => new Claim(
                requirement,
                Standing.Met,
                "not fitted",
                "This aircraft has none.",
                w.Evidence
            ),
            { } w => new Claim(
                requirement,
                Standing.Met,
                state.Unpack.Find(w.Finding)?.Tag ?? "a finding",
                "Looked at; the finding has its own line.",
                w.Evidence
            ),
        };
    }

    private static Claim Bag(JobState state, string bag)
    {
        var requirement = new Requirement($"bag/{bag}", Stage.Unpack, $"Bag {bag} counted");
        if (!state.Unpack.CountedBags.TryGetValue(bag, out var evidence))
        {
            return Claim.NotShown(requirement, "Not counted yet.");
        }

        var wanting = state
            .Sheet.Parts.Where(p => p.Bag == bag)
            .Select(p => Counting.Of(state, p))
            .Where(c => Counting.IsShort(c.Standing))
            .ToArray();
        return wanting.Length == 0
            ? new Claim(requirement, Standing.Met, "all here", "Counted against the list.", evidence)
            : new Claim(
                requirement,
                Standing.NotMet,
                $"{wanting.Sum(w => w.Short)} short",
                string.Join(
                    "; ",
                    wanting.Select(w =>
                        $"{w.Short} × {w.Part.Name} {(w.Standing == CountStanding.Wrong ? "wrong" : "missing")}"
                    )
                ),
                evidence
            )
            {
                Object = string.Join(", ", wanting.Select(w => $"{w.Short} × {w.Part.Id}")),
            };
    }

    private static Claim Of(Finding f)
    {
        var never = f.Grading.Grade == Grade.FlightCritical ? Concedable.Never : Concedable.ByLead;
        var requirement = new Requirement(
            $"finding/{f.Id}",
            Stage.Unpack,
            $"{f.Tag}: {f.Kind.ToString().ToLowerInvariant()} of {Numbers.Say(f.Size)} mm, {Places.Words(f.Place)}",
            FindingWords.Grade(f.Grading.Grade),
            never
        );
        var why = f switch
        {
            { Sound: true } => $"{f.Repair!.How}; re-inspected by "
                + $"{f.ReinspectedBy!.Name}{(f.Repair.By.Id == f.ReinspectedBy.Id ? " (self-inspected)" : "")}.",
            { Cleared: true } => $"Used as it is{(f.DispositionReason.Length > 0 ? ": " + f.DispositionReason : "")}.",
            { Repair: not null } => "Repaired; not re-inspected yet.",
            { Disposition: { } d } => $"To {UnpackRules.Words(d)}; not done yet.",
            _ => "Nothing decided yet.",
        };
        return new Claim(
            requirement,
            f.Cleared ? Standing.Met : Standing.NotMet,
            FindingWords.Grade(f.Grading.Grade),
            why,
            f.Reinspection ?? f.Evidence
        )
        {
            Object = $"{FindingWords.Grade(f.Grading.Grade)}, {why}",
        };
    }
}
