using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>What moves with a stick while the stabiliser is in one of its modes, and is no fault then.</summary>
public sealed class CouplingSpec(RowValues said) : SheetObject(said)
{
    public string Mode { get; } = said.Get(OutputFields.Coupling.Mode);

    /// <summary>The command: aileron.</summary>
    public string Input { get; } = said.Get(OutputFields.Coupling.Input);

    /// <summary>The command that goes along: rudder.</summary>
    public string Moves { get; } = said.Get(OutputFields.Coupling.Moves);

    /// <summary>It goes as for its own positive input where <see cref="Input"/> is positive; else not.</summary>
    public bool SameWay { get; } = said.Get(OutputFields.Coupling.Way) != "opposite";
}
