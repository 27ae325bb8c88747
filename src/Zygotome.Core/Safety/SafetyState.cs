using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Safety;

/// <summary>
/// What was said of everything that can hurt. Physical facts: said anew, never retracted. A lamp is known to an entry
/// of the same person in the same look, with no ten idle minutes between; after that it is only what was said last.
/// What is not known counts as on and connected.
/// </summary>
public sealed record SafetyState : IHears, IFollowsSheet
{
    public static readonly TimeSpan Idle = TimeSpan.FromMinutes(10);

    /// <summary>As last said, known or fallen.</summary>
    public ImmutableSortedDictionary<LampId, Lamp> Lamps { get; init; } =
        ImmutableSortedDictionary.Create<LampId, Lamp>(LampId.Order);

    /// <summary>What needs another power state for a while, and is open for as long as this look lasts.</summary>
    public OpenAct? Act { get; init; }

    /// <summary>The act that ended last, until what follows it is done: that is nobody's mistake.</summary>
    public PoweredAct? Ended { get; init; }

    /// <summary>A motor was made ready to turn while a pack was connected; until every pack is off.</summary>
    public bool Readied { get; init; }

    /// <summary>A pack was connected at some time: its first power is over.</summary>
    public bool WasConnected { get; init; }

    /// <summary>The look that the lamps, and the open act, are of.</summary>
    public string Look { get; private init; } = "";

    private static readonly LampId MemoryId = new(LampKind.Memory);

    private string Person { get; init; } = "";

    public DateTimeOffset LastActive { get; init; }

    /// <summary>When all lamps fall if nothing more is recorded.</summary>
    public DateTimeOffset KnownUntil => LastActive + Idle;

    /// <summary>As last said, whoever said it and however long ago; null when nobody ever did.</summary>
    public LampIs? Last(LampId id) => Lamps.GetValueOrDefault(id)?.Is;

    /// <summary>As whoever records this entry said it in this look; null when it is not known to them now.</summary>
    public LampIs? Known(SpecSheet sheet, LampId id, Entry e) =>
        !Lamps.TryGetValue(id, out var lamp) ? null
        : LampBoard.Stays(sheet, lamp.Is) ? lamp.Is
        : Here(e) && e.Look.Length > 0 && lamp.Look == e.Look && lamp.Said.By.Id == e.By.Id ? lamp.Is
        : null;

    object IFollowsSheet.Moved(SpecSheet from, SpecSheet to) => Moved(to);

    object IHears.Heard(JobState state, Entry entry, bool hands) => Seen(entry, state.Sheet, hands);

    /// <summary>
    /// Every entry of this look shows that somebody is still there. Another person's, or another look's, lets all fall
    /// where hands were on the aircraft; what is decided or written elsewhere meanwhile does not.
    /// </summary>
    internal SafetyState Seen(Entry e, SpecSheet sheet, bool hands) =>
        Here(e) ? this with { LastActive = e.RecordedAt }
        : hands ? Taken(e, sheet).Settled(sheet)
        : this;

    // Another look, another person or too long a pause lets all lamps fall, and ends what was open in the look before:
    // there is one pair of eyes on what can hurt.
    private SafetyState Taken(Entry e, SpecSheet sheet) =>
        Here(e)
            ? this
            : this with
            {
                Look = e.Look,
                Person = e.By.Id,
                LastActive = e.RecordedAt,
                Act = null,
                Ended = null,
                // Whoever went away from a running motor left it on.
                Readied = Readied || (Act is not null && Connected(sheet) && sheet.Power.Motors.Any(IsSaidToTurn)),
                Lamps = Lamps.ToImmutableSortedDictionary(l => l.Key, l => l.Value with { Look = "" }, LampId.Order),
            };

    /// <summary>Said of some lamps, in the entry's look.</summary>
    internal SafetyState Say(Entry e, SpecSheet sheet, IEnumerable<(LampId Id, LampIs Is)> said) =>
        Taken(e, sheet).Said(e, sheet, said);

