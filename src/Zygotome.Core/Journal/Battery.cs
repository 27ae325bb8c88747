using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>
/// A flight pack as it lies on the counter's scale: real mass, g; size, mm; capacity, mAh; C rating, 1/h.
/// </summary>
public sealed record Battery(
    Quantity Mass,
    Quantity Length,
    Quantity Width,
    Quantity Height,
    int Cells,
    Quantity Capacity,
    double? CRating = null,
    string Connector = ""
)
{
    internal Refusal? Admit(string where)
    {
        static Refusal? Between(
            Quantity q,
            Dimension dimension,
            decimal least,
            decimal most,
            string unit,
            string what,
            string at
        ) =>
            q.Dimension != dimension ? new Refusal("receive/unit", $"\"{q.Text}\" is not {what}.", at)
            : q.Nominal < least || q.Nominal > most
                ? new Refusal(
                    "receive/impossible",
                    $"{what} of \"{q.Text}\" is not possible; {least} to {most} {unit} is.",
                    at
                )
            : null;

        return Between(Mass, Dimension.Mass, 5, 5000, "g", "a pack's mass", $"{where}.mass")
            ?? Between(Length, Dimension.Length, 10, 400, "mm", "a pack's length", $"{where}.length")
            ?? Between(Width, Dimension.Length, 5, 200, "mm", "a pack's width", $"{where}.width")
            ?? Between(Height, Dimension.Length, 5, 200, "mm", "a pack's height", $"{where}.height")
            ?? Between(Capacity, Dimension.Charge, 50, 30_000, "mAh", "a pack's capacity", $"{where}.capacity")
            ?? (
                Cells is < 1 or > 14
                    ? new Refusal(
                        "receive/impossible",
                        $"{Cells} cells in a pack is not possible; 1 to 14 is.",
                        $"{where}.cells"
                    )
                    : null
            )
            ?? (
                CRating is < 1 or > 300
                    ? new Refusal(
                        "receive/impossible",
                        $"{CRating} C is not possible; 1 to 300 is.",
                        $"{where}.cRating"
                    )
                    : null
            )
            ?? Texts.Fits(Connector, $"{where}.connector", 60);
    }
}
