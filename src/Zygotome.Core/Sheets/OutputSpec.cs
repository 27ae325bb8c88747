using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>Something that moves or switches and is no surface.</summary>
public sealed class OutputSpec(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(OutputFields.Output.Id);

    /// <summary>"Nose wheel".</summary>
    public string Name { get; } =
        said.Get(OutputFields.Output.Name) is { Length: > 0 } name
            ? name
            : Texts.Capital(Places.Words(said.Get(OutputFields.Output.Id)));

    public OutputKind Kind { get; } = said.Get(OutputFields.Output.Kind);

    /// <summary>The channel or command that moves it.</summary>
    public string Function { get; } = said.Get(OutputFields.Output.Function);

    /// <summary>
    /// What the sheet says must be seen, by position of the stick or switch; empty where it does not.
    /// </summary>
    public ImmutableSortedDictionary<string, string> Expect { get; } = said.Get(OutputFields.Output.Expect);

    /// <summary>Motors it is about: those whose speeds differ, or the one that reverses.</summary>
    public ImmutableArray<string> Motors { get; } =
        said.Get(OutputFields.Output.Motor) is { Length: > 0 } one ? [one] : said.Get(OutputFields.Output.Of);

    /// <summary>Wheels it is about: the steered one, or the legs that go in.</summary>
    public ImmutableArray<string> Wheels { get; } =
        said.Get(OutputFields.Output.Wheel) is { Length: > 0 } one ? [one] : said.Get(OutputFields.Output.Legs);

    public bool HasDoors { get; } = said.Says(OutputFields.Output.Doors).Likely ?? false;

    /// <summary>Of a light: steady, flashing; empty where the sheet does not say.</summary>
    public string Shows { get; } = said.Get(OutputFields.Output.Shows);

    /// <summary>What must not be set for it to answer; empty where nothing holds it back.</summary>
    public string InhibitedBy { get; } = said.Get(OutputFields.Output.InhibitedBy);

    /// <summary>The board's outlet that it hangs on; empty where it does not.</summary>
    public string Outlet { get; } = said.Get(OutputFields.Output.Outlet);

    public string Page { get; } = said.Get(OutputFields.Output.Page);

    /// <summary>
    /// It steers, drives, arms or carries: what it does is never conceded. A light, a camera or a figure is not.
    /// </summary>
    public bool IsVital => Kind is not (OutputKind.Light or OutputKind.Camera or OutputKind.Figure);

    /// <summary>It is seen only while motors turn.</summary>
    public bool TurnsMotors => Kind is OutputKind.DifferentialThrust or OutputKind.ReverseThrust;
}

/// <summary>A position of a switch: what stands where in it.</summary>
public sealed class PositionSpec(RowValues said) : SheetObject(said)
{
    public string Name { get; } = said.Get(OutputFields.Position.Name);

    /// <summary>Whose position it is: <c>flap</c>.</summary>
    public string Function { get; } = said.Get(OutputFields.Position.Function);

    public string Page { get; } = said.Get(OutputFields.Position.Page);

    public ImmutableArray<MoveSpec> Moves { get; } = said.Rows(OutputFields.Move.List);
}

/// <summary>Where surfaces stand in a position.</summary>
public sealed class MoveSpec(RowValues said) : SheetObject(said)
{
    public string Surfaces { get; } = said.Get(OutputFields.Move.Surfaces);

    public Printed<Quantity> To { get; } = said.Says(OutputFields.Move.To);

    public bool Mixed { get; } = said.Says(OutputFields.Move.Mixed).Likely ?? false;
}
