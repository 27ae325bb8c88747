using System.Text;
using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Throws;
using static Zygotome.Core.Tests.Safety.Hands;

namespace Zygotome.Core.Tests.Safety;

/// <summary>Power as this kit's sheet has it; older sheets and older entries too.</summary>
public sealed class PowerOfSheetsTests
{
    [Fact]
    public void Packs_are_connected_in_the_order_of_the_sheet_and_one_without_the_other_is_answered()
    {
        var bench = new Bench(Transport);
        bench.Do(Bench.Isolated(Transport, LampIs.InBay));
        LampId left = new(LampKind.Pack, "left"),
            right = new(LampKind.Pack, "right");
        Assert.Equal("lamps/pack-order", bench.Refused(LampsSaid.Of((right, LampIs.Connected)))!.Code);
        bench.Do(LampsSaid.Of((left, LampIs.Connected)));
        Assert.Equal("lamps/pack-not-connected", bench.Refused(new Bound("M", 2, "button"))!.Code);
        bench.Do(LampsSaid.Of((right, LampIs.Connected)));
        Assert.Null(bench.Refused(new Bound("M", 2, "button")));
        bench.Do(LampsSaid.Of((left, LampIs.InBay)));
        Assert.Equal("danger/pack-order", Assert.Single(Dangers.Of(bench.State)).Code);
    }

    [Fact]
    public void A_connected_pack_does_not_disappear_by_another_name_in_another_revision()
    {
        var bench = Bound(Bench.Parasol);
        bench.Say(LampKind.Transmitter, LampIs.Off);
        var two = Bench.Parasol with
        {
            Hash = "two packs",
            Kit = Bench.Parasol.Kit.With(KitFields.Revision.Is(2)),
            Power = Bench.Parasol.Power.With(
                PowerFields.Pack.List.Is([
                    Bench
                        .Parasol.Power.Packs[0]
                        .With(PowerFields.Pack.Count.Is(2), PowerFields.Pack.Order.Is(["front", "rear"])),
                ])
            ),
        };
        bench.Know(two);
        bench.Do(new SheetMoved(2, two.Hash, "two packs now"), Bench.Thorne);
        Assert.Equal("danger/transmitter-off", Assert.Single(Dangers.Of(bench.State)).Code);
        bench.Do(Assert.Single(Dangers.Of(bench.State)).Remedies[1].Said);
        Assert.Empty(Dangers.Of(bench.State));
    }

    [Fact]
    public void A_step_that_only_says_its_power_in_the_newer_words_is_not_asked_for_anew()
    {
        var old = Bench.Parasol with
        {
            Steps =
            [
                .. Bench.Parasol.Steps.Select(s => s.Power is null ? s : Stating(s, powered: false, unpowered: true)),
            ],
        };
        Assert.Empty(SheetChanges.Steps(old, Bench.Parasol));
    }

    [Fact]
    public void A_kit_whose_sheet_puts_the_pack_first_is_connected_with_the_transmitter_off_its_motors_isolated()
    {
        var first = Bench.Parasol with
        {
            Power = Bench.Parasol.Power.With(PowerFields.Order.Is(["pack", "transmitter", "stick up and down"])),
        };
        var bench = new Bench(first);
        bench.Do(Bench.Isolated(first, LampIs.InBay));
        bench.Say(LampKind.Transmitter, LampIs.Off);
        bench.Do(Connect(first));
        Assert.Empty(Dangers.Of(bench.State));
        Assert.Equal("lamps/transmitter", bench.Refused(new Bound("M", 2, "button"))!.Code);
        bench.Pack(LampIs.InBay);
        bench.Do(LampsSaid.Of((Propeller("nose"), LampIs.On)));
        Assert.Equal("lamps/not-isolated", bench.Refused(Connect(first))!.Code);
    }

