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

/// <summary>What a standing means for the release.</summary>
public static class Standings
{
    extension(Standing standing)
    {
        /// <summary>Refuses release.</summary>
        public bool Open => standing is Standing.NotMet or Standing.NotShown or Standing.Stale;
    }
}
