using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.MarkOut;

namespace Zygotome.Core.Job;

/// <summary>What something does to the balance that is placed elsewhere than planned, said before it is cut.</summary>
public static class MarkBalance
{
    /// <summary>
    /// How far the centre of gravity goes, mm, aft +: m·Δx/W, m of what sits at the mark and W of the whole, both g;
    /// null where the sheet says no mass, the mark is on no known edge, or nobody knows what the aircraft weighs.
    /// </summary>
    public static double? Shift(JobState state, Mark mark, double at)
    {
        var budget = Budget.Of(state);
        var all = budget.EmptyGrams is null ? 0 : budget.Parts.Sum(p => p.Grams);
        return
            mark.Spec.Mass is { } mass
            && all > 0
            && Marks.Laid(state.Sheet, mark, at) is { } now
            && Marks.Laid(state.Sheet, mark, mark.Wanted) is { } planned
            ? mass * (now.MiddleX - planned.MiddleX) / all
            : null;
    }

    /// <summary>"The balance goes 0.4 mm aft."; empty where nothing is known of it or it does not go.</summary>
    public static string Words(JobState state, Mark mark, double at) =>
        Shift(state, mark, at) is not { } shift || Math.Abs(shift) < 0.05
            ? ""
            : $"The balance goes {Numbers.OneDecimal(Math.Abs(shift))} mm {(shift > 0 ? "aft" : "forward")} with it.";

    /// <summary>How a mark would stand that is so many mm from its edge, as it is typed.</summary>
    public static string Preview(JobState state, Mark mark, double at, double u)
    {
        var crossed = MarkLines.Crossed(state, mark, at);
        var judged = MarkLines.Judged(state, mark, at, u);
        return crossed is not null
            ? $"Over what lies hidden: {crossed.Words}."
            : $"{judged?.Phrase ?? "No limits"}. {Words(state, mark, at)}".TrimEnd();
    }
}
