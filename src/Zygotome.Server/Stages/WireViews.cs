using Zygotome.Core.Journal;
using Zygotome.Core.Wire;

namespace Zygotome.Server.Stages;

/// <summary>Something a plug may be found to lead to.</summary>
public sealed record ServesView(string Id, string Name);

/// <summary>A lead: what its plug goes into, how it stands, and its way from what it serves.</summary>
/// <param name="Into">As entries write it; <paramref name="To"/>: in words.</param>
/// <param name="Outlet">The port's number or the socket's name, largest on the paper.</param>
/// <param name="Label">As the sheet prints it; empty where it has none.</param>
/// <param name="Band">Colour of its bands; empty of one in the middle.</param>
/// <param name="Parted">The owner parts it with the wing.</param>
/// <param name="Follow">Its wires can be followed: what it serves is at its other end.</param>
/// <param name="Way">SVG path in mm; empty of one without a port.</param>
public sealed record LeadView(
    string Id,
    string Name,
    string Into,
    string To,
    string Outlet,
    string Label,
    string Band,
    bool Parted,
    bool Follow,
    bool Plugged,
    bool Lost,
    string Way,
    PointView From,
    PointView End,
    IReadOnlyList<string> Parts,
    LedgerLine? Line
);

/// <summary>A socket of a receiver, board or stabiliser, as it is held.</summary>
/// <param name="Name">Its channel or what it is called there; empty of a free port.</param>
/// <param name="Lead">What is to be in it; empty of a free one.</param>
public sealed record SocketView(string Key, string Outlet, string Name, string Lead, string LeadName);

/// <summary>A device with its sockets, in the order they stand on it.</summary>
public sealed record DeviceView(string Id, string Title, string Held, IReadOnlyList<SocketView> Sockets);

/// <summary>What comes to the receiver and its port; 0 without one.</summary>
public sealed record PlugView(string Id, string Name, string Command, int Port);

/// <summary>A port map with what it costs and gains, in words.</summary>
public sealed record MapView(string Words, string Why, bool Counts, IReadOnlyList<PlugView> Plugs);

/// <summary>What may be done, with what it costs now.</summary>
public sealed record RemedyView(RemedyKind Kind, string Of, string Words, string Cost, IReadOnlyList<LaidPlug> Map);

/// <summary>Those that would go apart on one signal.</summary>
/// <param name="Shared">They are on one signal now: a fault, not a warning.</param>
public sealed record ApartView(
    IReadOnlyList<string> Of,
    string Words,
    string Why,
    bool Shared,
    IReadOnlyList<RemedyView> Remedies
);

/// <summary>Something looked at or tugged.</summary>
public sealed record WireAskView(string Id, string Words, string Why, string Mend, LedgerLine? Line);

/// <summary>Which lead goes where.</summary>
/// <param name="Known">Which receiver it is, is known.</param>
/// <param name="Laid">Somebody laid the map that counts; else it is the best there is.</param>
/// <param name="Gains">What would give a port to what has none, cheapest first.</param>
/// <param name="Departures">What is elsewhere than the owner has it in every model, with why.</param>
public sealed record WireView(
    bool Known,
    bool Laid,
    int FreePorts,
    IReadOnlyList<LeadView> Leads,
    IReadOnlyList<DeviceView> Devices,
    IReadOnlyList<PlugView> Plugs,
    IReadOnlyList<MapView> Maps,
    IReadOnlyList<ApartView> Apart,
    IReadOnlyList<string> Gains,
    IReadOnlyList<string> Departures,
    IReadOnlyList<string> Mixes,
    IReadOnlyList<ServesView> Serves,
    IReadOnlyList<WireAskView> Asks,
    LedgerLine? Ports,
    LedgerLine? Supply
);
