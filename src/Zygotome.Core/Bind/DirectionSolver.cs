using System.Collections.Immutable;

namespace Zygotome.Core.Bind;

/// <summary>
/// From one round of observations the fewest changes that make every function right. A place moves by
/// <c>r·W(f)·n</c>: reversing r of the channel its plug is in, what that channel has of the called function W(f), the
/// sign n by which servo and linkage answer. W is the sheet's, n shows in what was seen, r is what the radio has; so
/// where a plug really is follows from the functions it answers and from how they agree. Source: computation.md,
/// directions.
/// </summary>
/// <remarks>Law: on whatever is observed without contradiction, applying the advice makes every observed function
/// right, or the advice says why nothing does. Pure and total.</remarks>
public static class DirectionSolver
{
    /// <summary>The advice of every group of which something was seen; without fixes where that is all right.</summary>
    public static ImmutableArray<DirectionAdvice> Solve(DirectionAsk ask)
    {
        var signs = new DirectionSigns(ask);
        return [.. Groups(ask).Where(g => g.Any(signs.WasSeen)).Select(g => new DirectionGroup(signs, g).Advice())];
    }

    // What hangs together: by a channel, by a function that is wanted, by a function that it was seen to answer.
    private static IEnumerable<ImmutableArray<AskedDrive>> Groups(DirectionAsk ask)
    {
        var left = ask.Drives.ToList();
        while (left.Count > 0)
        {
            var group = new List<AskedDrive> { left[0] };
            left.RemoveAt(0);
            for (var i = 0; i < group.Count; i++)
            {
                var near = left.Where(d => d.Channel == group[i].Channel || Meets(ask, d, group[i])).ToArray();
                group.AddRange(near);
                left.RemoveAll(near.Contains);
            }

            yield return [.. ask.Drives.Where(group.Contains)];
        }
    }

    private static bool Meets(DirectionAsk ask, AskedDrive a, AskedDrive b) =>
        Answers(ask, a).Intersect(Answers(ask, b)).Any();

    private static IEnumerable<string> Answers(DirectionAsk ask, AskedDrive drive) =>
        drive
            .Places.SelectMany(p => p.Wanted.Keys)
            .Concat(ask.Seen.Keys.Where(f => drive.Places.Any(p => ask.SeenOf(f, p.Id) is not (null or 0))));
}
