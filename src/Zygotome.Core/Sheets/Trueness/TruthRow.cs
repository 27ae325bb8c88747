using System.Collections.Immutable;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Trueness;

/// <summary>A limit of trueness as the sheet has it.</summary>
public sealed class TruthRow(RowValues said) : SheetObject(said)
{
    /// <summary>In the sheet's words: "tip to tail".</summary>
    public string Kind { get; } = said.Get(CautionFields.Trueness.Kind);

    /// <summary>In the sheet's words: "± 4 mm".</summary>
    public string Limit { get; } = said.Get(CautionFields.Trueness.Limit);

    /// <summary>What it is of; empty where its words say it.</summary>
    public string Of { get; } = said.Get(CautionFields.Trueness.Of);

    /// <summary>Steps at which it can still be moved.</summary>
    public ImmutableArray<string> At { get; } = said.Get(CautionFields.Trueness.At);
}
