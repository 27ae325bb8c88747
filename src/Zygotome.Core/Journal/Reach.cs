using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>What a radio channel's name leads to on this aircraft; nothing of anything where nobody can tell.</summary>
public sealed record Reach(ImmutableArray<Surface> Surfaces, ImmutableArray<MotorSpec> Motors, bool Mode)
{
    /// <summary>What moves or switches by it and is no surface.</summary>
    public ImmutableArray<OutputSpec> Outputs { get; init; } = [];

    public bool Nowhere => Surfaces.Length == 0 && Motors.Length == 0 && Outputs.Length == 0 && !Mode;
}
