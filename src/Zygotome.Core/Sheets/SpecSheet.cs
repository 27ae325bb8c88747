using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>
/// A kit revision's numbers, in the manual's own units and words. Lengths are from the datum, x aft +, y to the right
/// wing, z up. Immutable once a job uses it; known by <see cref="Hash"/>, the SHA-256 of the file's bytes.
/// </summary>
public sealed record SpecSheet(
    KitInfo Kit,
    SheetDefaults Defaults,
    Geometry Geometry,
    ImmutableArray<Surface> Surfaces,
    ImmutableArray<ThrowRow> Throws,
    ImmutableArray<NeutralRow> Neutral,
    BalanceSpec Balance,
    PowerSpec Power,
    RadioSpec Radio,
    ImmutableArray<PartSpec> Parts,
    ImmutableArray<StepSpec> Steps,
    ImmutableArray<string> Cautions,
    string Hash
)
{
    /// <summary>Lines of a parts list; a longer one is a catalogue, not a kit.</summary>
    public const int MostParts = 1000;

    public ImmutableArray<ServoSpec> Servos { get; init; } = [];

    public ImmutableArray<LeadSpec> Leads { get; init; } = [];

    public ImmutableArray<HoleRow> Holes { get; init; } = [];

    public ImmutableArray<RateSpec> Rates { get; init; } = [];

    /// <summary>JSON paths of values and rows that are assumed: proportions and custom, never the maker's.</summary>
    public ImmutableArray<string> Assumed { get; init; } = [];

    /// <summary>JSON paths that somebody looked for and the manual does not state.</summary>
    public ImmutableArray<string> NotStated { get; init; } = [];

    /// <summary>
    /// JSON paths where the manual contradicts itself, or states a descending pair, and nobody has decided.
    /// </summary>
    public ImmutableArray<string> Undecided { get; init; } = [];

    /// <summary>
    /// What is wrong with the file of a sheet that is on file all the same, because an older version took it: lines of
    /// every job built to it.
    /// </summary>
    public ImmutableArray<SheetError> Mistakes { get; init; } = [];

    /// <summary>Values a lead gave for one job where the maker states none, by requirement id.</summary>
    public ImmutableSortedDictionary<string, GivenValue> Given { get; init; } = Ordered.ById<GivenValue>();

    /// <summary>The revision as it is on file, of a sheet as one job works to it; null of one on file.</summary>
    public SpecSheet? OnFile { get; init; }

    private Once _facts;

    /// <summary>What follows from this sheet alone, made once for it; see <see cref="Core.Once"/>.</summary>
    public T Once<T>(Func<SpecSheet, T> make)
        where T : class => _facts.Of(this, make);

    /// <summary>Of this id; null when there is none.</summary>
    public Surface? Surface(string id) => Once(SheetIndex.Of).Surfaces.GetValueOrDefault(id);

    /// <summary>Of this id; null when there is none, or its school was not chosen.</summary>
    public StepSpec? Step(string id) => Once(SheetIndex.Of).Steps.GetValueOrDefault(id);

    /// <summary>Of this id; null when the parts list has none.</summary>
    public PartSpec? Part(string id) => Once(SheetIndex.Of).Parts.GetValueOrDefault(id);

    /// <summary>The surfaces named by a row: one id, a function (<c>aileron</c>) or a kind (<c>elevon</c>).</summary>
    public IEnumerable<Surface> Named(string surfaces) => Surfaces.Where(s => s.Id == surfaces || s.Kind == surfaces);
}

/// <summary>Which kit, which revision, and where the numbers came from.</summary>
public sealed record KitInfo(
    string Id,
    string Name,
    string Maker,
    int Revision,
    string Class,
    string Source,
    string Material
)
{
    public ImmutableArray<string> Supplied { get; init; } = [];
}

/// <summary>A value given in place of one that the maker does not state, with who answers for it and why.</summary>
public sealed record GivenValue(Quantity Value, string By, string Reason);

/// <summary>What holds where a row does not say. A missing tolerance is the shop's, and marked as such.</summary>
public sealed record SheetDefaults(
    Quantity? ThrowTolerance,
    Quantity? SideDifference,
    ThrowMeasure Measure,
    string FirstFlightRate
)
{
    public bool ToleranceAssumed { get; init; }

    public bool DifferenceAssumed { get; init; }
}

