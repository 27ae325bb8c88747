using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Plausibility;

/// <summary>
/// Falling pairs, wherever a band may stand: a band printed the other way round, or of a throw two rates.
/// </summary>
internal static class PairFlags
{
    public static IEnumerable<Flag> Of(SpecSheet sheet) =>
        from said in sheet.Pages.SelectMany(p => p.Quantities)
        where said.Printed is Printed<Quantity>.Contradicted { Decision: null }
        from pair in ((Printed<Quantity>.Contradicted)said.Printed).Values
        where pair.Form == QuantityForm.Descending
        select Of(said.Path, pair, isThrow: said.Field.IsThrow);

    private static Flag Of(string path, Quantity pair, bool isThrow)
    {
        string One(decimal v) => isThrow ? QuantityPrinter.Print(Quantity.Single(v, pair.Unit, pair.Way)) : "";
        return Flag.Of(
            "descending",
            path,
            pair.Text,
            $"\"{pair.Text}\" falls: it may be a band printed the other way round"
                + (isThrow ? ", or high and low rate." : ".")
        ) with
        {
            Pair = new PairMeant(
                QuantityPrinter.Print(Quantity.Pair(pair.Second, pair.First, pair.Unit, pair.Way)),
                One(pair.First),
                One(pair.Second)
            ),
        };
    }
}
