using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets.Catalogue;
using Zygotome.Core.Wire;

namespace Zygotome.Server.Stages;

/// <summary>Something a plug may be found to lead to.</summary>
public sealed record ServesView(string Id, string Name);

/// <summary>A lead: what its plug goes into, how it stands, and its way from what it serves.</summary>
/// <param name="Into">As entries write it; <paramref name="To"/>: in words.</param>
/// <param name="Outlet">The port's number or the socket's name, largest on the paper.</param>
/// <param name="Label">As the sheet prints it; empty where it has none.</param>
/// <param name="Band">On both its plugs; null of one that is not parted.</param>
/// <param name="Parted">The owner parts it with the wing.</param>
/// <param name="Follow">Its wires can be followed: what it serves is at its other end.</param>
/// <param name="Way">SVG path in mm; empty of one without a port.</param>
/// <param name="Joint">Where it leaves the body, of one that is parted.</param>
/// <param name="Doubt">Why its label proves nothing; empty where it does.</param>
/// <param name="Mended">What was done to it last; empty of one as it came.</param>
public sealed record LeadView(
    string Id,
    string Name,
    string Command,
    string Into,
    string To,
    string Outlet,
    string Label,
    LeadBand? Band,
    bool Parted,
    bool Follow,
    bool Plugged,
    bool Lost,
    string Way,
    PointView From,
    PointView End,
    PointView? Joint,
    string Doubt,
    string Mended,
    IReadOnlyList<string> Parts,
    LedgerLine? Line
);

/// <summary>A socket of a receiver, board or stabiliser, as it is held.</summary>
/// <param name="Name">Its channel or what it is called there; empty of a free port.</param>
/// <param name="Lead">What is to be in it; empty of a free one.</param>
/// <param name="Print">What the maker prints beside it; empty where nothing is known.</param>
/// <param name="Binds">Binding needs it.</param>
public sealed record SocketView(
    string Key,
    string Outlet,
    string Print,
    string Name,
    string Lead,
    string LeadName,
    bool Binds
);

/// <summary>A device with its sockets, in the order they stand on it.</summary>
/// <param name="Kind">Of the catalogue; empty where nobody said. <paramref name="Printed"/>: as the sheet names
/// it.</param>
/// <param name="Line">That it has a socket for each; null where nobody said which it is, and of a receiver.</param>
public sealed record DeviceView(
    string Id,
    string Title,
    string Held,
    PlugStyle? Plug,
    string Kind,
    string Printed,
    LedgerLine? Line,
    IReadOnlyList<SocketView> Sockets
);

/// <summary>Where the aerial's ends may run: SVG paths in mm, and what lies nearest.</summary>
public sealed record AerialView(IReadOnlyList<string> Ends, string Words);

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
/// <param name="Ways">What may hold it; none where nothing is held.</param>
/// <param name="Measured">Yes is a length, mm.</param>
public sealed record WireAskView(
    string Id,
    string Words,
    string Why,
    string Mend,
    IReadOnlyList<HeldBy> Ways,
    bool Measured,
    LedgerLine? Line
);

/// <summary>Which lead goes where.</summary>
/// <param name="Known">Which receiver it is, is known.</param>
/// <param name="Laid">Somebody laid the map that counts; else it is the best there is.</param>
/// <param name="Gains">What would give a port to what has none, cheapest first.</param>
/// <param name="Departures">What is elsewhere than the owner has it in every model, with why; and what comes out for
/// binding.</param>
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
    LedgerLine? Supply,
    IReadOnlyList<PowerRow> Power,
    string Connector,
    LedgerLine? ConnectorLine,
    AerialView? Aerial
);