/// <summary>How a throw is stated or read. Upright and straight are mm, angle is degrees.</summary>
public enum ThrowMeasure
{
    UprightRuler,
    StraightRuler,
    Angle,
}

/// <summary>The airframe's outline, all in mm from the datum.</summary>
public sealed record Geometry(
    string Datum,
    double Nose,
    ImmutableArray<LiftingSurface> Lifting,
    ImmutableArray<Fin> Fins,
    ImmutableArray<Body> Bodies,
    ImmutableArray<Wheel> Wheels,
    BatteryBay? Bay,
    ImmutableArray<BallastStation> BallastStations
)
{
    /// <summary>The lifting surface of this id; null when there is none.</summary>
    public LiftingSurface? Find(string id) => Lifting.FirstOrDefault(l => l.Id == id);

    public LiftingSurface? Wing => Lifting.FirstOrDefault(l => l.Role == "wing");
}

/// <summary>A wing, tail, foreplane or V-tail: half of it, panels from the root outwards.</summary>
public sealed record LiftingSurface(
    string Id,
    string Role,
    double RootLeadingEdge,
    double Height,
    double RootGap,
    ImmutableArray<Panel> Panels
)
{
    public double HalfSpan => RootGap + Panels.Sum(p => p.Span);
}

/// <summary>Chords, span, sweep of the leading edge (mm) and dihedral (degrees).</summary>
public sealed record Panel(double Root, double Tip, double Span, double Sweep, double Dihedral);

/// <summary>A fin standing at (x, y): root and tip chord, height, sweep of its leading edge.</summary>
public sealed record Fin(double X, double Y, double Root, double Tip, double Height, double Sweep);

/// <summary>A fuselage, nacelle or float: from and to in mm aft of the datum, its middle mm to the right.</summary>
public sealed record Body(string Name, double From, double To, double Width, double At);

/// <summary>Where a wheel stands: mm aft of the datum, mm to the right.</summary>
public sealed record Wheel(string Name, double X, double Y);

/// <summary>Where the pack may lie. Height and width in mm; 0 when not stated.</summary>
public sealed record BatteryBay(double From, double To, double Width, double Height);

/// <summary>A place for ballast and the mass of one piece, when the kit or shop has pieces for it.</summary>
public sealed record BallastStation(string Name, double At, double Piece, double Limit);

/// <summary>
/// A control surface on a lifting surface or fin, from and to as shares of the half span, chord at the measuring
/// station in mm.
/// </summary>
/// <param name="Functions">What commands it: one function, or two for elevons, V-tails and flaperons.</param>
public sealed record Surface(
    string Id,
    string Kind,
    ImmutableArray<string> Functions,
    string Side,
    string On,
    double From,
    double To,
    double Chord,
    string Name
)
{
    /// <summary>It and its like on the other side, by one name.</summary>
    public string Pair => Places.Pair(Id);
}

/// <summary>One line of the throw table. <c>Function</c> is the commanded one; "combined" for both together.</summary>
public sealed record ThrowRow(
    string Surfaces,
    string Function,
    string Rate,
    string Position,
    ImmutableArray<(Way Way, Stated<Quantity> Value)> Ways,
    ThrowMeasure? Measure,
    string Page
);

/// <summary>Where a surface stands with the stick at rest: trailing edge up +, mm.</summary>
public sealed record NeutralRow(string Surfaces, Quantity Offset, string Page)
{
    public bool Assumed { get; init; }
}

/// <summary>Which hole of the arm or horn the manual names by its place, such as "second from the outside".</summary>
public sealed record HoleRow(string Surfaces, string Arm, string Horn, string Page);

/// <summary>A rate: its share of full travel and its expo, where the manual prints them.</summary>
public sealed record RateSpec(string Name, Quantity? Scale, Quantity? Expo);

/// <summary>What the maker says of weight and balance.</summary>
public sealed record BalanceSpec(
    ImmutableArray<BalanceConfiguration> Configurations,
    Quantity? AllUpWeight,
    Quantity? Lateral,
    string Page
)
{
    public bool WeightAssumed { get; init; }

    public bool LateralAssumed { get; init; }

    /// <summary>
    /// The statements that stand against each other, undecided; empty where there is one or a decision.
    /// </summary>
    public string WeightUndecided { get; init; } = "";

    public string LateralUndecided { get; init; } = "";

    /// <summary>
    /// The aircraft as supplied, without flight pack and receiver; null when the manual does not state it.
    /// </summary>
    public EmptyAircraft? Empty { get; init; }
}