    [Fact]
    public void A_sheet_that_does_not_say_whether_there_is_a_stabiliser_has_its_lamp_and_none_is_said_once()
    {
        var silent = Bench.Parasol with
        {
            Radio = Bench.Parasol.Radio.With(RadioFields.Stabiliser.Is(new Printed<bool>.NotStated(false))),
        };
        var bench = Bound(silent);
        bench.Say(LampKind.Stabiliser, LampIs.NotFitted);
        bench.Look = "tomorrow";
        bench.Do(
            LampsSaid.Of(
                Bench
                    .Isolated(silent, LampIs.Connected)
                    .Said.Where(s => s.Lamp != LampKind.Stabiliser)
                    .Select(s => (new LampId(s.Lamp, s.Of), s.Is))
            )
        );
        Assert.Null(bench.Refused(new NeutralRead("rudder", Bench.Q("0 mm"), Bench.Rule)));
        Assert.Null(LampBoard.Find(Bench.Parasol, new(LampKind.Stabiliser)));

        // A kit that has one may have got it in line since.
        var fitted = Bound(Biplane);
        fitted.Say(LampKind.Stabiliser, LampIs.NotFitted);
        fitted.Look = "tomorrow";
        Assert.Contains(
            "stabiliser",
            fitted.Refused(new NeutralRead("rudder", Bench.Q("0 mm"), Bench.Rule))!.Text,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void On_a_sailplane_the_motors_part_falls_silent()
    {
        Assert.Equal(
            [LampKind.Transmitter, LampKind.Pack, LampKind.Memory],
            LampBoard.Of(Sailplane).Select(l => l.Id.Kind)
        );
        Assert.Equal([PoweredAct.Failsafe], PoweredActs.On(Sailplane).Select(a => a.Act));
        var bench = new Bench(Sailplane);
        Assert.Equal("Look, and say how it is: transmitter.", bench.Refused(Connect(Sailplane))!.Text);
        bench.Say(LampKind.Transmitter, LampIs.Off);
        Assert.Equal("Transmitter first: switch it on.", bench.Refused(Connect(Sailplane))!.Text);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        bench.Do(Connect(Sailplane));
        Assert.Equal("power/no-act", bench.Refused(new ActOpened(PoweredAct.Calibration))!.Code);
    }

    [Fact]
    public void Older_lamp_entries_are_read_as_said_of_all_motors_and_all_packs()
    {
        var bench = new Bench(Transport);
        foreach (
            var body in (EntryBody[])
                [
                    new PropellerSaid(PropellerSeen.Off),
                    new TransmitterSaid(TransmitterSeen.OnCutSet),
                    new PackSaid(PackSeen.Connected),
                ]
        )
        {
            Assert.Equal("lamps/old", bench.Refused(body)!.Code);
            bench = Stored(bench, body);
        }

        Assert.Null(bench.Refused(new Bound("M", 2, "button")));
        bench = Stored(bench, new PropellerSaid(PropellerSeen.Fitted));
        Assert.Equal("danger/motor-ready", Assert.Single(Dangers.Of(bench.State)).Code);
        bench = Stored(bench, new PackSaid(PackSeen.Out));
        bench = Stored(bench, new PropellerSaid(PropellerSeen.WiresOff));
        bench.Charged();
        Assert.Null(bench.Refused(Connect(Transport)));
    }

    [Fact]
    public void On_an_older_sheet_what_fits_a_motor_readies_it_else_the_last_step_with_the_pack_off()
    {
        Assert.Equal(["fit-propeller"], Readying(fits: true));
        Assert.Equal(["security"], Readying(fits: false));
        var step = Bench.Parasol.Step("work-hinges")!;
        Assert.Equal(
            (PowerState.Powered, PowerState.Unpowered, PowerState.Unstated),
            (
                StepPowers.Of(Stating(step, powered: true, unpowered: false)),
                StepPowers.Of(Stating(step, powered: false, unpowered: true)),
                StepPowers.Of(Stating(step, powered: false, unpowered: false))
            )
        );
    }

    // In the words of older sheets alone.
    private static StepSpec Stating(StepSpec step, bool powered, bool unpowered) =>
        step.With(
            StepFields.Transmitter.Is(""),
            StepFields.Throttle.Is(""),
            StepFields.Pack.Is(""),
            StepFields.Motor.Is(""),
            StepFields.Stabiliser.Is(""),
            StepFields.Powered.Is(powered),
            StepFields.Unpowered.Is(unpowered)
        );

    [Fact]
    public void A_sheet_with_motors_that_no_step_readies_is_doubted()
    {
        var sheet = Transport with
        {
            Steps =
            [
                .. Transport.Steps.Select(s => s.With(StepFields.Readies.Is([.. s.Readies.Where(m => m != "right")]))),
            ],
        };
        Assert.Contains(
            "motor right",
            Assert.Single(Plausible.Of(sheet).Except(Plausible.Of(Transport))).Reason,
            StringComparison.Ordinal
        );
    }

    // Steps of a sheet as it was before steps said what they ready, that are read as readying something.
    private static IEnumerable<string> Readying(bool fits)
    {
        var file = JsonNode.Parse(
            File.ReadAllBytes(Zygotome.Tests.ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json"))
        )!;
        foreach (var step in file["steps"]!.AsArray().Select(s => s!.AsObject()))
        {
            step.Remove("readies");
            if (step.Remove("power"))
            {
                step["needs"] = new JsonObject { ["unpowered"] = true };
            }

            if (!fits)
            {
                step.Remove("fits");
            }
        }

        return SheetReader
            .Read(Encoding.UTF8.GetBytes(file.ToJsonString()))
            .Sheet!.Steps.Where(s => s.Readies.Length > 0)
            .Select(s => s.Id);
    }

    // As a journal of an earlier version holds it: admitted then, asked by no rule now.
    private static Bench Stored(Bench bench, EntryBody body)
    {
        var entry = bench.Journal[^1] with
        {
            Seq = bench.State.Seq + 1,
            EntryId = $"old-{bench.State.Seq}",
            Body = body,
        };
        return new Bench(Replay.Add(bench.State, entry), [.. bench.Journal, entry], bench.Now) { Look = bench.Look };
    }
}
