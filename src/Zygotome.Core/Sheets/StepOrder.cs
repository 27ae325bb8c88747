using System.Collections.Immutable;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>One step before another, and why: not the page's order but the work's.</summary>
public sealed record StepEdge(string Before, string After, string Why);

/// <summary>
/// The order that follows from what steps are, whatever the page says: finish before cut-outs, decals before the
/// canopy, leads before the joint, what is reached before what covers it, propellers last of all. Where the page has
/// two of them the other way round it gives way; where more lies between them the page stands, and it is said.
/// </summary>
public static class StepOrder
{
    private const string Propeller = "The propeller goes on last: nothing can cut before.";

    /// <summary>What has to come before what among these steps, each pair once, in their order.</summary>
    /// <param name="propellerLast">Unless the job fits it when the manual says.</param>
    public static ImmutableArray<StepEdge> Of(ImmutableArray<StepSpec> steps, bool propellerLast) =>
        [.. steps.SelectMany(after => steps.Select(before => Edge(before, after, propellerLast))).OfType<StepEdge>()];

    /// <summary>
    /// The steps with these edges among what they wait for. A step that the sheet has directly the other way round
    /// waits no longer for the one that now waits for it; what it still waited for comes with it.
    /// </summary>
    public static ImmutableArray<StepSpec> Applied(ImmutableArray<StepSpec> steps, ImmutableArray<StepEdge> edges)
    {
        var now = steps.DistinctBy(s => s.Id).ToDictionary(s => s.Id, StringComparer.Ordinal);
        foreach (var edge in edges)
        {
            var (before, after) = (now[edge.Before], now[edge.After]);
            if (before.After.Contains(after.Id))
            {
                now[before.Id] = before.With(
                    StepFields.After.Is([.. before.After.Where(a => a != after.Id).Concat(after.After).Distinct()])
                );
            }

            // The page has more between them the other way round: it stands.
            if (!Reaches(now, before.Id, after.Id) && !Reaches(now, after.Id, before.Id))
            {
                now[after.Id] = now[after.Id].With(StepFields.After.Is([.. now[after.Id].After, before.Id]));
            }
        }

        return [.. steps.Select(s => now[s.Id])];
    }

    /// <summary>Edges that the steps keep the other way round, because the page has more between them.</summary>
    public static IEnumerable<StepEdge> Against(ImmutableArray<StepSpec> steps, ImmutableArray<StepEdge> edges)
    {
        var now = steps.DistinctBy(s => s.Id).ToDictionary(s => s.Id, StringComparer.Ordinal);
        return edges.Where(e => Reaches(now, e.Before, e.After));
    }

    /// <summary>The circle that a step stands in, from it to it; empty where it stands in none.</summary>
    public static ImmutableArray<string> Circle(IReadOnlyDictionary<string, StepSpec> steps, string from)
    {
        var (passed, trail) = (new HashSet<string>(StringComparer.Ordinal), new List<string> { from });
        return Walk(from) ? [.. trail] : [];

        bool Walk(string id)
        {
            foreach (var before in steps.TryGetValue(id, out var step) ? step.After : [])
            {
                trail.Add(before);
                if (before == from || (passed.Add(before) && Walk(before)))
                {
                    return true;
                }

                trail.RemoveAt(trail.Count - 1);
            }

            return false;
        }
    }

    // Whether a step waits, at whatever distance, for another.
    private static bool Reaches(Dictionary<string, StepSpec> steps, string from, string to)
    {
        var passed = new HashSet<string>(StringComparer.Ordinal);
        return Walk(from);

        bool Walk(string id) =>
            steps.TryGetValue(id, out var step) && step.After.Any(a => a == to || (passed.Add(a) && Walk(a)));
    }

    private static StepEdge? Edge(StepSpec before, StepSpec after, bool propellerLast) =>
        before.Id == after.Id || MirroredSteps.WholeOf(before.Id) == MirroredSteps.WholeOf(after.Id) ? null
        : Why(before, after, propellerLast) is { } why ? new StepEdge(before.Id, after.Id, why)
        : null;

    private static string? Why(StepSpec before, StepSpec after, bool propellerLast) =>
        (before.Kind, after.Kind) switch
        {
            ("finish", "cut-out") when Meet(before, after) =>
                "Paint and film before cut-outs: an edge is cut clean once.",
            ("decal", _) when IsCanopy(after) && Meet(before, after) =>
                "Decals go in before the canopy: nobody reaches them after.",
            ("wiring", "joint") when Meet(before, after) && before.Fits.Length > 0 =>
                "Leads are drawn through before the halves meet.",
            _ when after.Covers.FirstOrDefault(c => Needs(before, c)) is { } covered =>
                $"Afterwards nobody reaches: {Places.Words(covered)}.",
            _ when propellerLast
                    && IsPropeller(after)
                    && !IsPropeller(before)
                    && before.Stage is Stage.Build or Stage.Wire => Propeller,
            _ => null,
        };

    private static bool IsPropeller(StepSpec step) => step.Kind == "propeller" || step.Readies.Length > 0;

    private static bool IsCanopy(StepSpec step) => step.Bond?.Kind == "canopy" || step.Fits.Contains("canopy");

    // Of the same part, or one of them of no part in particular.
    private static bool Meet(StepSpec a, StepSpec b) =>
        a.Fits.IsEmpty
        || b.Fits.IsEmpty
        || a.Fits.Any(f => b.Fits.Any(g => Places.IsNamed(f, g) || Places.IsNamed(g, f)));

    /// <summary>Whether a step has to come at something: a screw, a port, a part.</summary>
    internal static bool Needs(StepSpec step, string covered) =>
        step.Reaches.Contains(covered)
        || step.Parts.ContainsKey(covered)
        || step.Fits.Contains(covered)
        || step.Closes.Contains(covered);
}