/// <summary>Mass, g, and its centre, mm aft of the datum.</summary>
public sealed record EmptyAircraft(double Mass, double At)
{
    /// <summary>Whether propellers and spinners are in that mass.</summary>
    public bool WithPropeller { get; init; }
}

/// <param name="Range">Centre of gravity aft of the datum, mm; null when the manual does not state it.</param>
public sealed record BalanceConfiguration(string Name, Stated<Quantity>? Range)
{
    /// <summary>
    /// Moulded marks or hole pairs that the manual balances on; their place is measured once and given.
    /// </summary>
    public string Marks { get; init; } = "";

    /// <summary>
    /// Where the front of the pack lies in this configuration, mm from the datum; null where it is the same as in all.
    /// </summary>
    public double? PackFront { get; init; }
}

/// <summary>Motors, packs and what they draw; the duty is the share of full draw flown with.</summary>
public sealed record PowerSpec(ImmutableArray<MotorSpec> Motors, ImmutableArray<PackSpec> Packs, double Duty)
{
    /// <summary>In what order this kit is brought under power, as printed; empty where it is the usual one.</summary>
    public ImmutableArray<string> Order { get; init; } = [];

    /// <summary>What packs flown together are called, one name each; one without a name where there is one.</summary>
    public ImmutableArray<string> PackNames =>
        Packs.Select(p => p.Count).DefaultIfEmpty(1).Max() is var count && count == 1 ? [""]
        : Packs.FirstOrDefault(p => p.Order.Length == count) is { } named ? named.Order
        : [.. Enumerable.Range(1, count).Select(i => $"{i}")];

    public ImmutableArray<ControllerSpec> Controllers { get; init; } = [];

    public RegulatorSpec? Regulator { get; init; }
}

/// <param name="Rating">Continuous, A.</param>
public sealed record ControllerSpec(string Id, Quantity? Rating, Quantity? Cells);

/// <summary>The controller's regulator: V, and A it gives for long and for a moment.</summary>
public sealed record RegulatorSpec(string Kind, Quantity? Volts, Quantity? Continuous, Quantity? Peak);

/// <param name="Working">A while moving, <paramref name="Stall"/>: A held.</param>
/// <param name="Lead">Length of its own lead, mm; null when not stated.</param>
public sealed record ServoSpec(
    string Id,
    ImmutableArray<string> Drives,
    Quantity? Working,
    Quantity? Stall,
    Quantity? Torque,
    double? Lead
);

/// <summary>A lead that must reach from what it serves to the receiver or a board.</summary>
/// <param name="Reach">How far it has to go, mm; null when not stated.</param>
public sealed record LeadSpec(string Id, string Label, string From, double? Reach, bool Separable);

/// <param name="Kind">propeller, fan or folding.</param>
/// <param name="Mass">Propeller and spinner, g. <paramref name="At"/>: their station, mm from the datum.</param>
public sealed record MotorSpec(
    string Id,
    string Kind,
    string Propeller,
    double? Mass,
    double At,
    double Y,
    Quantity? Draw
)
{
    /// <summary>It does not come off: only its wires do.</summary>
    public bool IsFan => Kind == "fan";

    public string Turns { get; init; } = "";

    public string Controller { get; init; } = "";
}

/// <summary>A flight pack the maker names.</summary>
public sealed record PackSpec(int Cells, Quantity? Capacity)
{
    public string Connector { get; init; } = "";

    /// <summary>Packs flown together.</summary>
    public int Count { get; init; } = 1;

    /// <summary>series or parallel, where there are several; empty when not stated.</summary>
    public string Joined { get; init; } = "";

    /// <summary>Several by name, in the order they are connected; empty where it is all the same.</summary>
    public ImmutableArray<string> Order { get; init; } = [];

    public double? Mass { get; init; }

    public double? Length { get; init; }
}

/// <summary>What the maker says of receiver, binding and failsafe.</summary>
public sealed record RadioSpec(
    ImmutableArray<string> Functions,
    ImmutableArray<string> BindMethods,
    string Failsafe,
    ImmutableArray<string> BindModes
)
{
    public StabiliserFitted Stabiliser { get; init; }

    /// <summary>What the failsafe is called where the sheet does not say what happens.</summary>
    public const string Unstated = "not stated";

    public bool StatesFailsafe => Failsafe != Unstated;
}

