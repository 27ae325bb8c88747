namespace Zygotome.Core.Unpack;

/// <summary>The origin and the evidence it was inferred from, in words.</summary>
public sealed record OriginInferred(Origin Origin, string Rule, string Why)
{
    /// <summary>Damage done here is nobody else's to pay for.</summary>
    public bool Claimable => Origin != Origin.Shop;
}
