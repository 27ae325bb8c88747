using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Safety;

/// <summary>
/// The one place where a declared state of power is asked for. The order is that of the hands: what is dangerous first,
/// then what nobody looked at, then propellers, transmitter, pack, stabiliser, and never a pack before a propeller.
/// </summary>
public static class Power
{
    /// <summary>
    /// What is in the way of an entry that needs this state, and what to do first; null when nothing is.
    /// </summary>
    /// <param name="held">Said with the entry, or with the act it is done in.</param>
    public static Refusal? Refused(JobState state, Entry e, PowerState need, Holding? held = null) =>
        Dangerous(state, need) ?? Wanting(state, e, need, held);

    /// <summary>The same without what is dangerous already: for what comes to be with this very entry.</summary>
    internal static Refusal? Wanting(JobState state, Entry e, PowerState need, Holding? held = null) =>
        NotLookedAt(state, e, need)
        ?? Motors(state, e, need, held)
        ?? Transmitter(state, e, need)
        ?? Packs(state, e, need)
        ?? Stabiliser(state, e, need)
        ?? Within(state, e, need);

    // Hands that put it right are never in its way: only what goes on under power is.
    private static Refusal? Dangerous(JobState state, PowerState need) =>
        (
            need.IsPowered
            || need.Motor is MotorNeed.Isolated or MotorNeed.Bare or MotorNeed.Ready
            || need.Within is not null
        ) && Dangers.Of(state).FirstOrDefault() is { } danger
            ? danger.Refusal
            : null;

    private static Refusal? NotLookedAt(JobState state, Entry e, PowerState need)
    {
        var (safety, sheet) = (state.Safety, state.Sheet);
        var asked = ImmutableArray.CreateBuilder<LampId>();
        void Ask(LampId id)
        {
            if (safety.Known(sheet, id, e) is null)
            {
                asked.Add(id);
            }
        }

        foreach (var m in sheet.Power.Motors)
        {
            switch (need.Motor)
            {
                case MotorNeed.Isolated when Isolation.Of(state, m, e) is null:
                    asked.Add(Isolation.LampOf(m));
                    break;
                case MotorNeed.Bare or MotorNeed.Aboard when !m.IsFan:
                    Ask(new(LampKind.Propeller, m.Id));
                    break;
                case MotorNeed.Bare when m.IsFan:
                    Ask(new(LampKind.Wires, m.Id));
                    break;
                case MotorNeed.Ready or MotorNeed.Known:
                    Ask(new(LampKind.Wires, m.Id));
                    if (!m.IsFan)
                    {
                        Ask(new(LampKind.Propeller, m.Id));
                    }

                    break;
                default:
                    break;
            }
        }

        if (!need.Transmitter.IsEmpty)
        {
            Ask(new(LampKind.Transmitter));
        }

        if (need.Pack is PackNeed.NotConnected or PackNeed.InBay or PackNeed.Connected)
        {
            foreach (var pack in LampBoard.Packs(sheet))
            {
                Ask(pack);
            }
        }

        if (need.Stabiliser != StabiliserNeed.NotAsked && LampBoard.Find(sheet, new(LampKind.Stabiliser)) is { } lamp)
        {
            Ask(lamp.Id);
        }

        return asked.Count == 0
            ? null
            : asked[0].Refused("lamps/not-known", $"Look, and say how it is: {LampWords.Names(sheet, asked)}.");
    }

    private static Refusal? Motors(JobState state, Entry e, PowerState need, Holding? held)
    {
        var (safety, sheet) = (state.Safety, state.Sheet);
        var motors = sheet.Power.Motors;
        LampIs? Propeller(MotorSpec m) => safety.Known(sheet, new(LampKind.Propeller, m.Id), e);
        LampIs? Wires(MotorSpec m) => safety.Known(sheet, new(LampKind.Wires, m.Id), e);
        bool Leave(MotorSpec m) => need.Covers(m) && held is not null;

        switch (need.Motor)
        {
            case MotorNeed.Isolated or MotorNeed.Bare:
                MotorSpec[] turning =
                [
                    .. motors.Where(m =>
                        !Leave(m)
                        && (
                            need.Motor == MotorNeed.Bare && !m.IsFan
                                ? Propeller(m) == LampIs.On
                                : Isolation.Of(state, m, e) is false
                        )
                    ),
                ];
                return turning.Length == 0 ? null
                    : turning.All(need.Covers)
                        ? new Refusal(
                            "power/held",
                            $"{(turning[0].IsFan ? "The fan" : "A motor")} can turn: take its wires off; or have the "
                                + $"aircraft "
                                + "held, disc and plane clear, by a second person, and say so.",
                            "body.held"
                        )
                    : Isolation
                        .LampOf(turning[0])
                        .Refused("lamps/not-isolated", Isolation.Remedy(sheet, turning, need.Motor == MotorNeed.Bare));
            case MotorNeed.Aboard:
                return motors.FirstOrDefault(m => !m.IsFan && Propeller(m) != LampIs.On) is { } off
                    ? new LampId(LampKind.Propeller, off.Id).Refused(
                        "balance/propeller",
                        "Weigh with propeller and spinner on, or place their mass at their station and say so."
                    )
                    : null;
            case MotorNeed.Ready:
                return motors.FirstOrDefault(m => Wires(m) != LampIs.On || (!m.IsFan && Propeller(m) != LampIs.On))
                        is { } idle
                        ? Isolation
                            .LampOf(idle)
                            .Refused(
                                "lamps/not-ready",
                                $"Motor {idle.Id} would turn nothing: propeller and wires on first, the pack off."
                            )
                    : held is null
                        ? new Refusal(
                            "power/held",
                            "A motor will turn: have the aircraft held, disc and plane clear, by a second person, "
                                + "and say so.",
                            "body.held"
                        )
                    : null;
            default:
                return null;
        }
    }

