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

    public string Source { get; } = said.Get(KitFields.Source);

    public string Material { get; } = said.Get(KitFields.Material);
}
