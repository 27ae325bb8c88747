namespace Zygotome.Core.Wire;

/// <summary>What a port map costs, the dearest first. Smaller is better, line by line.</summary>
public sealed record PortCost
{
    /// <summary>Things without a signal without which nothing is flown.</summary>
    public int LostVital { get; init; }

    /// <summary>Things without a signal.</summary>
    public int Lost { get; init; }

    /// <summary>Y-leads of which the sheet does not say whether both sides go the same way.</summary>
    public int Doubts { get; init; }

    /// <summary>Y-leads: every joint can part.</summary>
    public int YLeads { get; init; }

    /// <summary>1 where binding needs a port that a lead is in.</summary>
    public int BindPort { get; init; }

    /// <summary>Functions that are elsewhere than the owner has them in every model.</summary>
    public int Departures { get; init; }

    /// <summary>Channels that must follow another by a mix.</summary>
    public int Mixes { get; init; }

    /// <summary>
    /// Negative where the first is better. Where pairs are to share, the fewest mixes come before the fewest Y-leads.
    /// </summary>
    public static int Compare(PortCost a, PortCost b, bool sharesPairs)
    {
        foreach (var (x, y) in a.InOrder(sharesPairs).Zip(b.InOrder(sharesPairs)))
        {
            if (x != y)
            {
                return x - y;
            }
        }

        return 0;
    }

    private IEnumerable<int> InOrder(bool sharesPairs) =>
        sharesPairs
            ? [LostVital, Lost, Doubts, Mixes, BindPort, Departures, YLeads]
            : [LostVital, Lost, Doubts, YLeads, BindPort, Departures, Mixes];
}
