using System.Collections.Immutable;

namespace Zygotome.Core.Journal;

/// <summary>A sealed release: served as it was, by its number.</summary>
public sealed record Release(
    int Number,
    string EntryId,
    Person By,
    DateTimeOffset At,
    string PdfHash,
    ImmutableArray<SealedLine> Sealed
)
{
    /// <summary>The ledger it was released on.</summary>
    public ImmutableArray<LedgerLine> Ledger => [.. Sealed.Select(l => l.Shown())];
}
