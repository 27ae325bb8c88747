using System.Collections.Immutable;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>The edge of a surface at which a throw is measured; its way is the trailing edge's all the same.</summary>
public enum SurfaceEdge
{
    Trailing,
    Leading,
}

/// <summary>A control surface on a lifting surface or fin.</summary>
public sealed class Surface(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(SurfaceFields.Id);

    /// <summary>What several like it are called together; its function where the sheet does not say.</summary>
    public string Kind { get; } =
        said.Get(SurfaceFields.Kind) is { Length: > 0 } kind ? kind : said.Get(SurfaceFields.Function);

    /// <summary>What commands it: one function, or two for elevons, V-tails and flaperons.</summary>
    public ImmutableArray<string> Functions { get; } =
        said.Get(SurfaceFields.Functions) is { Length: > 0 } several ? several
        : said.Get(SurfaceFields.Function) is { Length: > 0 } one ? [one]
        : [];

    public string Side { get; } = said.Get(SurfaceFields.Side);

    public string On { get; } = said.Get(SurfaceFields.On);

    /// <summary>The surface it is compared with, as the sheet says; empty where it does not.</summary>
    public string ComparedWith { get; } = said.Get(SurfaceFields.Pair);

    /// <summary>As a share of the half span.</summary>
    public double From { get; } = Share(said, SurfaceFields.From);

    /// <summary>As a share of the half span.</summary>
    public double To { get; } = Share(said, SurfaceFields.To);

    /// <summary>
    /// Hinge line to trailing edge at the measuring station, mm: the likely one; an assumed one has a line of its own.
    /// </summary>
    public double Chord { get; } = said.Number(SurfaceFields.Chord);

    /// <summary>Where a throw of it is measured.</summary>
    public SurfaceEdge Edge { get; } = said.Get(SurfaceFields.At);

    public string Name { get; } =
        said.Get(SurfaceFields.Name) is { Length: > 0 } name ? name : Named(said.Get(SurfaceFields.Id));

    /// <summary>It and its like on the other side, by one name.</summary>
    public string Pair => Places.Pair(Id);

    private static double Share(RowValues said, QuantityField field) =>
        (double)(said.Says(field).Likely?.Nominal ?? 0) / 100;

    private static string Named(string id)
    {
        var words = id.Split('-');
        var side = words.LastOrDefault() is "left" or "right" ? words[^1] : "";
        var name = side.Length > 0 ? $"{side} {string.Join(' ', words[..^1])}" : string.Join(' ', words);
        return Texts.Capital(name);
    }
}
