using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>
/// What nobody may concede does not go away by another sheet: not while it is wrong or stale, and not unseen without a
/// lead's word that it is not on this aircraft. Mistakes of the sheet itself are what a move mends, and what the new
/// sheet ties to something that moves is asked for there.
/// </summary>
/// <param name="Refuses">Not met or stale: the move waits until they are put right.</param>
/// <param name="Asks">Never shown: a word for each.</param>
public sealed record Vanishing(ImmutableArray<Line> Refuses, ImmutableArray<Line> Asks)
{
    /// <param name="before">The ledger as it stands, <paramref name="after"/> as it would stand on the sheet moved
    /// to.</param>
    /// <param name="tied">Whether the sheet moved to asks for it elsewhere.</param>
    public static Vanishing Of(IEnumerable<Line> before, IEnumerable<Line> after, Func<RequirementId, bool> tied)
    {
        var asked = after.Select(l => l.Id).ToHashSet();
        var gone = before
            .Where(l => l.Requirement.Concedable == Concedable.Never && !asked.Contains(l.Id))
            .Where(l => !l.Id.OfSheet && !tied(l.Id))
            .ToArray();
        return new(
            [.. gone.Where(l => l.Standing is Standing.NotMet or Standing.Stale)],
            [.. gone.Where(l => l.Standing == Standing.NotShown)]
        );
    }
}
