using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>What the maker says of weight and balance.</summary>
public sealed class BalanceSpec(RowValues said) : SheetObject(said)
{
    public ImmutableArray<BalanceConfiguration> Configurations { get; } = said.Rows(BalanceFields.Configuration.List);

    public string Page { get; } = said.Get(BalanceFields.Page);

    /// <summary>
    /// The aircraft as supplied, without flight pack and receiver: the likely one, whoever says it; null when the
    /// manual does not state it.
    /// </summary>
    public EmptyAircraft? Empty { get; } =
        said.Has(BalanceFields.Empty)
            ? new EmptyAircraft(said.Number(BalanceFields.EmptyMass), said.Number(BalanceFields.EmptyAt))
            {
                WithPropeller = said.Says(BalanceFields.EmptyWithPropeller).Likely ?? false,
                Stated =
                    said.Says(BalanceFields.EmptyMass).Counts is not null
                    && said.Says(BalanceFields.EmptyAt).Counts is not null,
            }
            : null;
}

/// <summary>Mass, g, and its centre, mm aft of the datum.</summary>
public sealed record EmptyAircraft(double Mass, double At)
{
    /// <summary>Whether propellers and spinners are in that mass.</summary>
    public bool WithPropeller { get; init; }

    /// <summary>The maker says both.</summary>
    public bool Stated { get; init; }
}

/// <summary>A way it is flown, with what is asked of its balance.</summary>
public sealed class BalanceConfiguration(RowValues said) : SheetObject(said)
{
    public string Name { get; } = said.Get(BalanceFields.Configuration.Name);

    /// <summary>Centre of gravity aft of the datum, mm.</summary>
    public Printed<Quantity> Range { get; } = said.Says(BalanceFields.Configuration.Range);

    /// <summary>
    /// Moulded marks or hole pairs that the manual balances on; their place is measured once and given. Empty where
    /// there are none.
    /// </summary>
    public string Marks { get; } = said.Says(BalanceFields.Configuration.Marks).Likely ?? "";

    /// <summary>There is a pair of marks at either end of the range, and not one pair.</summary>
    public bool MarksBothEnds { get; } =
        said.Says(BalanceFields.Configuration.Marks).Likely is { Length: > 0 }
        && said.Get(BalanceFields.Configuration.MarkedAt) == "both ends";

    /// <summary>fingertips or stand; empty where the manual gives no method at its marks.</summary>
    public string Method { get; } = said.Get(BalanceFields.Configuration.Method);

    /// <summary>What is so in this configuration alone: "gear up, nose block fitted, wing swept"; empty of the
    /// usual one.</summary>
    public string Stands { get; } =
        string.Join(
            ", ",
            [
                .. said.Get(BalanceFields.Configuration.Gear) is { Length: > 0 } gear ? [$"gear {gear}"] : (string[])[],
                .. said.Get(BalanceFields.Configuration.Fitted).Select(f => $"{f} fitted"),
                .. said.Get(BalanceFields.Configuration.Panels).Select(p => $"{p.Key} {p.Value}"),
            ]
        );

    /// <summary>
    /// Where the front of the pack lies in this configuration, mm from the datum; null where it is the same as in all.
    /// </summary>
    public double? PackFront { get; } = said.Says(BalanceFields.Configuration.PackFront).Likely;
}
