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

        public static readonly ChoiceField Method = new("method", "found by", "", "fingertips", "stand")
        {
            Means = "How the manual balances it at its marks: nose drops, level or tail drops is then what is asked.",
        };

        public static readonly ChoiceField MarkedAt = new("marksAt", "marks at", "one place", "one place", "both ends")
        {
            Means = "Whether one pair of marks is balanced on, or a pair at either end of the range.",
        };

        public static readonly MeasureField MarkAt = new("markAt", "its mark", Unit.Millimetre, new(-5000, 5000))
        {
            Means = "Where the marks lie, aft of the datum, where the manual says so; what is drawn.",
            Unused = true,
        };

        public static readonly ChoiceField Gear = new("gear", "gear", "", "up", "down");

        public static readonly TextsField Fitted = new("fitted", "fitted for it")
        {
            Means = "What is on the aircraft in this configuration alone: skis, a nose block.",
        };

        public static readonly PairsField Panels = new("panels", "panels")
        {
            Means = "How parts stand that move in flight: wing swept.",
        };

        public static readonly SheetList<BalanceConfiguration> List = new(
            name: "balance.configurations",
            one: "configuration",
            fresh: """{"name":"as flown","range":{"notStated":true}}""",
            make: v => new BalanceConfiguration(v),
            fields: [Name, Range, Marks, MarkedAt, Method, MarkAt, PackFront, Gear, Fitted, Panels],
            optional: true
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
