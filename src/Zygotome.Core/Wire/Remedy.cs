using System.Collections.Immutable;

namespace Zygotome.Core.Wire;

/// <summary>By what two on one signal that go apart are made to go alike, or each gets its own.</summary>
public enum RemedyKind
{
    /// <summary>A port of its own, and the transmitter mixes it in.</summary>
    OwnChannel,

    /// <summary>The rod on the other side of the servo's arm.</summary>
    ArmSide,

    /// <summary>A plug between that turns the signal round.</summary>
    InLineReverser,

    /// <summary>A servo that is made to turn the other way.</summary>
    ReversedServo,
}

/// <summary>One way out of a fault, with what it costs now.</summary>
/// <param name="Of">The consumer that is changed.</param>
/// <param name="Minutes">Hands-on; what is measured again counts in.</param>
/// <param name="Days">Until what is bought is there.</param>
public sealed record Remedy(RemedyKind Kind, string Of, string Words, string Cost, double Minutes, int Days)
{
    /// <summary>The map to lay; empty where none changes.</summary>
    public ImmutableArray<LaidPlug> Map { get; init; } = [];
}
