using Zygotome.Core.Jobs;

namespace Zygotome.Core.Receive;

/// <summary>What was taken in and promised.</summary>
public sealed record ReceiveState
{
    public DateTimeOffset? OpenedAt { get; init; }

    public Person? OpenedBy { get; init; }

    public string Number { get; init; } = "";

    public string CustomerId { get; init; } = "";

    public Battery? Battery { get; init; }

    public int ReceiverChannels { get; init; }

    public DateOnly Promised { get; init; }

    public string Shelf { get; init; } = "";

    public BalanceSchool BalanceSchool { get; init; }

    public ShopRules Rules { get; init; } = ShopRules.Default;

    public int SheetRevision { get; init; }

    public Evidence? OpenedEvidence { get; init; }
}
