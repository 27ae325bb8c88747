using System.Globalization;
using Zygotome.Core.Bind;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Job;

/// <summary>By what a line of the set-up card was tried, as the ledger has it.</summary>
public static class CardTried
{
    /// <summary>
    /// "tried 27 Nov, R. Vane"; "2 of 4 tried"; empty where nothing tried it: then that is said on the card.
    /// </summary>
    /// <param name="line">Of the ledger; null of one that is not asked.</param>
    public static string Words(JobState state, CardLine of, Func<RequirementId, LedgerLine?> line)
    {
        LedgerLine[] asked = [.. of.TriedBy.Select(line).OfType<LedgerLine>()];
        LedgerLine[] tried = [.. asked.Where(l => l.Standing is Standing.Met or Standing.Close)];
        return tried.Length == 0 ? ""
            : tried.Length < asked.Length ? $"{tried.Length} of {asked.Length} tried"
            : tried.Select(l => l.Evidence).OfType<LedgerEvidence>().MaxBy(e => e.Seq) is { } last
                ? $"tried {Day(state, last.ObservedAt)}, {last.By}"
            : "tried";
    }

    private static string Day(JobState state, DateTimeOffset at) =>
        ShopDay.At(state.Rules.TimeZone, at).ToString("d MMM", CultureInfo.InvariantCulture);
}
