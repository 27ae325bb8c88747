using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Safety;

/// <param name="Of">The motor's id, or which of several packs; else empty.</param>
public sealed record LampSaid(LampKind Lamp, LampIs Is, string Of = "");

/// <summary>
/// One look at what can hurt, any number of lamps in one act. Facts, taken whatever they say and never retracted; but a
/// pack that was not connected is connected only as <see cref="PowerState.Powered"/> or the open act allows.
/// </summary>
public sealed record LampsSaid(ImmutableArray<LampSaid> Said) : EntryBody, IConnects
{
    /// <summary>Said of these lamps.</summary>
    public static LampsSaid Of(params IEnumerable<(LampId Id, LampIs Is)> said) =>
        new([.. said.Select(s => new LampSaid(s.Id.Kind, s.Is, s.Id.Of))]);

    public bool Connects() => Said.Any(s => s.Is == LampIs.Connected);

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (string.IsNullOrEmpty(entry.Look))
        {
            return new Refusal("lamps/look", "A lamp is said by somebody looking: the look is missing.", "look");
        }

        if (Said.Length == 0)
        {
            return new Refusal("lamps/nothing", "Say how at least one of them is.", "body.said");
        }

        for (var i = 0; i < Said.Length; i++)
        {
            var said = Said[i];
            var id = Id(said);
            if (LampBoard.Find(state.Sheet, id) is not { } lamp)
            {
                return new Refusal(
                    "lamps/unknown",
                    $"This aircraft has no such lamp; it has "
                        + $"{LampWords.Names(state.Sheet, LampBoard.Of(state.Sheet).Select(l => l.Id))}.",
                    $"body.said[{i}].of"
                );
            }

            if (!lamp.Words.Contains(said.Is))
            {
                return new Refusal(
                    "lamps/word",
                    $"{lamp.Title} is {string.Join(" or ", lamp.Words.Select(w => LampWords.Of(state.Sheet, id, w)))}, "
                        + $"not {LampWords.Of(said.Is)}.",
                    $"body.said[{i}].is"
                );
            }

            if (Said.Take(i).Any(s => Id(s) == id))
            {
                return new Refusal("lamps/twice", $"{lamp.Title} is said twice.", $"body.said[{i}].of");
            }
        }

        return Connecting(state, entry);
    }

    // A pack that is connected already is seen to be so, whatever else is: that is a fact. One that comes to be
    // connected is asked for with all that is said in the same breath.
    private Refusal? Connecting(JobState state, Entry entry)
    {
        var packs = Said.Where(s => s.Is == LampIs.Connected).Select(Id).ToArray();
        if (packs.All(p => state.Safety.Last(p) == LampIs.Connected))
        {
            return null;
        }

        if (state.Aboard.PackUnfit is { Length: > 0 } unfit)
        {
            return packs[0]
                .Refused(
                    "lamps/pack-unfit",
                    $"That pack is not connected ({unfit}): charge, balance and measure it again, or another flies."
                );
        }

        var after = state.With(state.Safety.Say(entry, state.Sheet, Lamps));
        var left = Dangers.Of(after).Select(d => d.Code).ToHashSet();
        return Dangers.Of(state).FirstOrDefault(d => left.Contains(d.Code))?.Refusal
            ?? PackBefore(after, packs)
            ?? Power.Wanting(after, entry, ToConnect(state), state.Safety.Act?.Held)
            ?? MemoryRead(after, entry)
            ?? FirstPower(state, entry);
    }

    // Another memory is another aircraft's: directions, cut and failsafe are not this one's.
    private static Refusal? MemoryRead(JobState after, Entry entry)
    {
        var id = new LampId(LampKind.Memory);
        var bound = after.The<ILinked>().BoundMemory;
        return bound.Length == 0 || after.Safety.Transmitter == LampIs.Off
            ? null
            : after.Safety.Known(after.Sheet, id, entry) switch
            {
                LampIs.TheOneBound => null,
                null => id.Refused("lamps/memory", $"Read the memory off the transmitter: it must be {bound}."),
                _ => id.Refused("lamps/another-memory", $"That is another aircraft's memory: choose {bound} first."),
            };
    }

    private static Refusal? FirstPower(JobState state, Entry entry) =>
        state.Aboard.PackNotMeasured(entry.RecordedAt, !state.Safety.WasConnected) is { Length: > 0 } words
            ? new Refusal(
                "lamps/pack-volts",
                $"Volts of every cell first, under Power on Bind: {words}. A low or swollen pack stays off.",
                "packs"
            )
            : null;

    private static PowerState ToConnect(JobState state) =>
        PowerState.Powered with
        {
            Pack = PackNeed.NotAsked,
            Transmitter =
            [
                LampIs.CutSet,
                .. state.Safety.Act?.Act is { } act && PoweredActs.Of(act).ConnectsAtFullStick
                    ? [LampIs.FullStick]
                    : (ImmutableArray<LampIs>)[],
                .. PowerOrder.Of(state.Sheet).PackFirst ? [LampIs.Off] : (ImmutableArray<LampIs>)[],
            ],
            Held = state.Safety.Act is { Held: not null } open ? open.During.Held : Held.Never,
        };

    // Connected are those before the first that is not: one that comes after it is early.
    private static Refusal? PackBefore(JobState after, LampId[] connecting)
    {
        var order = LampBoard.Packs(after.Sheet);
        var first = order.TakeWhile(p => after.Safety.Last(p) == LampIs.Connected).Count();
        var early = connecting.Where(p => order.IndexOf(p) > first).ToArray();
        return PowerOrder.Of(after.Sheet).Packs && early.Length > 0
            ? order[first].Refused("lamps/pack-order", $"Pack {order[first].Of} first, then pack {early[0].Of}.")
            : null;
    }

    private IEnumerable<(LampId Id, LampIs Is)> Lamps => Said.Select(s => (Id(s), s.Is));

    private static LampId Id(LampSaid said) => new(said.Lamp, said.Of ?? "");

    // A lamp and its setting are one fact said once: the lamp falls, the setting does not.
    public override JobState Apply(JobState state, Entry entry)
    {
        var before = state.Safety;
        state = state.With(before.Say(entry, state.Sheet, Lamps));
        return Lamps.Aggregate(state, (s, lamp) => Stays(s, entry, lamp.Id, before.Last(lamp.Id), lamp.Is));
    }

    /// <summary>What stays in the aircraft of what was said of a lamp, though the lamp falls.</summary>
    internal static JobState Stays(JobState state, Entry entry, LampId id, LampIs? before, LampIs now) =>
        id.Kind switch
        {
            // One that comes off goes on again somehow: face, hub and nut are looked at again.
            LampKind.Propeller => (
                now != LampIs.On && before == LampIs.On
                    ? state.Disturb(entry, "Propeller taken off", [DisturbanceMatrix.Fit($"motor-{id.Of}")])
                    : state
            ).Say(entry, new Setting(SettingKind.Propeller, id.Of), now == LampIs.On ? Setting.Aboard : Setting.Off),
            // Wires that come off come on again somehow: which way the motor turns is to be seen again.
            LampKind.Wires when now == LampIs.Off && before != LampIs.Off => state.Disturb(
                entry,
                "Motor wires taken off",
                state.Sheet.Power.Motors.Where(m => m.Id == id.Of).Select(DisturbanceMatrix.Motor)
            ),
            _ => state,
        };

    public override string Say(JobState state) => Texts.Capital(LampWords.Together(state, Lamps));
}
