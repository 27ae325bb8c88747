using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>Motors, packs and what they draw.</summary>
public sealed class PowerSpec(RowValues said) : SheetObject(said)
{
    public ImmutableArray<MotorSpec> Motors { get; } = said.Rows(PowerFields.Motor.List);

    public ImmutableArray<PackSpec> Packs { get; } = said.Rows(PowerFields.Pack.List);

    public ImmutableArray<ControllerSpec> Controllers { get; } = said.Rows(PowerFields.Controller.List);

    /// <summary>The share of full draw that is flown with.</summary>
    public double Duty { get; } = said.Get(PowerFields.Duty);

    /// <summary>In what order this kit is brought under power, as printed; empty where it is the usual one.</summary>
    public ImmutableArray<string> Order { get; } = said.Get(PowerFields.Order);

    /// <summary>What packs flown together are called, one name each; one without a name where there is one.</summary>
    public ImmutableArray<string> PackNames =>
        Packs.Select(p => p.Count).DefaultIfEmpty(1).Max() is var count && count == 1 ? [""]
        : Packs.FirstOrDefault(p => p.Order.Length == count) is { } named ? named.Order
        : [.. Enumerable.Range(1, count).Select(i => $"{i}")];
}

/// <summary>A motor's controller.</summary>
public sealed class ControllerSpec(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(PowerFields.Controller.Id);
}

/// <summary>A motor with its propeller or fan.</summary>
public sealed class MotorSpec(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(PowerFields.Motor.Id);

    /// <summary>propeller, fan or folding.</summary>
    public string Kind { get; } = said.Get(PowerFields.Motor.Kind);

    /// <summary>As printed, such as 10x5: the likely one; empty where the sheet says none.</summary>
    public string Propeller { get; } = said.Says(PowerFields.Motor.Propeller).Likely ?? "";

    /// <summary>Propeller and spinner, g: the likely mass; null where the sheet says none.</summary>
    public double? Mass { get; } = said.Says(PowerFields.Motor.Mass).Likely;

    /// <summary>Their station, mm from the datum.</summary>
    public double At { get; } = said.Number(PowerFields.Motor.At);

    /// <summary>mm off the middle, right +.</summary>
    public double Y { get; } = said.Number(PowerFields.Motor.Y);

    /// <summary>mm above the datum; null where the sheet does not say.</summary>
    public double? Height { get; } = said.Says(PowerFields.Motor.Height).Likely;

    /// <summary>Of its propeller.</summary>
    public int Blades { get; } = said.Get(PowerFields.Motor.Blades);

    /// <summary>How its propeller sits on the shaft, as printed; empty where the sheet does not say.</summary>
    public string Hub { get; } = said.Get(PowerFields.Motor.Hub);

    /// <summary>right-hand or left-hand; empty where the sheet does not say.</summary>
    public string Nut { get; } = said.Get(PowerFields.Motor.Nut);

    /// <summary>"clockwise from behind": the likely one; empty where the sheet does not say.</summary>
    public string Turns { get; } = said.Says(PowerFields.Motor.Turns).Likely ?? "";

    /// <summary>Width of the opening that its propeller turns in, mm; null where it turns in none.</summary>
    public double? CutOut { get; } = (double?)said.Says(PowerFields.Motor.CutOut).Likely?.Nominal;

    /// <summary>The controller it is on; empty where the sheet does not say.</summary>
    public string Controller { get; } = said.Get(PowerFields.Motor.Controller);

    /// <summary>How far its shaft points down, degrees.</summary>
    public Printed<Quantity> DownThrust { get; } = said.Says(PowerFields.Motor.DownThrust);

    /// <summary>How far its shaft points to the right, degrees.</summary>
    public Printed<Quantity> RightThrust { get; } = said.Says(PowerFields.Motor.RightThrust);

    /// <summary>It does not come off: only its wires do.</summary>
    public bool IsFan => Kind == "fan";
}

/// <summary>A flight pack the maker names.</summary>
public sealed class PackSpec(RowValues said) : SheetObject(said)
{
    public int Cells { get; } = said.Get(PowerFields.Pack.Cells);

    /// <summary>Packs flown together.</summary>
    public int Count { get; } = said.Get(PowerFields.Pack.Count);

    /// <summary>One after the other, so that their cells add up; else side by side.</summary>
    public bool InSeries { get; } = said.Get(PowerFields.Pack.Joined) == "series";

    /// <summary>Several by name, in the order they are connected; empty where it is all the same.</summary>
    public ImmutableArray<string> Order { get; } = said.Get(PowerFields.Pack.Order);
}
