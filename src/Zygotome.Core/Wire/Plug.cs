using System.Collections.Immutable;

namespace Zygotome.Core.Wire;

/// <summary>A plug that comes to the receiver: of a consumer, or of an input of what passes its signal on.</summary>
/// <param name="Id">Its consumer's; of an input the device's and its command: <c>board/flap</c>.</param>
/// <param name="Feeds">Consumers behind it, by their ids.</param>
public sealed record Plug(string Id, string Name, string Command, ImmutableArray<string> Feeds)
{
    /// <summary>As of a <see cref="Consumer"/>; of an input null where those behind it are not alike.</summary>
    public int? Turn { get; init; }

    public required string Unit { get; init; }

    public bool IsVital { get; init; } = true;

    /// <summary>What hangs on it, A stalled.</summary>
    public double Stall { get; init; }
}
