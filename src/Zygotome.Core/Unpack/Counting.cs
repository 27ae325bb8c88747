using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>
/// Counted against the list: missing, extra, wrong, and what that blocks. A part used in several steps is used up by
/// them.
/// </summary>
public static class Counting
{
    /// <summary>One line of the parts list as it was counted.</summary>
    public static PartCount Of(JobState state, PartSpec part)
    {
        var (present, wrong) = (state.Unpack.CountOf(part.Id), state.Unpack.Wrong.GetValueOrDefault(part.Id));
        var closed = state.Unpack.CountedBags.ContainsKey(part.Bag);
        var missing = Math.Max(0, part.Quantity - present);
        var standing =
            wrong > 0 && missing > 0 ? CountStanding.Wrong
            : missing > 0 ? (closed ? CountStanding.Missing : CountStanding.NotCounted)
            : present > part.Quantity ? CountStanding.Extra
            : CountStanding.AllHere;
        return new PartCount(
            Part: part,
            Present: present,
            WrongOnes: wrong,
            Standing: standing,
            Short: missing,
            BlocksSteps: IsShort(standing) ? [.. Blocked(state, part.Id).Select(s => s.Title)] : []
        );
    }

    /// <summary>Whether steps wait for it.</summary>
    public static bool IsShort(CountStanding standing) => standing is CountStanding.Missing or CountStanding.Wrong;

    /// <summary>
    /// How many of a part are there for this step: those counted, less what other steps took when they were begun.
    /// </summary>
    public static int Left(JobState state, StepSpec step, string part) =>
        Free(state, part) + (state.Progress(step.Id) is null ? 0 : step.Parts.GetValueOrDefault(part));

    /// <summary>
    /// Hands-on minutes of steps not done yet; and of those, what can be worked with the shortages as they are: steps
    /// that neither miss a part nor come after one that does.
    /// </summary>
    public static (double Possible, double All) Minutes(JobState state)
    {
        var open = state.Sheet.Steps.Where(s => state.Progress(s.Id)?.Done is null).ToList();
        var stopped = state
            .Sheet.InBox.Where(p => IsShort(Of(state, p).Standing))
            .SelectMany(p => Blocked(state, p.Id))
            .Select(s => s.Id)
            .ToHashSet(StringComparer.Ordinal);
        bool more;
        do
        {
            more = false;
            foreach (var after in open.Where(s => s.After.Any(stopped.Contains)))
            {
                more |= stopped.Add(after.Id);
            }
        } while (more);
        return (open.Where(s => !stopped.Contains(s.Id)).Sum(s => s.HandsOn), open.Sum(s => s.HandsOn));
    }

    /// <summary>
    /// How many of a part no step took yet. What is no part of the box is nobody's count: it is fitted already, or on
    /// the to-buy list.
    /// </summary>
    public static int Free(JobState state, string part) =>
        (state.Sheet.Part(part) is { IsInBox: false } other ? other.Quantity : state.Unpack.CountOf(part))
        - state.Sheet.Steps.Where(s => state.Progress(s.Id) is not null).Sum(s => s.Parts.GetValueOrDefault(part));

    /// <summary>
    /// Steps that what is there does not reach to, when it is used in the order of the sheet. What was begun has its
    /// parts.
    /// </summary>
    private static IEnumerable<StepSpec> Blocked(JobState state, string part)
    {
        var left = Free(state, part);
        foreach (
            var step in state.Sheet.Steps.Where(s =>
                s.Parts.GetValueOrDefault(part) > 0 && state.Progress(s.Id) is null
            )
        )
        {
            if (step.Parts[part] > left)
            {
                yield return step;
            }
            else
            {
                left -= step.Parts[part];
            }
        }
    }
}
