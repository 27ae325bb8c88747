using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>Which kit, which revision, and where the numbers came from.</summary>
public static class KitFields
{
    public static readonly TextField Name = new("kit.name", "name") { Required = true, IsName = true };
    public static readonly TextField Maker = new("kit.maker", "maker") { IsName = true };
    public static readonly TextField Id = new("kit.id", "id") { Required = true, IsId = true };

    public static readonly WholeField Revision = new("kit.revision", "revision", 1, 1, 9999)
    {
        Required = true,
        Means = "At most 100 beyond the last on file.",
    };

    public static readonly TextField Class = new("kit.class", "class") { IsName = true };
    public static readonly FlagField Afloat = new("kit.afloat", "flown from water")
    {
        Means = "It is tried afloat too, before it is handed over.",
    };

    public static readonly TextField Source = new("kit.source", "manual and edition") { IsName = true };
    public static readonly TextField Material = new("kit.material", "material");

    public static readonly TextsField Supplied = new("kit.supplied", "supplied") { Unused = true };

    public static readonly QuantityField Span = new("kit.span", "span on the lid", Unit.Millimetre) { Unused = true };

    public static readonly QuantityField Length = new("kit.length", "length on the lid", Unit.Millimetre)
    {
        Unused = true,
    };

    /// <summary>The glue in the box, left out where there is none.</summary>
    public static readonly TextField Glue = new("kit.glue.kind", "the kit's own glue");

    public static readonly MeasureField GlueOpen = Minutes("kit.glue.open", "its open time");
    public static readonly MeasureField GlueHandle = Minutes("kit.glue.handle", "can be handled after");
    public static readonly MeasureField GlueFull = Minutes("kit.glue.fullStrength", "full strength after");

    /// <summary>What one box can be built as.</summary>
    public static class Option
    {
        public static readonly TextField Id = new("id", "id") { Required = true, IsId = true };

        public static readonly TextField Name = new("name", "name") { IsName = true, Means = "As it is asked." };

        public static readonly TextsField Choices = new("choices", "choices") { Required = true, IsName = true };

        public static readonly TextField Default = new("default", "usual choice")
        {
            IsName = true,
            Means = "Until one is said. Left out, all of them are asked about until then.",
        };

        public static readonly TextField Page = new("page", "page") { IsPage = true };

        public static readonly SheetList<KitOption> List = new(
            "kit.options",
            "option",
            """{"id":"gear","choices":["fixed","retracts"],"default":"fixed"}""",
            v => new KitOption(v),
            [Id, Name, Choices, Default, Page]
        )
        {
            Means = "One box may be built in several ways: a job says which, and is asked about no other.",
        };
    }

    internal const string PageKey = "kit";

    public static readonly SheetPage<KitInfo> Page = new(
        key: PageKey,
        title: "From the lid",
        make: v => new KitInfo(v),
        fields:
        [
            Name,
            Maker,
            Id,
            Revision,
            Class,
            Afloat,
            Source,
            Material,
            Supplied,
            Span,
            Length,
            Glue,
            GlueOpen,
            GlueHandle,
            GlueFull,
        ],
        lists: [Option.List],
        section: "kit"
    );

    private static MeasureField Minutes(string name, string label) =>
        new(name, label, Unit.Minute, new(0, 100_000)) { Unused = true };
}
