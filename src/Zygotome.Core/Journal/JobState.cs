using System.Collections.Immutable;
using Zygotome.Core.Balance;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.HandOver;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Journal;

/// <summary>
/// All that is known of a job after <see cref="Seq"/> entries, composed of its stages' states. Holds instants, never
/// "late" or "cured".
/// </summary>
public sealed record JobState(SpecSheet Sheet)
{
    /// <summary>The revision the job was opened with.</summary>
    public SpecSheet Filed { get; init; } = Sheet;

    /// <summary>
    /// The revision the job is built to now, as it is on file; <see cref="Sheet"/> is that with what this job adds to
    /// it.
    /// </summary>
    public SpecSheet Built { get; init; } = Sheet;

    /// <summary>Other revisions this job's journal names, by hash.</summary>
    public ImmutableDictionary<string, SpecSheet> Revisions { get; init; } = [];

    /// <summary>What the shop knows of the leads who confirmed revisions, by hash; copied into entries that need it.</summary>
    public ImmutableDictionary<string, SheetConfirmation> Confirmations { get; init; } = [];

    public string JobId { get; init; } = "";

    /// <summary>The last entry applied; 0 before the opening.</summary>
    public long Seq { get; init; }

    public DateTimeOffset LastRecordedAt { get; init; }

    public ReceiveState Receive { get; init; } = new();

    public SafetyState Safety { get; init; } = new();

    public UnpackState Unpack { get; init; } = new();

    public BuildState Build { get; init; } = new();

    public BindState Bind { get; init; } = new();

    public ThrowsState Throws { get; init; } = new();

    public BalanceState Balance { get; init; } = new();

    public HandOverState HandOver { get; init; } = new();

    public Disturbances Disturbances { get; init; } = new();

    public Settings Settings { get; init; } = new();

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

    public bool Opened => Receive.OpenedAt is not null;

    public bool Released => HandOver.Release is not null;

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
    public string At(DateTimeOffset instant) => Clock.At(Receive.Rules.TimeZone, LastRecordedAt, instant);

    public JobState NotSupported(Entry entry) => this with { Unsupported = Unsupported.Add(entry.EntryId) };
}
