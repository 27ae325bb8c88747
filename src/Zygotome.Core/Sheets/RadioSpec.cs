using System.Collections.Immutable;
using Zygotome.Core.Quantities;
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

    /// <summary>Without a signal it flies back by itself, once it has a lock on its position.</summary>
    public bool FliesHome { get; } = said.Says(RadioFields.FliesHome).Likely == true;

    /// <summary>Whether the kit has a stabiliser.</summary>
    public Printed<bool> Stabiliser { get; } = said.Says(RadioFields.Stabiliser);

    /// <summary>What its stabiliser can be switched to, "off" among them; empty where the sheet names none.</summary>
    public ImmutableArray<string> StabiliserModes { get; } = said.Get(RadioFields.StabiliserModes);

    /// <summary>Seconds it must not be moved after power; null where the sheet does not say.</summary>
    public double? StillSeconds { get; } =
        said.Says(RadioFields.Still).Likely is { } minutes ? Numbers.Round(minutes * 60) : null;

    /// <summary>How far away it must answer, m; null where the sheet does not say.</summary>
    public double? RangeCheck { get; } = (double?)said.Says(RadioFields.RangeCheck).Likely?.Nominal / 1000;

    /// <summary>By what it shows that it is awake, and by what it is woken; empty where not said.</summary>
    public string Awake { get; } = said.Get(RadioFields.Awake);

    public string Wake { get; } = said.Get(RadioFields.Wake);

    /// <summary>By what each mode is told.</summary>
    public ImmutableArray<ModeSign> Signs { get; } = said.Rows(RadioFields.Sign.List);
}

/// <summary>By what one mode of the stabiliser is told, and how it is bound where binding chooses it.</summary>
public sealed class ModeSign(RowValues said) : SheetObject(said)
{
    public string Mode { get; } = said.Get(RadioFields.Sign.Mode);

    public string Shows { get; } = said.Get(RadioFields.Sign.Shows);

    public string Bind { get; } = said.Get(RadioFields.Sign.Bind);
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
