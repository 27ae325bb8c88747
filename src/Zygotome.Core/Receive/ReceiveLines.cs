using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Receive;

/// <summary>What was handed in against the sheet, as the ledger asks for it, and how each is said.</summary>
internal static class ReceiveLines
{
    public static IEnumerable<Requirement> Of(JobState state) =>
        [
            .. Counter(state),
            .. Carried(state),
            .. Servos(state),
            .. Drives(state),
            .. state.Receive.AddOns.Select(AddOn),
            .. state.Built.Kit.Options.DistinctBy(o => o.Id).Select(o => Option(state, o)),
            .. SheetLines.Of(state),
        ];

    private static IEnumerable<Requirement> Counter(JobState state)
    {
        var (sheet, receive, battery) = (state.Sheet, state.Receive, state.Receive.Battery);
        var pack = state.Settings.Of(new Setting(SettingKind.Pack)) ?? "";
        if (battery is null)
        {
            yield return NotKnown(CounterAsk.PackFits, "The pack is still to be chosen.");
        }
        else
        {
            yield return Judged(
                state,
                CounterAsk.PackFits,
                battery.Length.Text,
                CounterChecks.PackFits(sheet, battery),
                pack
            );
            if (PackPower.Judge(sheet, new PowerTrain(sheet, receive.Drives), battery) is { } power)
            {
                yield return Judged(
                    state,
                    CounterAsk.PackSuits,
                    $"{battery.Cells} cells",
                    (power.Suits, power.Why),
                    pack
                );
            }

            if (PacksTogether.Asked(sheet) > 1)
            {
                yield return Together(sheet, receive, pack);
            }

            yield return Sound(receive.Flies, pack);
        }

        if (receive.ReceiverChannels == 0)
        {
            yield return NotKnown(CounterAsk.Ports, "The receiver is still to be bought.");
            yield break;
        }

        var ports = CounterChecks.PortsEnough(
            sheet,
            receive.ReceiverChannels,
            receive.Receiver?.Ports,
            [.. receive.AddOns.Where(a => a.Port.Length > 0).Select(a => a.Name)]
        );
        yield return Judged(
            state,
            CounterAsk.Ports,
            $"{receive.ReceiverChannels} channels",
            ports,
            $"{state.Settings.Of(new Setting(SettingKind.Receiver))}: {ports.Why}"
        );
        yield return Protocol(state);
    }

    // Nobody judges what nobody has.
    private static Requirement NotKnown(CounterAsk ask, string why) =>
        new(new CounterId(ask), Concedable.ByLead, Standing.NotShown, new CounterFacts(ask, "", why));

    // One that is low, swollen or unequal is nobody's to concede: it is charged and measured again, or another flies.
    private static Requirement Sound(ImmutableArray<PackHeld> flying, string pack)
    {
        string Of(PackHeld p, string words) => flying.Length > 1 ? $"{p.Name}: {words}" : words;
        var wrong = flying.FirstOrDefault(p => p.Seen is { Wrong.Length: > 0 });
        var unseen = flying.FirstOrDefault(p => p.Seen is null);
        return new(
            new CounterId(CounterAsk.PackSound),
            wrong is not null ? Concedable.Never : Concedable.ByLead,
            wrong is not null ? Standing.NotMet
                : unseen is not null || flying.IsEmpty ? Standing.NotShown
                : Standing.Met,
            new CounterFacts(
                CounterAsk.PackSound,
                string.Join("; ", flying.Where(p => p.Seen is not null).Select(p => Of(p, p.Seen!.Words))),
                wrong is not null
                        ? $"{Texts.Capital(Of(wrong, wrong.Seen!.Wrong))}: it is not connected. Charge and balance it, "
                            + "measure again; or another pack flies."
                    : unseen is not null ? Texts.Capital(Of(unseen, "nobody measured its cells yet."))
                    : "No cell low, none unequal, not swollen."
            )
        )
        {
            Evidence = (wrong ?? flying.LastOrDefault(p => p.Seen is not null))?.Seen?.Evidence,
            Object = pack,
        };
    }

    // Unlike packs side by side charge one another: nobody concedes that.
    private static Requirement Together(SpecSheet sheet, ReceiveState receive, string pack)
    {
        var (suits, why) = PacksTogether.Judge(sheet, receive.Flies);
        return new(
            new CounterId(CounterAsk.PacksTogether),
            suits == false ? Concedable.Never : Concedable.ByLead,
            Requirement.Stands(suits),
            new CounterFacts(CounterAsk.PacksTogether, string.Join(", then ", receive.Flying), why)
        )
        {
            Evidence = suits is null ? null : receive.Flies.Select(p => p.Seen?.Evidence).MaxBy(e => e?.Seq ?? 0),
            Object = pack,
        };
    }

    // Steps that hang on it are neither there nor not until somebody says.
    private static IEnumerable<Requirement> Carried(JobState state)
    {
        if (!state.Chosen.Steps.Any(s => Schools.OfCar.Any(s.School.ContainsKey)))
        {
            yield break;
        }

        var said = state.Receive.Carried;
        yield return new Requirement(
            new CarriedId(),
            Concedable.Never,
            Requirement.Stands(said == Carriage.NotSaid ? null : true),
            new CarriedFacts(said)
        )
        {
            Evidence = said == Carriage.NotSaid ? null : state.Opening,
        };
    }

