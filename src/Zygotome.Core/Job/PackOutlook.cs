using System.Collections.Immutable;

namespace Zygotome.Core.Job;

/// <summary>What one pack does to weight and balance.</summary>
/// <param name="First">Centre of gravity with the pack at the front of its bay, mm; <paramref name="Last"/>: at the
/// back.</param>
/// <param name="Front">Where its front should lie, mm from the datum; null when nothing can be said.</param>
/// <param name="Pieces">Ballast pieces needed with it; 0 when moving it is enough.</param>
public sealed record PackOutlook(
    string Name,
    bool Fits,
    string FitWhy,
    bool? Balances,
    double? First,
    double? Last,
    double? Front,
    double? LandsAt,
    int Pieces,
    string Station,
    double BallastGrams,
    double TotalGrams,
    bool? WeightInLimit,
    string Words
)
{
    /// <summary>The packs it is, in the order they are connected: one, or those that fly together.</summary>
    public required ImmutableArray<string> Packs { get; init; }

    /// <summary>Whether it has the cells and gives the current that the maker asks for; why or why not.</summary>
    public bool Suits { get; init; } = true;

    public string SuitsWhy { get; init; } = "";

    /// <summary>It cannot fly as it is. What is not known yet is in nobody's way.</summary>
    public bool InTheWay => !Fits || !Suits || Balances == false;
}
