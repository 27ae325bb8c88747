using System.Collections.Immutable;

namespace Zygotome.Core.Wire;

/// <summary>One lead with the plug at its end, as it is pushed in.</summary>
/// <param name="Id">Of its consumer; of a Y-lead's tail <c>y/…</c>, of an input the device and the command.</param>
/// <param name="Feeds">Consumers that get their signal through it.</param>
public sealed record WireLead(string Id, string Name, string Command, WireEnd To, ImmutableArray<Consumer> Feeds)
{
    /// <summary>As the sheet prints its label; empty where it has none.</summary>
    public string Label { get; init; } = "";

    /// <summary>The owner parts it with the wing.</summary>
    public bool IsParted { get; init; }

    /// <summary>What was done to it; empty of one as it came.</summary>
    public string Mended { get; init; } = "";

    /// <summary>Two plugs of its own at one end, one at the other.</summary>
    public bool IsYLead => Id.StartsWith("y/", StringComparison.Ordinal);

    /// <summary>Of one that is parted; null of others.</summary>
    public LeadBand? Band { get; init; }

    /// <summary>left, right or empty: which colour its bands have.</summary>
    public string Side { get; init; } = "";

    /// <summary>Of a servo, light or controller itself, with wires to be followed to it.</summary>
    public bool IsOfConsumer => Feeds is [var only] && only.Id == Id;

    public bool IsVital => Feeds.Any(c => c.IsVital);

    public bool IsLost => To.On == Socketed.Nowhere;
}
