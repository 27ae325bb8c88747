using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Catalogue;

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
/// <param name="By">What holds it, where that was asked. <paramref name="Measured"/>: where a length was.</param>
public sealed record AskShown(bool Right, string Note, Evidence Evidence, HeldBy? By = null, Length? Measured = null);

/// <summary>Which connector it is, and who saw it.</summary>
public sealed record ConnectorSeen(ConnectorKind Kind, Evidence Evidence);

/// <summary>Which lead is where, and what was looked at.</summary>
public sealed record WireState : IWired, ISignals
{
    /// <summary>The port map somebody laid; empty while the best one counts.</summary>
    public ImmutableArray<LaidPlug> Map { get; init; } = [];

    /// <summary>By lead.</summary>
    public ImmutableSortedDictionary<string, PlugSeen> Leads { get; init; } = Ordered.ById<PlugSeen>();

    /// <summary>By ask.</summary>
    public ImmutableSortedDictionary<string, AskShown> Asks { get; init; } = Ordered.ById<AskShown>();

    /// <summary>By lead, why its label proves nothing: it lied, or the lead was joined. Gone once it is
    /// wiggled.</summary>
    public ImmutableSortedDictionary<string, string> Unproven { get; init; } = Ordered.ById<string>();

    /// <summary>By lead, what was done to it last.</summary>
    public ImmutableSortedDictionary<string, string> Mended { get; init; } = Ordered.ById<string>();

    /// <summary>Boards and stabiliser of the catalogue, by the sheet's id.</summary>
    public ImmutableSortedDictionary<string, DeviceKind> Devices { get; init; } = Ordered.ById<DeviceKind>();

    /// <summary>Between pack and controller; null where nobody said.</summary>
    public ConnectorSeen? Connector { get; init; }

    bool IWired.HasOwnSupply(JobState state) => Supply.IsSeparate(state);

    IEnumerable<(string Id, string Name, string Why)> IWired.YLeads(JobState state)
    {
        var wiring = Wiring.Of(state);
        return from command in wiring.Leads.Where(l => l.IsYLead).GroupBy(l => l.Command)
            from numbered in command.Select((l, i) => (Lead: l, Nth: i + 1))
            let fed = string.Join(" and ", numbered.Lead.Feeds.Select(c => c.Name.ToLowerInvariant()))
            select (
                numbered.Nth == 1 ? command.Key.Replace(' ', '-') : $"{command.Key.Replace(' ', '-')}-{numbered.Nth}",
                $"Y-lead for {fed}",
                wiring.Ask.SharesPairs
                    ? "Paired surfaces share a lead, as chosen."
                    : $"{wiring.Plugs.Length} leads go to {wiring.Ask.Ports} ports."
            );
    }

    ImmutableArray<Signal> ISignals.Signals(JobState state) => Signals.Of(state);

    int ISignals.Corrected(JobState state, string command) => Wire.Signals.Corrected(state, command);

    int ISignals.FreePorts(JobState state) =>
        Wiring.Of(state) is { IsKnown: true } wiring ? wiring.Ports().Count(p => p.Plugs.IsEmpty) : 0;

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
