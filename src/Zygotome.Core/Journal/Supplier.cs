namespace Zygotome.Core.Journal;

/// <summary>Who the kit came from, and how many days after receipt a claim still stands.</summary>
/// <param name="PartsDays">Days until a spare part usually comes.</param>
public sealed record Supplier(string Id, string Name, string Contact, int ClaimDays, int PartsDays = 7)
{
    internal Refusal? Admit(string where) =>
        ClaimDays is < 0 or > 3650
            ? new Refusal(
                "receive/claim-days",
                $"A claim window of {ClaimDays} days is not possible.",
                $"{where}.claimDays"
            )
        : PartsDays is < 0 or > 3650
            ? new Refusal("receive/parts-days", $"{PartsDays} days for parts is not possible.", $"{where}.partsDays")
        : Texts.Reason(Name, $"{where}.name", "A supplier has a name.") ?? Texts.Fits(Contact, $"{where}.contact", 200);
}
