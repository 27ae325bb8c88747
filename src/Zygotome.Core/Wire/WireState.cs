using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Wire;

/// <summary>A plug on a port, as it was laid.</summary>
/// <param name="Port">From 1; 0 where it has none.</param>
public sealed record LaidPlug(string Plug, int Port);

/// <summary>A plug that was pushed in: where, and what was found at the other end of its wires.</summary>
/// <param name="Serves">The consumer that its wires lead to, by wiggling; its own unless the label lied.</param>
public sealed record PlugSeen(string Into, string Serves, Evidence Evidence)
{
    /// <summary>Why it was pulled out again; empty while it is in.</summary>
    public string Pulled { get; init; } = "";
}

/// <summary>What one of <see cref="WireAsks"/> was answered.</summary>
public sealed record AskShown(bool Right, string Note, Evidence Evidence);

/// <summary>Which lead is where, and what was looked at.</summary>
public sealed record WireState
{
    /// <summary>The port map somebody laid; empty while the best one counts.</summary>
    public ImmutableArray<LaidPlug> Map { get; init; } = [];

    /// <summary>By lead.</summary>
    public ImmutableSortedDictionary<string, PlugSeen> Leads { get; init; } = Ordered.ById<PlugSeen>();

    /// <summary>By ask.</summary>
    public ImmutableSortedDictionary<string, AskShown> Asks { get; init; } = Ordered.ById<AskShown>();

    /// <summary>How often a servo's way was turned round, by servo.</summary>
    public ImmutableSortedDictionary<string, int> Turned { get; init; } = Ordered.ById<int>();
}

/// <summary>A job's part of this stage.</summary>
public static class WireOfJob
{
    extension(JobState state)
    {
        public WireState Wire => state.The<WireState>();
    }
}
