using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>What the owner wants aboard beside the kit.</summary>
public sealed record AddOn(string Name, Mass Mass, Station? At, AddOnState State)
{
    /// <summary>The port it is plugged into; empty of what has none.</summary>
    public string Port { get; init; } = "";

    /// <summary>Why it is not connected; empty of what is.</summary>
    public string Why { get; init; } = "";

    public Evidence? Evidence { get; init; }
}

/// <summary>Whether an add-on was proven; what is not connected is no fault.</summary>
public enum AddOnState
{
    Recorded,
    Tested,
    NotConnected,
}
