namespace Zygotome.Core.Sheets;

/// <summary>How true something of the airframe has to be.</summary>
public sealed class TruenessRow(RowValues said) : SheetObject(said);
