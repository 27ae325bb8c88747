using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.MarkOut;

/// <summary>Where to cut, score or drill, in mm from named edges.</summary>
public sealed class MarkSpec(RowValues said) : SheetObject(said)
{
    public string Name { get; } = said.Get(StepFields.Mark.Name);

    /// <summary>mark, cut, score or drill.</summary>
    public string Does { get; } = said.Get(StepFields.Mark.Does);

    /// <summary>The edge it is measured from.</summary>
    public string From { get; } = said.Get(StepFields.Mark.From);

    /// <summary>How far from it, as the manual prints it.</summary>
    public Printed<Quantity> At { get; } = said.Says(StepFields.Mark.At);

    /// <summary>A second edge; empty of a mark along all of the first.</summary>
    public string Along { get; } = said.Get(StepFields.Mark.Along);

    /// <summary>mm from the second edge; null where there is none.</summary>
    public double? AlongAt { get; } = (double?)said.Says(StepFields.Mark.AlongAt).Likely?.Nominal;

    /// <summary>mm along the first edge, of a mark at one place; 0 of a point.</summary>
    public double Length { get; } = (double)(said.Says(StepFields.Mark.Length).Likely?.Nominal ?? 0);

    /// <summary>mm below the skin; null where the sheet does not say, and then it goes through.</summary>
    public double? Depth { get; } = (double?)said.Says(StepFields.Mark.Depth).Likely?.Nominal;

    /// <summary>The lifting surface it is on, or body; empty where its edge says it.</summary>
    public string On { get; } = said.Get(StepFields.Mark.On);

    public string Side { get; } = said.Get(StepFields.Mark.Side);

    /// <summary>g of what sits there; null where the sheet does not say.</summary>
    public double? Mass { get; } = (double?)said.Says(StepFields.Mark.Mass).Likely?.Nominal;
}
