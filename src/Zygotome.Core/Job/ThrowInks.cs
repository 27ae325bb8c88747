using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Throws;

namespace Zygotome.Core.Job;

/// <summary>How surfaces are inked by what was measured of them.</summary>
/// <param name="ledger">As it is shown: a sealed one has the lines that were asked for then.</param>
public sealed class ThrowInks(JobState state, IEnumerable<LedgerLine> ledger)
{
    private readonly ImmutableArray<(ThrowId Key, Standing Standing)> _throws =
    [
        .. from target in ThrowTargets.Of(state.Sheet, state.Rules)
        join line in ledger on target.Id equals line.Id
        select (target.Key, line.Standing),
    ];

    /// <summary>The worst standing of a surface's throws; null while none is measured.</summary>
    /// <param name="rate">One rate or position only; null for all of them.</param>
    public Standing? Of(string surface, string? rate = null)
    {
        Standing[] stand =
        [
            .. _throws
                .Where(t => t.Key.Surface == surface && (rate is null || t.Key.Rate == rate))
                .Select(t => t.Standing),
        ];
        return stand.All(s => s == Standing.NotShown) ? null
            : stand.Contains(Standing.NotMet) ? Standing.NotMet
            : stand.Contains(Standing.Stale) ? Standing.Stale
            : stand.Contains(Standing.NotShown) ? Standing.NotShown
            : stand.Contains(Standing.Close) ? Standing.Close
            : Standing.Met;
    }
}
