using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>Weight and balance.</summary>
public static class BalanceFields
{
    public static readonly QuantityField AllUpWeight = new("balance.allUpWeight", "all-up weight", Unit.Gram)
    {
        HasOwnLine = true,
        Means = "A maximum, or a range.",
    };

    public static readonly QuantityField Lateral = new("balance.lateral", "off the middle", Unit.Millimetre)
    {
        HasOwnLine = true,
        Means = "A limit to either side.",
    };

    /// <summary>
    /// The aircraft as supplied, without flight pack and receiver; not stated where it is left out.
    /// </summary>
    public const string Empty = "balance.empty";

    public static readonly MeasureField EmptyMass = new(
        "balance.empty.mass",
        "empty, without pack",
        Unit.Gram,
        new(1, 50_000)
    )
    {
        Required = true,
        Means = "The aircraft as supplied, without flight pack and receiver.",
    };

    public static readonly MeasureField EmptyAt = new(
        "balance.empty.at",
        "its centre",
        Unit.Millimetre,
        new(-5000, 5000)
    )
    {
        Required = true,
    };

    public static readonly FlagField EmptyWithPropeller = new("balance.empty.withPropeller", "propellers in that mass");

    public static readonly TextField Page = new("balance.page", "page") { IsPage = true };

    /// <summary>A way it is flown, with the range of its centre of gravity.</summary>
    public static class Configuration
    {
        public static readonly TextField Name = new("name", "name") { Required = true, IsName = true };
        public static readonly QuantityField Range = new("range", "range, aft of the datum", Unit.Millimetre)
        {
            HasOwnLine = true,
        };

        public static readonly WordsField Marks = new("marks", "or by marks")
        {
            Means = "Moulded marks or hole pairs that the manual balances on.",
        };

        public static readonly MeasureField PackFront = new(
            "packFront",
            "its own place of the pack's front",
            Unit.Millimetre,
            new(-5000, 5000)
        )
        {
            Means = "Left out where it is the same in all.",
        };

        public static readonly SheetList<BalanceConfiguration> List = new(
            "balance.configurations",
            "configuration",
            """{"name":"as flown","range":{"notStated":true}}""",
            v => new BalanceConfiguration(v),
            [Name, Range, Marks, PackFront]
        );
    }

    public static readonly SheetPage<BalanceSpec> BalancePage = new(
        "balance",
        "Balance and weight",
        v => new BalanceSpec(v),
        [AllUpWeight, Lateral, EmptyMass, EmptyAt, EmptyWithPropeller, Page],
        [Configuration.List]
    );
}
