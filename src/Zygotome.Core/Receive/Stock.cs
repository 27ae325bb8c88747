using System.Collections.Immutable;

namespace Zygotome.Core.Receive;

/// <summary>What the shop has on its shelf. Lead lengths in mm.</summary>
public sealed record Stock(
    ImmutableArray<string> Tools,
    ImmutableArray<string> Adhesives,
    ImmutableArray<double> LeadLengths
)
{
    /// <summary>Whether one of its tools does what is asked: its tip, and as far as it must reach.</summary>
    public bool HasTool(string asked) => Tools.Any(t => Sheets.Tools.Does(t, asked));
}