/// <summary>Whether the kit has a stabiliser, as far as the sheet says.</summary>
public enum StabiliserFitted
{
    NotStated,
    Yes,
    No,
}

/// <summary>A line of the parts list.</summary>
public sealed record PartSpec(string Id, string Name, string Bag, int Quantity, FastenerSpec? Fastener)
{
    /// <summary>Bore of a collar, bearing or wheel, mm; the part it must go on is <see cref="On"/>.</summary>
    public double? Bore { get; init; }

    public string On { get; init; } = "";

    public double? Mass { get; init; }
}

/// <summary>Thread diameter and length under the head, mm.</summary>
public sealed record FastenerSpec(double Diameter, double Length)
{
    /// <summary>What it clamps, mm; null when not stated.</summary>
    public double? Stack { get; init; }

    /// <summary>How deep the hole it goes into is, mm.</summary>
    public double? Depth { get; init; }

    /// <summary>plastic, foam anchor, wood or metal.</summary>
    public string Into { get; init; } = "plastic";
}

/// <summary>
/// A step of the graph. <c>Fits</c> names drawn parts; <c>Hides</c> requirement prefixes that must be shown first.
/// </summary>
public sealed record StepSpec(
    string Id,
    Stage Stage,
    string Title,
    ImmutableArray<string> After,
    double HandsOn,
    ImmutableSortedDictionary<string, int> Parts,
    ImmutableArray<string> Tools,
    BondSpec? Bond,
    ImmutableArray<string> Fits,
    ImmutableArray<string> Hides,
    ImmutableArray<Aspect> Disturbs,
    StepNeeds Needs,
    ImmutableArray<string> Cautions,
    string Text,
    string Page
)
{
    /// <summary>Only done when these schools are chosen: <c>tail-fixing</c> is <c>glue</c>.</summary>
    public ImmutableSortedDictionary<string, string> School { get; init; } = Ordered.ById<string>();

    /// <summary>Motors whose propellers go on, or wires are joined, by this step.</summary>
    public ImmutableArray<string> Readies { get; init; } = [];

    /// <summary>The state of power it is done in; null where the sheet does not state one.</summary>
    public StepPower? Power { get; init; }

    /// <summary>The finding this step repairs; empty for the kit's own steps.</summary>
    public string Repairs { get; init; } = "";

    /// <summary>What it adds to the aircraft, g; null when nobody said.</summary>
    public double? Grams { get; init; }

    /// <summary>
    /// Whether weight and balance are others after it: it fits, bonds or uses something and does not weigh nothing.
    /// </summary>
    public bool AddsMass =>
        Grams is not 0 && (Parts.Count > 0 || Fits.Length > 0 || Bond is not null || Stage == Stage.Wire);
}

/// <summary>Materials of the two sides and the job of the joint.</summary>
public sealed record BondSpec(string A, string B, string Kind);

/// <param name="Power">Powered: the lamps must be known and the motor isolated.</param>
/// <param name="Unpowered">The pack must not be connected, as when a propeller goes on.</param>
public sealed record StepNeeds(bool Power, bool Unpowered, int People);

/// <summary>The state of power a step states, each in the sheet's word; empty where it is not stated.</summary>
/// <param name="Transmitter">on or off. <paramref name="Throttle"/>: cut, live or full.</param>
/// <param name="Pack">connected, in bay or not connected.</param>
/// <param name="Motor">isolated or cannot be isolated.</param>
/// <param name="Stabiliser">off or awake.</param>
public sealed record StepPower(string Transmitter, string Throttle, string Pack, string Motor, string Stabiliser)
{
    public const string CannotBeIsolated = "cannot be isolated";
}

/// <summary>
/// A field as the manual states it: one statement, or several that contradict each other with the decision taken.
/// </summary>
/// <param name="Taken">What counts; null while nobody has decided.</param>
public sealed record Stated<T>(T? Taken, ImmutableArray<Statement> Statements, string Reason)
    where T : class
{
    /// <summary>In proportion or by custom; the maker does not state it.</summary>
    public bool Assumed { get; init; }
}

/// <summary>What one page says.</summary>
public sealed record Statement(string Text, string Page);
