using System.Collections.Immutable;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>Which kit, which revision, and where the numbers came from.</summary>
public sealed class KitInfo(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(KitFields.Id);

    public string Name { get; } = said.Get(KitFields.Name);

    public string Maker { get; } = said.Get(KitFields.Maker);

    public int Revision { get; } = said.Get(KitFields.Revision);

    public string Class { get; } = said.Get(KitFields.Class);

    /// <summary>It is flown from water.</summary>
    public bool Afloat { get; } = said.Says(KitFields.Afloat).Likely == true;

    public string Source { get; } = said.Get(KitFields.Source);

    public string Material { get; } = said.Get(KitFields.Material);

    /// <summary>What one box can be built as.</summary>
    public ImmutableArray<KitOption> Options { get; } = said.Rows(KitFields.Option.List);
}

/// <summary>A way in which one box can be built as one thing or another.</summary>
public sealed class KitOption(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(KitFields.Option.Id);

    /// <summary>"Gear".</summary>
    public string Name { get; } =
        said.Get(KitFields.Option.Name) is { Length: > 0 } name
            ? name
            : Texts.Capital(Places.Words(said.Get(KitFields.Option.Id)));

    public ImmutableArray<string> Choices { get; } = said.Get(KitFields.Option.Choices);

    /// <summary>What holds until one is said; empty where all are asked about until then.</summary>
    public string Default { get; } = said.Get(KitFields.Option.Default);
}
