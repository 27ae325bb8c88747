using System.Collections.Immutable;

namespace Zygotome.Core.Receive;

/// <summary>What the shop has on its shelf. Lead lengths in mm.</summary>
public sealed record Stock(
    ImmutableArray<string> Tools,
    ImmutableArray<string> Adhesives,
    ImmutableArray<double> LeadLengths
);
