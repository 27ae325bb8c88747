using System.Collections.Immutable;
using System.Text.RegularExpressions;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.MarkOut;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>A step of the graph.</summary>
public sealed partial class StepSpec(RowValues said) : SheetObject(said)
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

    /// <summary>Drawn parts that it works on and does not fit.</summary>
    public ImmutableArray<string> WorksOn { get; } = said.Get(StepFields.WorksOn);

    /// <summary>What lines of the ledger begin with that must be shown before it is started.</summary>
    public ImmutableArray<string> Hides { get; } = said.Get(StepFields.Hides);

    public ImmutableArray<Aspect> Disturbs { get; } = said.Get(StepFields.Disturbs);

    /// <summary>Motors whose propellers go on, or wires are joined, by this step.</summary>
    public ImmutableArray<string> Readies { get; } = said.Get(StepFields.Readies);

    /// <summary>Only done when these schools are chosen: <c>tail-fixing</c> is <c>glue</c>.</summary>
    public ImmutableSortedDictionary<string, string> School { get; } = said.Get(StepFields.School);

    public ImmutableArray<string> Cautions { get; } = said.Get(StepFields.Cautions);

    public string Text { get; } = said.Get(StepFields.Text);

    /// <summary>Its words, a sentence each, in the order they are done.</summary>
    public ImmutableArray<string> Lines => [.. Sentence().Split(Text).Select(s => s.Trim()).Where(s => s.Length > 0)];

    public string Page { get; } = said.Get(StepFields.Page);

    /// <summary>The finding this step repairs; empty for the kit's own steps.</summary>
    public string Repairs { get; } = said.Get(StepFields.Repairs);

    /// <summary>What grows hot beside the place of a repair; empty where nothing does, and of the kit's own.</summary>
    public string Hot { get; } = said.Get(StepFields.Hot);

    /// <summary>What is joined; null where nothing is.</summary>
    public BondSpec? Bond { get; } =
        said.Has(StepFields.Joint)
            ? new BondSpec(said.Get(StepFields.JoinsA), said.Get(StepFields.JoinsB), said.Get(StepFields.JointKind))
            {
                Coat = said.Get(StepFields.Coat),
                KeepClear = said.Get(StepFields.KeepClear),
                Moves = said.Get(StepFields.Moves),
                Hold = Seconds(said.Says(StepFields.Hold)),
            }
            : null;

    // A full stop within a number or a shortened word ends nothing: what follows begins with a capital.
    [GeneratedRegex(@"(?<=[.!?])\s+(?=[A-Z“])", RegexOptions.CultureInvariant)]
    private static partial Regex Sentence();

    // Durations are minutes inside.
    private static double? Seconds(Printed<Quantity> said) => (double?)said.Likely?.Nominal * 60;

    /// <summary>What it is: joint, hinges, linkage, finish, decal, cover, cut-out, wiring or propeller; empty: nobody
    /// said.</summary>
    public string Kind { get; } = said.Get(StepFields.Kind);

    /// <summary>Surfaces whose rod it closes.</summary>
    public ImmutableArray<string> Closes { get; } = said.Get(StepFields.Closes);

    /// <summary>What cannot be reached any more once it is done.</summary>
    public ImmutableArray<string> Covers { get; } = said.Get(StepFields.Covers);

    /// <summary>What it has to come at: a step that covers it waits.</summary>
    public ImmutableArray<string> Reaches { get; } = said.Get(StepFields.Reaches);

    /// <summary>A tool and how far it must reach: "driver 180 mm"; empty where any does.</summary>
    public string Reach { get; } = said.Get(StepFields.Reach);

    /// <summary>How many pairs of hands it takes.</summary>
    public int People { get; } = said.Get(StepFields.People);

    /// <summary>Done twice, left and right.</summary>
    public bool Mirror { get; } = said.Says(StepFields.Mirror).Likely ?? false;

    /// <summary>Which of the two this one is, left or right; empty of what is done once.</summary>
    public string Side { get; } = said.Get(StepFields.Side);

    /// <summary>The give-away of the right way round: "blunt end first".</summary>
    public string Orientation { get; } = said.Get(StepFields.Orientation);

    /// <summary>What is asked of the fit before adhesive or screw.</summary>
    public string DryFit { get; } = said.Get(StepFields.DryFit);

    /// <summary>What is marked out before it is cut; of one side its own.</summary>
    public ImmutableArray<MarkSpec> Marks { get; } = said.Rows(StepFields.Mark.List);

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
public sealed record BondSpec(string A, string B, string Kind)
{
    /// <summary>Faces to coat.</summary>
    public ImmutableArray<string> Coat { get; init; } = [];

    /// <summary>Faces that stay free of glue.</summary>
    public ImmutableArray<string> KeepClear { get; init; } = [];

    /// <summary>What must still move once it has set.</summary>
    public ImmutableArray<string> Moves { get; init; } = [];

    /// <summary>Seconds it is held; null where the sheet does not say.</summary>
    public double? Hold { get; init; }

    /// <summary>Something beside it stays free.</summary>
    public bool KeepsClear => KeepClear.Length + Moves.Length > 0;

    /// <summary>By value: lists by what stands in them.</summary>
    public bool Equals(BondSpec? other) =>
        other is not null
        && (A, B, Kind, Hold) == (other.A, other.B, other.Kind, other.Hold)
        && Coat.SequenceEqual(other.Coat)
        && KeepClear.SequenceEqual(other.KeepClear)
        && Moves.SequenceEqual(other.Moves);

    public override int GetHashCode() => HashCode.Combine(A, B, Kind, Hold);
}

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
