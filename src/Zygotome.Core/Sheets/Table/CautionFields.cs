namespace Zygotome.Core.Sheets.Table;

/// <summary>What is printed as a caution, and limits of trueness.</summary>
public static class CautionFields
{
    public static readonly TextsField Cautions = new("cautions", "printed cautions");

    /// <summary>How true the airframe has to be.</summary>
    public static class Trueness
    {
        public static readonly TextField Kind = new("kind", "what") { Unused = true };
        public static readonly TextField Limit = new("limit", "limit") { Unused = true };

        public static readonly SheetList<PlainRow> List = new(
            "trueness",
            "trueness limit",
            """{"kind":"tip to tail","limit":"± 4 mm"}""",
            v => new PlainRow(v),
            [Kind, Limit]
        );
    }

    public static readonly SheetPage<PlainPage> Page = new(
        "cautions",
        "Cautions",
        v => new PlainPage(v),
        [Cautions],
        [Trueness.List]
    );
}
