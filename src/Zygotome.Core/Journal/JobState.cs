using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>
/// All that is known of a job after <see cref="Seq"/> entries: what is common to all stages, and a part for each of them,
/// found by its type. Holds instants, never "late" or "cured".
/// </summary>
public sealed record JobState
{
    /// <summary>A job of which nothing is recorded yet.</summary>
    public JobState(StageSet stages, SpecSheet sheet)
    {
        (Stages, Sheet, Filed, Built) = (stages, sheet, sheet, sheet);
        Parts = stages.Initial;
    }

    /// <summary>What its entries are of and what its ledger asks for.</summary>
    public StageSet Stages { get; }

    /// <summary>The sheet as this job works to it: <see cref="Built"/> with what the job adds to it.</summary>
    public SpecSheet Sheet { get; init; }

    /// <summary>The revision the job was opened with.</summary>
    public SpecSheet Filed { get; }

    /// <summary>The revision the job is built to now, as it is on file.</summary>
    public SpecSheet Built { get; init; }

    /// <summary>Other revisions this job's journal names, by hash.</summary>
    public ImmutableDictionary<string, SpecSheet> Revisions { get; init; } = [];

    /// <summary>What the shop knows of the leads who confirmed revisions, by hash; copied into entries that need it.</summary>
    public ImmutableDictionary<string, SheetConfirmation> Confirmations { get; init; } = [];

    public string JobId { get; init; } = "";

    /// <summary>The last entry applied; 0 before the opening.</summary>
    public long Seq { get; init; }

    public DateTimeOffset LastRecordedAt { get; init; }

    /// <summary>The entry that opened it; null before.</summary>
    public Evidence? Opening { get; init; }

    /// <summary>What the shop held to when the job was opened.</summary>
    public ShopRules Rules { get; init; } = ShopRules.Default;

    /// <summary>How this job is done where practitioners differ, by question; the rest by the shop's default.</summary>
    public ImmutableSortedDictionary<string, SchoolAnswer> Schools { get; init; } =
        ImmutableSortedDictionary.Create<string, SchoolAnswer>(StringComparer.Ordinal);

    /// <summary>Which part of the balance range the first flight aims for; only the middle is asked for by name.</summary>
    public BalanceSchool BalanceSchool =>
        Schools.GetValueOrDefault(Zygotome.Core.Sheets.Schools.FirstFlightBalance)?.Option == "middle"
            ? BalanceSchool.Middle
            : BalanceSchool.ForwardThird;

    /// <summary>Values a lead gave where the maker states none, by requirement id.</summary>
    public ImmutableSortedDictionary<string, GivenValue> Given { get; init; } =
        ImmutableSortedDictionary.Create<string, GivenValue>(StringComparer.Ordinal);

    /// <summary>How far each step has got that was ever begun, by its id; every stage has steps.</summary>
    public ImmutableDictionary<string, StepProgress> Steps { get; init; } = [];

    public Disturbances Disturbances { get; init; } = new();

    public Settings Settings { get; init; } = new();

    public ImmutableDictionary<string, Concession> Concessions { get; init; } = [];

    /// <summary>The release in force; null before, and again after a re-opening.</summary>
    public Release? Release { get; init; }

    /// <summary>Every release there ever was, by its number.</summary>
    public ImmutableList<Release> Releases { get; init; } = [];

    /// <summary>Retracted entries by id, in the order of their retraction.</summary>
    public ImmutableList<Retraction> Retracted { get; init; } = [];

    /// <summary>
    /// Requirements whose reading was retracted for more than a typing error: evidence must be later than this seq.
    /// </summary>
    public ImmutableDictionary<string, long> AskedAnew { get; init; } = [];

    /// <summary>Entries that rested on a retracted one, and so do not count.</summary>
    public ImmutableList<string> Unsupported { get; init; } = [];

    public ImmutableList<string> Unknown { get; init; } = [];

    /// <summary>
    /// Every entry in order: id, kind, who; for "what was recorded last" and for checking that an id exists.
    /// </summary>
    public ImmutableDictionary<string, Entry> Entries { get; init; } = [];

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

    /// <summary>Built to another revision; <see cref="Built"/> and what of it the entry says are the caller's.</summary>
    public JobState Moved(SpecSheet from, SpecSheet to) =>
        this with
        {
            Parts = [.. Parts.Select(p => p is IFollowsSheet follows ? follows.Moved(from, to) : p)],
        };

    public StepProgress? Progress(string step) => Steps.GetValueOrDefault(step);

    public JobState With(string step, StepProgress progress) => this with { Steps = Steps.SetItem(step, progress) };

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
    /// The concession in force for a claim: what it looked at, or a later reading of the same that is no further out.
    /// </summary>
    internal Concession? ConcessionFor(Claim claim) =>
        Concessions.TryGetValue(claim.Id.Written, out var concession) && concession.Covers(this, claim)
            ? concession
            : null;

    public JobState NotSupported(Entry entry) => this with { Unsupported = Unsupported.Add(entry.EntryId) };
}
