using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Sheets.Trueness;

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

    public ImmutableArray<BoardSpec> Boards { get; init; } = [];

    /// <summary>What moves or switches and is no surface.</summary>
    public ImmutableArray<OutputSpec> Outputs { get; init; } = [];

    public ImmutableArray<PositionSpec> Positions { get; init; } = [];

    public ImmutableArray<CouplingSpec> Couplings { get; init; } = [];

    public ImmutableArray<HoleRow> Holes { get; init; } = [];

    public ImmutableArray<RateSpec> Rates { get; init; } = [];

    /// <summary>JSON paths of values and rows that are assumed: proportions and custom, never the maker's.</summary>
    public ImmutableArray<string> Assumed { get; init; } = [];

    /// <summary>Places where statements stood against each other and somebody decided, by path.</summary>
    public ImmutableArray<Decided> Decided { get; init; } = [];

    /// <summary>
    /// From which paper a page's numbers are, by the page's key, where it is another than the manual.
    /// </summary>
    public ImmutableSortedDictionary<string, string> Sources { get; init; } = Ordered.ById<string>();

    /// <summary>
    /// Where the manual contradicts itself, or states a descending pair, and nobody has decided: what it says, by JSON
    /// path.
    /// </summary>
    public ImmutableSortedDictionary<string, string> Undecided { get; init; } = Ordered.ById<string>();

    /// <summary>
    /// What is wrong with the file of a sheet that is on file all the same, because an older version took it: lines of
    /// every job built to it.
    /// </summary>
    public ImmutableArray<SheetError> Mistakes { get; init; } = [];

    /// <summary>Values a lead gave for one job where the maker states none, by requirement id.</summary>
    public ImmutableSortedDictionary<string, GivenValue> Given { get; init; } = Ordered.ById<GivenValue>();

    /// <summary>How true the airframe has to be, as the sheet says it; see <see cref="Truths"/>.</summary>
    public ImmutableArray<TruthRow> TruthRows { get; init; } = [];

    /// <summary>What of the order of a job's steps is not the page's, and why; empty of a sheet on file.</summary>
    public ImmutableArray<StepEdge> Edges { get; init; } = [];

    /// <summary>What one job's own additions were made to; null of a sheet without any.</summary>
    internal SpecSheet? MadeOf { get; init; }

    /// <summary>Whether the file does not speak of a list at all, if only to say that there is nothing in it.</summary>
    public bool IsSilent(SheetList list) => Silent.Contains(list.Name);

    /// <summary>Names of the lists that the file does not speak of.</summary>
    internal ImmutableArray<string> Silent { get; init; } = [];

    /// <summary>Its pages, as they were read.</summary>
    internal ImmutableArray<SheetObject> Pages { get; init; } = [];

    private Once _facts;

    /// <summary>What follows from this sheet alone, made once for it; see <see cref="Core.Once"/>.</summary>
    public T Once<T>(Func<SpecSheet, T> make)
        where T : class => _facts.Of(this, make);

    /// <summary>Of this id; null when there is none.</summary>
    public Surface? Surface(string id) => Once(SheetIndex.Of).Surfaces.GetValueOrDefault(id);

    /// <summary>Of this id; null when there is none, or its school was not chosen.</summary>
    public StepSpec? Step(string id) => Once(SheetIndex.Of).Steps.GetValueOrDefault(id);

    /// <summary>Of this id; null when there is none.</summary>
    public OutputSpec? Output(string id) => Outputs.FirstOrDefault(o => o.Id == id);

    /// <summary>Of this id; null when the parts list has none.</summary>
    public PartSpec? Part(string id) => Once(SheetIndex.Of).Parts.GetValueOrDefault(id);

    /// <summary>Parts that are in the box, by the bag: neither to be bought nor fitted in the factory.</summary>
    public IEnumerable<PartSpec> InBox => Parts.Where(p => p.IsInBox);

    /// <summary>Decisions between statements at a place of the file, or within the row or section there.</summary>
    public IEnumerable<Decided> DecidedAt(string path) =>
        Decided.Where(d =>
            d.Path.StartsWith(path, StringComparison.Ordinal)
            && (d.Path.Length == path.Length || d.Path[path.Length] is '.' or '[')
        );

    /// <summary>A page as it is said, with the paper it is in where that is another than the manual.</summary>
    /// <param name="section">The key of a page of the table, such as <c>throws</c>.</param>
    public string Page(string section, string page) =>
        Sources.GetValueOrDefault(section) is not { } source ? page
        : page.Length > 0 ? $"{page} of the {source}"
        : $"not said, of the {source}";

    /// <summary>
    /// What counts for a requirement: the maker's own; else what a lead gave for this job; else what the sheet says.
    /// </summary>
    public Printed<Quantity> Asked(string requirement, Printed<Quantity> printed) =>
        printed.Counts is null && Given.GetValueOrDefault(requirement) is { } given
            ? new Printed<Quantity>.Given(given.Value, given.By, given.Reason)
            : printed;

    /// <summary>
    /// Whether a plain value of a row may judge: neither it nor the row as a whole is in proportion only, and no
    /// statements stand against each other undecided.
    /// </summary>
    public bool Counts(SheetObject row, SheetField field)
    {
        var path = $"{row.Path}.{field.Name}";
        return !row.IsAssumed && !Assumed.Contains(path) && !Undecided.ContainsKey(path);
    }

    /// <summary>The surfaces named by a row: one id, a function (<c>aileron</c>) or a kind (<c>elevon</c>).</summary>
    public IEnumerable<Surface> Named(string surfaces) => Surfaces.Where(s => s.Id == surfaces || s.Kind == surfaces);
}

/// <summary>A value given in place of one that the maker does not state, with who answers for it and why.</summary>
public sealed record GivenValue(Quantity Value, string By, string Reason);
