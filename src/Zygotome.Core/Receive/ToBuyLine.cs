namespace Zygotome.Core.Receive;

/// <summary>
/// A line of the to-buy list: what, why, for which step, since when it is known, and where it has got to.
/// </summary>
public sealed record ToBuyLine(
    string Id,
    string What,
    string Why,
    string For,
    DateOnly Since,
    BuyState State,
    DateOnly? Due,
    string Note
);
