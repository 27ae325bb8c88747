using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>What the owner wants aboard beside the kit.</summary>
public sealed record AddOn(string Name, Mass Mass, Station? At, AddOnState State);

/// <summary>Whether an add-on was proven; what is not connected is no fault.</summary>
public enum AddOnState
{
    Recorded,
    Tested,
    NotConnected,
}
