namespace Zygotome.Core.Wire;

/// <summary>What a plug is pushed into.</summary>
public enum Socketed
{
    Receiver,
    Board,
    Stabiliser,

    /// <summary>One end of a Y-lead.</summary>
    YLead,

    /// <summary>Nothing: no port is left for it.</summary>
    Nowhere,
}

/// <summary>Where a lead ends: the device and which of its sockets.</summary>
/// <param name="At">The port's number, or what the socket is called there.</param>
public sealed record WireEnd(Socketed On, string At)
{
    public static WireEnd None { get; } = new(Socketed.Nowhere, "");

    /// <summary>As entries write it: <c>receiver/6</c>, <c>board/3</c>.</summary>
    public string Key => $"{On.ToString().ToLowerInvariant()}/{At}";

    /// <summary>"port 6", "the board's port 3", "the stabiliser's aileron", "the Y-lead".</summary>
    public string Words =>
        On switch
        {
            Socketed.Receiver => $"port {At}",
            Socketed.Board => $"the board, {At}",
            Socketed.Stabiliser => $"the stabiliser, {At}",
            Socketed.YLead => "the Y-lead",
            _ => "nowhere",
        };
}
