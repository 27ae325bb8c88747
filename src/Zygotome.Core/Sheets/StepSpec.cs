using System.Collections.Immutable;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>A step of the graph.</summary>
public sealed class StepSpec(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(StepFields.Id);

    public Stage Stage { get; } = said.Get(StepFields.Stage);

    public string Title { get; } = said.Get(StepFields.Title);

    /// <summary>Steps that come before it.</summary>
    public ImmutableArray<string> After { get; } = said.Get(StepFields.After);

    /// <summary>Minutes: the likely time.</summary>
    public double HandsOn { get; } = said.Number(StepFields.HandsOn);

    public ImmutableSortedDictionary<string, int> Parts { get; } = said.Get(StepFields.Parts);

    public ImmutableArray<string> Tools { get; } = said.Get(StepFields.Tools);

    /// <summary>Drawn parts.</summary>
    public ImmutableArray<string> Fits { get; } = said.Get(StepFields.Fits);

    /// <summary>What lines of the ledger begin with that must be shown before it is started.</summary>
    public ImmutableArray<string> Hides { get; } = said.Get(StepFields.Hides);

    public ImmutableArray<Aspect> Disturbs { get; } = said.Get(StepFields.Disturbs);

    /// <summary>Motors whose propellers go on, or wires are joined, by this step.</summary>
    public ImmutableArray<string> Readies { get; } = said.Get(StepFields.Readies);

    /// <summary>Only done when these schools are chosen: <c>tail-fixing</c> is <c>glue</c>.</summary>
    public ImmutableSortedDictionary<string, string> School { get; } = said.Get(StepFields.School);

    public ImmutableArray<string> Cautions { get; } = said.Get(StepFields.Cautions);

    public string Text { get; } = said.Get(StepFields.Text);

    public string Page { get; } = said.Get(StepFields.Page);

    /// <summary>The finding this step repairs; empty for the kit's own steps.</summary>
    public string Repairs { get; } = said.Get(StepFields.Repairs);

    /// <summary>What is joined; null where nothing is.</summary>
    public BondSpec? Bond { get; } =
        said.Has(StepFields.Joint)
            ? new BondSpec(said.Get(StepFields.JoinsA), said.Get(StepFields.JoinsB), said.Get(StepFields.JointKind))
            : null;

    public StepNeeds Needs { get; } =
        new(said.Says(StepFields.Powered).Likely ?? false, said.Says(StepFields.Unpowered).Likely ?? false);

    /// <summary>The state of power it is done in; null where the sheet does not state one.</summary>
    public StepPower? Power { get; } =
        said.Has(StepFields.Power)
            ? new StepPower(
                said.Get(StepFields.Transmitter),
                said.Get(StepFields.Throttle),
                said.Get(StepFields.Pack),
                said.Get(StepFields.Motor),
                said.Get(StepFields.Stabiliser)
            )
            : null;

    /// <summary>
    /// What it adds to the aircraft, g: the likely mass; null when nobody said.
    /// </summary>
    public double? Grams { get; } = said.Says(StepFields.Grams).Likely;

    /// <summary>
    /// Whether weight and balance are others after it: it fits, bonds or uses something and the maker does not say that
    /// it weighs nothing.
    /// </summary>
    public bool AddsMass =>
        Says(StepFields.Grams).Counts is not 0
        && (Parts.Count > 0 || Fits.Length > 0 || Bond is not null || Stage == Stage.Wire);
}

/// <summary>Materials of the two sides and the job of the joint.</summary>
public sealed record BondSpec(string A, string B, string Kind);

/// <param name="Power">Powered: the lamps must be known and the motor isolated.</param>
/// <param name="Unpowered">The pack must not be connected, as when a propeller goes on.</param>
public sealed record StepNeeds(bool Power, bool Unpowered);

/// <summary>The state of power a step states, each in the sheet's word; empty where it is not stated.</summary>
/// <param name="Transmitter">on or off. <paramref name="Throttle"/>: cut, live or full.</param>
/// <param name="Pack">connected, in bay or not connected.</param>
/// <param name="Motor">isolated or cannot be isolated.</param>
/// <param name="Stabiliser">off or awake.</param>
public sealed record StepPower(string Transmitter, string Throttle, string Pack, string Motor, string Stabiliser)
{
    public const string CannotBeIsolated = "cannot be isolated";
}
