using System.Collections.Immutable;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Journal;

/// <summary>
/// The sheet as one job works to it: the revision on file as what the kit is built, the values a lead gave, without the
/// steps of schools not chosen, with a step for each repair.
/// </summary>
public static class EffectiveSheet
{
    /// <summary>
    /// To be called by whatever changes one of those. A step under way that leaves the plan is half done, and nobody
    /// will finish it: what it disturbs stays disturbed from now on.
    /// </summary>
    public static JobState Resheet(this JobState state, Entry entry)
    {
        var next = Composed(state);
        foreach (var step in state.Sheet.Steps)
        {
            if (next.Sheet.Step(step.Id) is null && state.Progress(step.Id) is { Done: null })
            {
                next = next.Disturb(
                    entry,
                    $"\"{step.Title}\" was begun and left the plan",
                    DisturbanceMatrix
                        .Step(state.Sheet, step)
                        .Union(step.Repairs.Length > 0 ? DisturbanceMatrix.Weight : [])
                );
            }
        }

        return next;
    }

    /// <summary>The job as it would be with these answers of a lead, by question: nothing is recorded by it.</summary>
    public static JobState Answering(this JobState state, IReadOnlyDictionary<string, string> answers) =>
        Composed(
            state with
            {
                Schools = state.Schools.SetItems(
                    answers.Select(a =>
                        KeyValuePair.Create(
                            a.Key,
                            new SchoolAnswer(a.Value, "", state.Opening!.By with { Role = Role.Lead })
                        )
                    )
                ),
            }
        );

    private static JobState Composed(JobState state)
    {
        var built = state.Chosen;
        // Of a silent sheet by a lead's word alone: an answer that another sheet allowed is none to this one.
        var offered =
            state.Schools.GetValueOrDefault(Schools.TailFixing) is { Option: TailOnScrews.Screws } answer
            && Rights.Leads(answer.By)
                ? TailOnScrews.Offered(built)
                : built.Steps;
        var left = offered.Where(s => s.School.All(p => state.School(p.Key) == p.Value)).ToImmutableArray();
        var known = left.Select(s => s.Id).ToHashSet(StringComparer.Ordinal);

        // A step left out passes on what it waited for, so that nothing after it waits in vain.
        var steps = left.Select(s =>
            s.After.All(known.Contains)
                ? s
                : s.With(StepFields.After.Is([.. s.After.SelectMany(a => Through(state.Built, a, known)).Distinct()]))
        );
        // One begun before its sides were asked for stays one.
        var sides = MirroredSteps.Of(built, steps, s => state.Progress(s.Id) is not null);
        var ordered = state.Every<IOrdersSteps>().Aggregate(sides, (now, by) => by.Reordered(now));
        var edges = StepOrder.Of(ordered, propellerLast: state.School(Schools.Propeller) == "last");
        ImmutableArray<StepSpec> all =
        [
            .. StepOrder.Applied(ordered, edges),
            .. state.Every<IAddsSteps>().SelectMany(a => a.Steps(state.Built)),
        ];

        // The same sheet again keeps what was made of it.
        return IsSame(built, state, all) ? state with { Sheet = built }
            : ReferenceEquals(state.Sheet.MadeOf, built) && IsSame(state.Sheet, state, all) ? state
            : state with { Sheet = built with { Given = state.Given, Steps = all, Edges = edges, MadeOf = built } };
    }

    private static bool IsSame(SpecSheet sheet, JobState state, ImmutableArray<StepSpec> steps) =>
        sheet.Given == state.Given && sheet.Steps.SequenceEqual(steps);

    // A sheet on file may go round in a circle: a step already passed leads nowhere new.
    private static IEnumerable<string> Through(SpecSheet sheet, string step, HashSet<string> known)
    {
        var passed = new HashSet<string>(StringComparer.Ordinal);
        return Follow(step);

        IEnumerable<string> Follow(string from) =>
            known.Contains(from) ? [from]
            : passed.Add(from) ? sheet.Step(from)?.After.SelectMany(Follow) ?? []
            : [];
    }
}
