namespace Zygotome.Core.Journal;

/// <summary>How a requirement stands in the ledger.</summary>
public enum Standing
{
    Met,
    Close,
    NotMet,
    NotShown,
    Stale,
    Conceded,
}
