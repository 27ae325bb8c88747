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
    public static readonly TextField Source = new("kit.source", "manual and edition") { IsName = true };
    public static readonly TextField Material = new("kit.material", "material");

    public static readonly TextsField Supplied = new("kit.supplied", "supplied") { Unused = true };

    public static readonly QuantityField Span = new("kit.span", "span on the lid", Unit.Millimetre) { Unused = true };

    public static readonly QuantityField Length = new("kit.length", "length on the lid", Unit.Millimetre)
    {
        Unused = true,
    };

    internal const string PageKey = "kit";

    public static readonly SheetPage<KitInfo> Page = new(
        key: PageKey,
        title: "From the lid",
        make: v => new KitInfo(v),
        fields: [Name, Maker, Id, Revision, Class, Source, Material, Supplied, Span, Length],
        lists: [],
        section: "kit"
    );
}
