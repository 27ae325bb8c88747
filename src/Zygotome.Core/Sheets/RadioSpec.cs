using System.Collections.Immutable;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>What the maker says of receiver, binding and failsafe.</summary>
public sealed class RadioSpec(RowValues said) : SheetObject(said)
{
    /// <summary>What the failsafe is called where the sheet does not say what happens.</summary>
    public const string Unstated = "not stated";

    public ImmutableArray<string> Functions { get; } = said.Get(RadioFields.Functions);

    public ImmutableArray<string> BindMethods { get; } = said.Get(RadioFields.Bind);

    public ImmutableArray<string> BindModes { get; } = said.Get(RadioFields.Modes);

    /// <summary>What happens when the signal is lost.</summary>
    public Printed<string> Failsafe { get; } = said.Says(RadioFields.Failsafe);

    /// <summary>Whether the kit has a stabiliser.</summary>
    public Printed<bool> Stabiliser { get; } = said.Says(RadioFields.Stabiliser);
}

/// <summary>A servo and what it drives.</summary>
public sealed class ServoSpec(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(RadioFields.Servo.Id);

    /// <summary>Surfaces or radio channels.</summary>
    public ImmutableArray<string> Drives { get; } = said.Get(RadioFields.Servo.Drives);
}

/// <summary>Something that passes signals on to servos and lights.</summary>
public sealed class BoardSpec(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(RadioFields.Board.Id);
}

/// <summary>A lead that must reach from what it serves to the receiver or a board.</summary>
public sealed class LeadSpec(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(RadioFields.Lead.Id);

    public string Label { get; } = said.Get(RadioFields.Lead.Label);

    public string From { get; } = said.Get(RadioFields.Lead.From);
}
