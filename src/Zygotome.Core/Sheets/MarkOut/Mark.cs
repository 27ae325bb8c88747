using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.MarkOut;

/// <summary>A mark of a step: between what limits it is measured, and where it lies on the airframe.</summary>
/// <param name="Id">Its number within the step, from 1.</param>
/// <param name="Side">left or right; empty of one in the middle.</param>
public sealed record Mark(string Id, MarkSpec Spec, string Side)
{
    /// <summary>How near a hidden thing a cut may come, mm.</summary>
    public const double KeepOff = 1;

    /// <summary>mm from its edge; null where the maker does not say.</summary>
    public Band? Band =>
        Spec.At.Counts is not { } said ? null
        : said.Form == QuantityForm.Single
            ? new Band((double)said.Nominal - Within, (double)said.Nominal + Within, "mm")
        : Quantities.Band.Of(said.Low, said.High, "mm");

    /// <summary>The tolerance is the shop's: 1 mm.</summary>
    public bool Shops => Spec.At.Counts is { Form: QuantityForm.Single };

    /// <summary>mm from its edge, where it should be.</summary>
    public double Wanted => (double)(Spec.At.Likely?.Nominal ?? 0);

    /// <summary>"hinge slot, left: 40 mm from the tip".</summary>
    public string Name => $"{Spec.Name}{(Side.Length > 0 ? $", {Side}" : "")}";

    private const double Within = 1;
}

/// <summary>Something hidden under the skin, mm aft of the datum and to the right, in the order it runs.</summary>
/// <param name="Depth">mm below the skin; null where the sheet does not say.</param>
public sealed record Hidden(
    string Part,
    string Name,
    double Width,
    double? Depth,
    ImmutableArray<(double X, double Y)> Way
)
{
    /// <summary>"Spar, 6 mm deep".</summary>
    public string Words => Depth is { } depth ? $"{Name}, {Numbers.Say(depth)} mm deep" : Name;
}

/// <summary>A mark on the airframe, mm aft of the datum and to the right; a point has both ends in one.</summary>
public sealed record MarkLine(double FromX, double FromY, double ToX, double ToY)
{
    public double MiddleX => (FromX + ToX) / 2;
}
