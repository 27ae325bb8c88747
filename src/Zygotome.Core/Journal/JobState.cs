using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>
/// All that is known of a job after <see cref="Seq"/> entries: what is common to all stages, and a part for each of
/// them, found by its type. Holds instants, never "late" or "cured".
/// </summary>
public sealed record JobState
{
    private readonly JobFrame _frame;
    private Once _facts;

    /// <summary>A job of which nothing is recorded yet.</summary>
    public JobState(StageSet stages, SpecSheet sheet)
    {
        _frame = new JobFrame(stages, sheet) { Sheet = sheet, Built = sheet };
        Parts = stages.Initial;
    }

    /// <summary>What its entries are of and what its ledger asks for.</summary>
    public StageSet Stages => _frame.Stages;

    /// <summary>The sheet as this job works to it: <see cref="Built"/> with what the job adds to it.</summary>
    public SpecSheet Sheet
    {
        get => _frame.Sheet;
        init => _frame = _frame with { Sheet = value };
    }

    /// <summary>The revision the job was opened with.</summary>
    public SpecSheet Filed => _frame.Filed;

    /// <summary>The revision the job is built to now, as it is on file.</summary>
    public SpecSheet Built
    {
        get => _frame.Built;
        init => _frame = _frame with { Built = value };
    }

    /// <summary>Other revisions this job's journal names, by hash.</summary>
    public ImmutableSortedDictionary<string, SpecSheet> Revisions
    {
        get => _frame.Revisions;
        init => _frame = _frame with { Revisions = value };
    }

    /// <summary>
    /// What the shop knows of the leads who confirmed revisions, by hash; copied into entries that need it.
    /// </summary>
    public ImmutableSortedDictionary<string, SheetConfirmation> Confirmations
    {
        get => _frame.Confirmations;
        init => _frame = _frame with { Confirmations = value };
    }

    public string JobId
    {
        get => _frame.JobId;
        init => _frame = _frame.JobId == value ? _frame : _frame with { JobId = value };
    }

    /// <summary>The last entry applied; 0 before the opening.</summary>
    public long Seq { get; init; }

    public DateTimeOffset LastRecordedAt { get; init; }

    /// <summary>The entry that opened it; null before.</summary>
    public Evidence? Opening
    {
        get => _frame.Opening;
        init => _frame = _frame with { Opening = value };
    }

    /// <summary>What the shop held to when the job was opened.</summary>
    public ShopRules Rules
    {
        get => _frame.Rules;
        init => _frame = _frame with { Rules = value };
    }

    /// <summary>How this job is done where practitioners differ, by question; the rest by the shop's default.</summary>
    public ImmutableSortedDictionary<string, SchoolAnswer> Schools
    {
        get => _frame.Schools;
        init => _frame = _frame with { Schools = value };
    }

    /// <summary>As what the kit is built, as far as somebody said, by option; the rest by its usual choice.</summary>
    public ImmutableSortedDictionary<string, string> Options
    {
        get => _frame.Options;
        init => _frame = _frame with { Options = value };
    }

    /// <summary>The revision it is built to, as what it is built: without the rows of choices not taken.</summary>
    public SpecSheet Chosen => Built.Choosing(Options);

    /// <summary>
    /// Which part of the balance range the first flight aims for; only the middle is asked for by name.
    /// </summary>
    public BalanceSchool BalanceSchool =>
        Schools.GetValueOrDefault(Zygotome.Core.Sheets.Schools.FirstFlightBalance)?.Option == "middle"
            ? BalanceSchool.Middle
            : BalanceSchool.ForwardThird;

    /// <summary>Values a lead gave where the maker states none, by requirement id.</summary>
    public ImmutableSortedDictionary<string, GivenValue> Given
    {
        get => _frame.Given;
        init => _frame = _frame with { Given = value };
    }

    /// <summary>How far each step has got that was ever begun, by its id; every stage has steps.</summary>
    public ImmutableSortedDictionary<string, StepProgress> Steps { get; init; } = Ordered.ById<StepProgress>();

    public Disturbances Disturbances { get; init; } = new();

    public Settings Settings { get; init; } = new();

    public ImmutableSortedDictionary<string, Concession> Concessions
    {
        get => _frame.Concessions;
        init => _frame = _frame with { Concessions = value };
    }

    /// <summary>The release in force; null before, and again after a re-opening.</summary>
    public Release? Release
    {
        get => _frame.Release;
        init => _frame = _frame with { Release = value };
    }

    /// <summary>Every release there ever was, by its number.</summary>
    public Log<Release> Releases
    {
        get => _frame.Releases;
        init => _frame = _frame with { Releases = value };
    }

    /// <summary>Retracted entries by id, in the order of their retraction.</summary>
    public Log<Retraction> Retracted
    {
        get => _frame.Retracted;
        init => _frame = _frame with { Retracted = value };
    }

