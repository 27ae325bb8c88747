namespace Zygotome.Core.Receive;

/// <summary>Where a line of the to-buy list has got to.</summary>
public enum BuyState
{
    Open,
    Ordered,
    Here,
    NotNeeded,
}

/// <summary>A line of the to-buy list that somebody dealt with.</summary>
public sealed record Bought(BuyState State, DateOnly? Due, string Note, Journal.Evidence Evidence);