    private static Refusal? Transmitter(JobState state, Entry e, PowerState need)
    {
        var id = new LampId(LampKind.Transmitter);
        if (need.Transmitter.IsEmpty || need.Transmitter.Contains(state.Safety.Known(state.Sheet, id, e)!.Value))
        {
            return null;
        }

        var motor = LampBoard.HasMotor(state.Sheet);
        return id.Refused(
            "lamps/transmitter",
            need.Transmitter.Contains(LampIs.CutSet)
                ? motor
                    ? "Transmitter first: switch it on, throttle low, cut set."
                    : "Transmitter first: switch it on."
                : "Transmitter first: "
                    + $"{string.Join(" or ", need.Transmitter.Select(t => LampWords.Of(state.Sheet, id, t)))}."
        );
    }

    private static Refusal? Packs(JobState state, Entry e, PowerState need)
    {
        var sheet = state.Sheet;
        var packs = LampBoard.Packs(sheet);
        LampId? first = null;
        LampId? Where(Func<LampIs?, bool> wrong) =>
            packs.Where(p => wrong(state.Safety.Known(sheet, p, e))).Select(p => (LampId?)p).FirstOrDefault();
        switch (need.Pack)
        {
            case PackNeed.NotSaidConnected:
                first = packs
                    .Where(p => state.Safety.Last(p) == LampIs.Connected)
                    .Select(p => (LampId?)p)
                    .FirstOrDefault();
                return first is { } on ? Disconnect(on) : null;
            case PackNeed.NotConnected:
                return Where(p => p == LampIs.Connected) is { } connected ? Disconnect(connected) : null;
            case PackNeed.InBay:
                return Where(p => p == LampIs.Connected) is { } live ? Disconnect(live)
                    : Where(p => p != LampIs.InBay) is { } elsewhere
                        ? elsewhere.Refused("lamps/pack-not-in-bay", "Weigh with the pack in its bay, not connected.")
                    : null;
            case PackNeed.Connected:
                return Where(p => p != LampIs.Connected) is { } off
                    ? off.Refused(
                        "lamps/pack-not-connected",
                        packs.Length > 1
                            ? $"This is done under power: connect pack {off.Of}."
                            : "This is done under power: connect the flight pack."
                    )
                    : null;
            default:
                return null;
        }

        static Refusal Disconnect(LampId pack) =>
            pack.Refused("lamps/pack-connected", "Disconnect the flight pack first.");
    }

    private static Refusal? Stabiliser(JobState state, Entry e, PowerState need)
    {
        if (LampBoard.Find(state.Sheet, new(LampKind.Stabiliser)) is not { } lamp)
        {
            return null;
        }

        var seen = state.Safety.Known(state.Sheet, lamp.Id, e);
        return need.Stabiliser switch
        {
            StabiliserNeed.NotCorrecting when seen is not (LampIs.NotFitted or LampIs.Off) => lamp.Id.Refused(
                "lamps/stabiliser-corrects",
                seen == LampIs.Aligning
                    ? "The stabiliser is aligning: hold still, then switch it off. What it corrects is not measured."
                    : "The stabiliser corrects: switch it off and see its sign. What it corrects is not measured."
            ),
            StabiliserNeed.Awake when seen is not (LampIs.Awake or LampIs.Levelling) => lamp.Id.Refused(
                "lamps/stabiliser-asleep",
                seen == LampIs.Aligning
                    ? "The stabiliser is aligning: hold still until its sign."
                    : "The stabiliser does not answer yet: wake it, and see its sign."
            ),
            _ => null,
        };
    }

    private static Refusal? Within(JobState state, Entry e, PowerState need)
    {
        if (need.Within is not { } act)
        {
            return null;
        }

        var spec = PoweredActs.Of(act);
        return state.Safety.Act is not { } open || open.Act != act
                ? new Refusal(
                    "power/not-open",
                    $"{spec.Title} is opened first: it needs another state of power than the usual one.",
                    "power.act"
                )
            : state.Safety.Known(state.Sheet, new(LampKind.Transmitter), e) is null
                ? new LampId(LampKind.Transmitter).Refused("lamps/not-known", "Look, and say how it is: transmitter.")
            : !open.Reached
                ? new LampId(LampKind.Transmitter).Refused(
                    "power/not-reached",
                    $"{spec.Do} Say so, then what was seen."
                )
            : NotLookedAt(state, e, new PowerState { Motor = spec.During.Motor })
                ?? Motors(state, e, spec.During, open.Held);
    }
}