    /// <summary>
    /// Requirements whose reading was retracted for more than a typing error: evidence must be later than this seq.
    /// </summary>
    public ImmutableSortedDictionary<string, long> AskedAnew
    {
        get => _frame.AskedAnew;
        init => _frame = _frame with { AskedAnew = value };
    }

    /// <summary>Entries that rested on a retracted one, and so do not count.</summary>
    public Log<string> Unsupported
    {
        get => _frame.Unsupported;
        init => _frame = _frame with { Unsupported = value };
    }

    public Log<string> Unknown
    {
        get => _frame.Unknown;
        init => _frame = _frame with { Unknown = value };
    }

    /// <summary>Every entry so far, retracted ones too; empty while a journal is being replayed.</summary>
    public Log<Entry> Journal { get; init; } = [];

    private ImmutableArray<object> Parts { get; init; }

    public IAboard Aboard => The<IAboard>();

    public IHandedIn HandedIn => The<IHandedIn>();

    public bool Opened => Opening is not null;

    public bool Released => Release is not null;

    /// <summary>The one part that is a <typeparamref name="T"/>: a stage's own, or what it is to the others.</summary>
    /// <exception cref="InvalidOperationException">None is: the stage that holds it is not at the root.</exception>
    public T The<T>()
        where T : class => (T)Parts[Stages.PlaceOf(typeof(T))];

    /// <summary>The same with another part of that type.</summary>
    public JobState With<T>(T part)
        where T : class => this with { Parts = Parts.SetItem(Stages.PlaceOf(typeof(T)), part) };

    /// <summary>Every part that is a <typeparamref name="T"/>, in the order of the stages.</summary>
    public IEnumerable<T> Every<T>() => Parts.OfType<T>();

    /// <summary>What follows from this state alone, made once for it; see <see cref="Core.Once"/>.</summary>
    public T Once<T>(Func<JobState, T> make)
        where T : class => _facts.Of(this, make);

    /// <summary>As it was before its first entry, with what is known beside the journal.</summary>
    internal JobState Anew() => new(Stages, Filed) { Revisions = Revisions, Confirmations = Confirmations };

    /// <summary>At this entry, and told of it, before it is applied.</summary>
    internal JobState At(Entry entry)
    {
        var hands = Stages.Kinds.Of(entry.Body) is { By: Posters.Bench };
        var parts = Parts;
        foreach (var at in Stages.Hearing)
        {
            parts = parts.SetItem(at, ((IHears)parts[at]).Heard(this, entry, hands));
        }

        return this with
        {
            JobId = entry.JobId,
            Seq = entry.Seq,
            LastRecordedAt = entry.RecordedAt,
            Parts = parts,
        };
    }

    /// <summary>
    /// Built to another revision; <see cref="Built"/> and what of it the entry says are the caller's.
    /// </summary>
    public JobState Moved(SpecSheet from, SpecSheet to) =>
        this with
        {
            Parts = [.. Parts.Select(p => p is IFollowsSheet follows ? follows.Moved(from, to) : p)],
        };

    /// <summary>How far a step has got; null before it is begun.</summary>
    public StepProgress? Progress(string step) => Steps.GetValueOrDefault(step);

    /// <summary>With a step this far.</summary>
    public JobState With(string step, StepProgress progress) => this with { Steps = Steps.SetItem(step, progress) };

    /// <summary>
    /// With aspects disturbed, for a cause that is a sentence's beginning: "Clevis of the rudder moved".
    /// </summary>
    public JobState Disturb(Entry entry, string cause, params IEnumerable<Aspect> aspects) =>
        this with
        {
            Disturbances = Disturbances.Add(entry, cause, aspects),
        };

    /// <summary>Somebody saw, or wrote beside a reading, how a setting is.</summary>
    public JobState Say(Entry entry, Setting setting, string value) =>
        this with
        {
            Settings = Settings.Say(entry, setting, value, act: false),
        };

    /// <summary>Somebody set it; to what was not said when <paramref name="value"/> is empty.</summary>
    public JobState Set(Entry entry, Setting setting, string value) =>
        this with
        {
            Settings = Settings.Say(entry, setting, value.Length > 0 ? value : SettingWords.Changed(entry), act: true),
        };

    /// <summary>
    /// "at 14:20" in the shop's time zone; with the day when it is another one than the last entry's.
    /// </summary>
    public string At(DateTimeOffset instant) => Clock.At(Rules.TimeZone, LastRecordedAt, instant);

    /// <summary>
    /// The concession in force for a requirement: what it looked at, or a later reading of the same that is no further
    /// out.
    /// </summary>
    internal Concession? ConcessionFor(Requirement requirement) =>
        Concessions.TryGetValue(requirement.Id.Written, out var concession) && concession.Covers(this, requirement)
            ? concession
            : null;

    /// <summary>With an entry that does not count, because what it rested on was taken back.</summary>
    public JobState NotSupported(Entry entry) => this with { Unsupported = Unsupported.Add(entry.EntryId) };
}
