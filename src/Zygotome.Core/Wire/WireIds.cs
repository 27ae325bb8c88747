using Zygotome.Core.Journal;

namespace Zygotome.Core.Wire;

/// <summary>That a lead is where it belongs, and is the one its label says.</summary>
public sealed record LeadId(string Lead) : RequirementId(Stage.Wire)
{
    public override string Written => $"wire/lead/{Lead}";
}

/// <summary>That everything has a port.</summary>
public sealed record PortsId() : RequirementId(Stage.Wire)
{
    public override string Written => "wire/ports";
}

/// <summary>That those on one input of a board or stabiliser go the same way by it.</summary>
public sealed record AlikeId(string Input) : RequirementId(Stage.Wire)
{
    public override string Written => $"wire/alike/{Input}";
}

/// <summary>That what hangs on the receiver's power is no more than it gives.</summary>
public sealed record SupplyId() : RequirementId(Stage.Wire)
{
    public override string Written => "wire/supply";
}

/// <summary>That a board or stabiliser has a socket for each lead that goes into it.</summary>
public sealed record RoomId(string Of) : RequirementId(Stage.Wire)
{
    public override string Written => $"wire/room/{Of}";
}

/// <summary>That the plug between pack and controller carries what is drawn.</summary>
public sealed record ConnectorId() : RequirementId(Stage.Wire)
{
    public override string Written => "wire/connector";
}

/// <summary>Something about the wiring that is looked at or tugged.</summary>
public sealed record WireAskId(string Ask) : RequirementId(Stage.Wire)
{
    public override string Written => $"wire/{Ask}";
}
