using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>
/// A flight pack as it lies on the counter's scale: real mass, g; size, mm; capacity, mAh; C rating, 1/h.
/// </summary>
public sealed record Battery(
    Mass Mass,
    Length Length,
    Length Width,
    Length Height,
    int Cells,
    Capacity Capacity,
    double? CRating = null,
    string Connector = ""
)
{
    internal Refusal? Admit(string where)
    {
        const string code = "receive/impossible";
        return Mass.Outside(1, 10_000, "a pack's mass", $"{where}.mass")
            ?? Length.Outside(5, 600, "a pack's length", $"{where}.length")
            ?? Width.Outside(2, 300, "a pack's width", $"{where}.width")
            ?? Height.Outside(2, 300, "a pack's height", $"{where}.height")
            ?? Capacity.Outside(5, 60_000, "a pack's capacity", $"{where}.capacity")
            ?? (
                Cells is < 1 or > 14
                    ? new Refusal(code, $"{Cells} cells in a pack is not possible; 1 to 14 is.", $"{where}.cells")
                    : null
            )
            ?? (
                CRating is < 1 or > 300
                    ? new Refusal(code, $"{CRating} C is not possible; 1 to 300 is.", $"{where}.cRating")
                    : null
            )
            ?? Texts.Fits(Connector, $"{where}.connector", 60);
    }
}