    private SafetyState Said(Entry e, SpecSheet sheet, IEnumerable<(LampId Id, LampIs Is)> said)
    {
        var words = said.ToArray();
        var lamps = Lamps;
        // Switched on again it may have come up with another one.
        if (words.Contains((new LampId(LampKind.Transmitter), LampIs.Off)) && lamps.TryGetValue(MemoryId, out var read))
        {
            lamps = lamps.SetItem(MemoryId, read with { Look = "" });
        }

        return (
            this with
            {
                // What an act is for was seen with the motors as they were then.
                Act =
                    Act is { } act
                    && words.Any(w => w.Id.Kind is LampKind.Propeller or LampKind.Wires && Last(w.Id) != w.Is)
                        ? act with
                        {
                            Reached = false,
                        }
                        : Act,
                Lamps = lamps.SetItems(
                    words.Select(w => KeyValuePair.Create(w.Id, new Lamp(w.Is, Evidence.Of(e), e.Look)))
                ),
            }
        ).Settled(sheet);
    }

    /// <summary>
    /// Built to another revision: where its packs are called otherwise, each is as the most live of the old ones was,
    /// as last said. A connected pack does not disappear by its name.
    /// </summary>
    private SafetyState Moved(SpecSheet to)
    {
        var packs = Lamps.Where(l => l.Key.Kind == LampKind.Pack).ToArray();
        var names = LampBoard.Packs(to);
        if (packs.Length == 0 || packs.All(p => names.Contains(p.Key)))
        {
            return this;
        }

        // Out, in bay, connected: in that order of the words.
        var worst = packs.MaxBy(p => p.Value.Is).Value with
        {
            Look = "",
        };
        return this with
        {
            Lamps = Lamps
                .RemoveRange(packs.Select(p => p.Key))
                .AddRange(names.Select(n => KeyValuePair.Create(n, worst))),
        };
    }

    internal SafetyState Begin(Entry e, SpecSheet sheet, OpenAct act) =>
        (Taken(e, sheet) with { Act = act, Ended = null }).Settled(sheet);

    internal SafetyState End(SpecSheet sheet) => (this with { Act = null, Ended = Act?.Act }).Settled(sheet);

    // What follows from the words: whether the open act has come to the state it is for, and whether a motor that may
    // turn is on a connected pack without leave.
    private SafetyState Settled(SpecSheet sheet)
    {
        var connected = Connected(sheet);
        var readied =
            connected && (Readied || sheet.Power.Motors.Any(m => IsSaidToTurn(m) && Act?.MayTurn(m) is not true));
        var reached = connected && !readied && Act?.During.Transmitter.Contains(Transmitter) is true;
        return this with
        {
            Readied = readied,
            WasConnected = WasConnected || connected,
            Act = (reached ? Act! with { Reached = true } : Act)?.Moved(sheet, Transmitter, connected),
            Ended = connected && (readied || Transmitter != LampIs.CutSet) ? Ended : null,
        };
    }

    /// <summary>Whether a pack is connected, as last said.</summary>
    public bool Connected(SpecSheet sheet) => LampBoard.Packs(sheet).Any(p => Last(p) == LampIs.Connected);

    /// <summary>Every pack is connected and a motor has its wires on, as last said: the stick turns it once the cut is
    /// off.</summary>
    public bool Armed(SpecSheet sheet) =>
        LampBoard.Packs(sheet).All(p => Last(p) == LampIs.Connected)
        && sheet.Power.Motors.Any(m => Last(new(LampKind.Wires, m.Id)) is not LampIs.Off);

    /// <summary>As last said; live where nobody ever did.</summary>
    internal LampIs Transmitter => Last(new(LampKind.Transmitter)) ?? LampIs.Live;

    // Said in this look, which is not the same as not isolated: what nobody said is not known, and what was said in
    // another look says nothing of a propeller fitted in this one.
    private bool IsSaidToTurn(MotorSpec m) =>
        Now(new(LampKind.Wires, m.Id)) is var wires
        && wires != LampIs.Off
        && (m.IsFan ? wires == LampIs.On : Now(new(LampKind.Propeller, m.Id)) == LampIs.On);

    private LampIs? Now(LampId id) =>
        Look.Length > 0 && Lamps.TryGetValue(id, out var lamp) && lamp.Look == Look ? lamp.Is : null;

    private bool Here(Entry e) => e.Look == Look && e.By.Id == Person && e.RecordedAt - LastActive <= Idle;
}