    private static IEnumerable<Requirement> Servos(JobState state) =>
        from servo in state.Sheet.Servos
        let held = state.Receive.Servos.GetValueOrDefault(servo.Id)
        where held is not null || ToBuy.Replaces(state)
        let judged = held is null
            ? (Suits: null, Why: "Replaced at once, as chosen; nobody said by which.")
            : ServoFit.Judge(state.Sheet, servo, state.Receive.Servos, ToBuy.OwnSupply(state))
        select new Requirement(
            new ServoId(servo.Id),
            Concedable.ByLead,
            Requirement.Stands(judged.Suits),
            new FitFacts($"Servo for {ServoFit.Place(state.Sheet, servo.Id)} suits", held?.Kind.Name ?? "", judged.Why)
        )
        {
            Evidence = judged.Suits is null ? null : held?.Evidence,
            Object = held?.Kind.Name ?? "",
        };

    private static IEnumerable<Requirement> Drives(JobState state)
    {
        var train = new PowerTrain(state.Sheet, state.Receive.Drives);
        return from motor in state.Sheet.Power.Motors
            let held = state.Receive.Drives.GetValueOrDefault(motor.Id)
            where held is not null
            let judged = train.Judge(motor)
            select new Requirement(
                new DriveId(motor.Id),
                Concedable.ByLead,
                Requirement.Stands(judged.Suits),
                new FitFacts(
                    "Motor, propeller and controller suit"
                        + (state.Sheet.Power.Motors.Length > 1 ? $", {motor.Id}" : ""),
                    held.Kind.Words(),
                    judged.Why
                )
            )
            {
                Evidence = judged.Suits is null ? null : held.Evidence,
                Object = held.Kind.Words(),
            };
    }

    // Once they are bound they speak alike.
    private static Requirement Protocol(JobState state)
    {
        var (receive, bound) = (state.Receive, state.Settings.ChangedAt(new Setting(SettingKind.Memory)) > 0);
        var judged = CounterChecks.Protocol(receive.Transmitter?.Protocol, receive.Receiver?.Protocol);
        return new(
            new CounterId(CounterAsk.Protocol),
            Concedable.ByLead,
            bound || judged is { Alike: true } ? Standing.Met
                : judged is { Alike: false } ? Standing.NotMet
                : Standing.NotShown,
            new CounterFacts(
                CounterAsk.Protocol,
                receive.Receiver?.Protocol ?? "",
                bound ? "They were bound."
                    : judged is { } said ? said.Why
                    : "Nobody said what transmitter and receiver speak; binding shows it."
            )
        )
        {
            Evidence = bound || judged is not null ? state.Opening : null,
        };
    }

    private static Requirement AddOn(AddOn addOn) =>
        new(
            new AddOnId(addOn.Name),
            Concedable.ByLead,
            addOn.State == AddOnState.Recorded ? Standing.NotShown : Standing.Met,
            new AddOnFacts(addOn)
        )
        {
            Evidence = addOn.State == AddOnState.Recorded ? null : addOn.Evidence,
        };

    private static Requirement Judged(
        JobState state,
        CounterAsk ask,
        string reading,
        (bool Enough, string Why) judged,
        string what
    ) =>
        new(
            new CounterId(ask),
            Concedable.ByLead,
            judged.Enough ? Standing.Met : Standing.NotMet,
            new CounterFacts(ask, reading, judged.Why)
        )
        {
            Evidence = state.Opening,
            Object = what,
        };

    // What it is built as decides what is asked for at all: nobody concedes that it is not said.
    private static Requirement Option(JobState state, KitOption option)
    {
        var said = KitChoices.Said(option, state.Options);
        return new Requirement(
            new OptionId(option.Id),
            Concedable.Never,
            Requirement.Stands(said is null ? null : true),
            new OptionFacts(option, said)
        )
        {
            Evidence = said is null ? null : state.Opening,
        };
    }

    private sealed record CounterFacts(CounterAsk Ask, string Reading, string Why) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Ask switch
                {
                    CounterAsk.PackFits => "The pack fits its bay",
                    CounterAsk.PackSuits => "The pack has the cells and gives the current",
                    CounterAsk.PackSound => "The pack's cells are sound",
                    CounterAsk.PacksTogether => "The packs may be flown together",
                    CounterAsk.Protocol => "Transmitter and receiver speak alike",
                    _ => "The receiver has the ports",
                },
                "",
                "",
                Reading,
                Why
            );
    }

    private sealed record FitFacts(string What, string Reading, string Why) : LineFacts
    {
        public override LineWords Words(JobState state) => new(What, "", "", Reading, Why);
    }

    private sealed record CarriedFacts(Carriage Said) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                "How the owner carries it",
                "whole, parted or in its box",
                "",
                Said == Carriage.NotSaid ? "" : Carriages.Of(Said),
                Said == Carriage.NotSaid
                    ? "Nobody has said; plugs, board, spar threads and their steps hang on it."
                    : "Said."
            );
    }

    private sealed record AddOnFacts(AddOn AddOn) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"{AddOn.Name}: tested, or not connected",
                "",
                "",
                AddOn.State == AddOnState.Recorded ? "" : ReceiveWords.Of(AddOn.State),
                AddOn.State switch
                {
                    AddOnState.Recorded => "It goes aboard, and nobody tried it yet.",
                    AddOnState.Tested => "Called out, and it answered.",
                    _ => AddOn.Why.Length > 0 ? $"Not connected: {AddOn.Why}." : "Not connected.",
                }
            );
    }

    /// <param name="Said">The choice; null while nobody said one.</param>
    private sealed record OptionFacts(KitOption Option, string? Said) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"Built with: {Option.Name.ToLowerInvariant()}",
                string.Join(" or ", Option.Choices),
                state.Sheet.Page("kit", Option.Get(KitFields.Option.Page)),
                Said ?? "",
                Said is not null ? "Chosen."
                    : Option.Default.Length > 0 ? $"Nobody has said; asked for as {Option.Default} until then."
                    : "Nobody has said; all of them are asked about until then."
            );
    }
}
