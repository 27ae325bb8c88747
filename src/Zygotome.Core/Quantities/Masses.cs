namespace Zygotome.Core.Quantities;

internal static class Masses
{
    public static Refusal? Possible(Quantity? mass, string where, decimal most) =>
        mass is null || (mass.Dimension == Dimension.Mass && mass.Nominal >= 0 && mass.Nominal <= most)
            ? null
            : new Refusal("receive/impossible", $"\"{mass.Text}\" is not a mass from 0 to {most} g.", where);

    /// <summary>What work added to the aircraft, or took off it; null where nobody said.</summary>
    public static Refusal? Added(Quantity? grams, string where) =>
        grams is null
        || (grams.Dimension == Dimension.Mass && grams.Form == QuantityForm.Single && Math.Abs(grams.Nominal) <= 2000)
            ? null
            : new Refusal("receive/impossible", $"\"{grams.Text}\" is not what a repair adds, in grams.", where);
}
