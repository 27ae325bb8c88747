using CsCheck;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Receive;

/// <summary>Usual channels, how it is carried, and what is said of the kit at the counter.</summary>
public sealed class OwnersHabitsTests
{
    [Fact]
    public void The_owners_usual_channels_lay_this_kit_and_each_departure_says_why()
    {
        string[] usual = ["aileron", "elevator", "throttle", "rudder", "gear"];
        var laid = OwnerChannels.Lay(Bench.Sheet("carrow-mail-1900"), usual, 9);
        Assert.Equal(
            ["1 aileron", "2 elevator", "3 throttle", "4 rudder", "5 gear", "6 flap", "7 rudder 2", "8 lights"],
            laid.Select(l => $"{l.Channel} {l.Function}")
        );
        Assert.All(laid.Where(l => l.Channel > 5), l => Assert.Equal("it has no usual channel", l.Why));

        // A mixed wing takes the places of what it is mixed from.
        Assert.Equal(
            ["1 elevon left", "2 elevon right", "3 throttle"],
            OwnerChannels.Lay(Bench.Delta, usual, 6).Select(l => $"{l.Channel} {l.Function}")
        );

        // Short of channels: what is lost is named.
        var few = OwnerChannels.Lay(Bench.Sheet("carrow-mail-1900"), usual, 6);
        Assert.Equal(2, few.Count(l => l.Channel == 0));
        Assert.All(
            few.Where(l => l.Channel == 0),
            l => Assert.Contains("no channel is left", l.Why, StringComparison.Ordinal)
        );
    }

    [Fact]
    public void Every_function_gets_one_channel_and_no_channel_two() =>
        (
            from usual in Gen.OneOfConst(
                "aileron",
                "elevator",
                "throttle",
                "rudder",
                "flap",
                "gear",
                "lights",
                ""
            ).List[0, 8]
            from channels in Gen.Int[0, 10]
            from sheet in Gen.OneOfConst("carrow-mail-1900", "skerrow-64", "tansy-needle", "lowen-2600")
            select (usual, channels, sheet)
        ).Sample(
            p =>
            {
                var sheet = Bench.Sheet(p.sheet);
                string[] usual = [.. p.usual.Distinct()];
                var laid = OwnerChannels.Lay(sheet, usual, p.channels);
                Assert.Equal(sheet.Radio.Functions.Order(), laid.Select(l => l.Function).Order());
                var on = laid.Where(l => l.Channel > 0).Select(l => l.Channel).ToArray();
                Assert.Equal(on.Length, on.Distinct().Count());
                Assert.All(on, c => Assert.InRange(c, 1, p.channels == 0 ? 32 : p.channels));
                Assert.Equal(Math.Min(sheet.Radio.Functions.Length, p.channels == 0 ? 32 : p.channels), on.Length);
            },
            iter: 200
        );

    [Fact]
    public void Usual_channels_are_left_for_the_owners_later_jobs()
    {
        var bench = new Bench(Bench.Delta);
        Assert.Equal("receive/channels", bench.Refused(new ChannelsSaid(["", ""]))!.Code);
        Assert.Equal("receive/channels-twice", bench.Refused(new ChannelsSaid(["Throttle", "throttle "]))!.Code);
        bench.Do(new ChannelsSaid(["Throttle", "aileron", "", "elevator"]));
        Assert.Equal(["throttle", "aileron", "", "elevator"], bench.State.Receive.Channels);
        var left = Assert.Single(Remembered.Left(bench.State), m => m.Topic == MemoryTopic.Channels);
        Assert.Equal("c-1", left.Of);
        Assert.Contains("elevator", left.Facts, StringComparison.Ordinal);
    }

    [Fact]
    public void How_the_owner_carries_it_answers_what_hangs_on_it_once_and_each_can_be_said_otherwise()
    {
        var bench = new Bench(Bench.Delta);
        Assert.Equal("receive/carried", bench.Refused(new Carried(Carriage.NotSaid))!.Code);
        bench.Do(new Carried(Carriage.Whole));
        Assert.Equal(
            ["whole", "taped", "sleeve", "thread-lock"],
            Schools.OfCar.Select(s => bench.State.Schools[s].Option)
        );
        bench.Do(new SchoolChosen(Schools.SparThreads, "dry"));
        bench.Do(new Carried(Carriage.Boxed));
        Assert.Equal(["parted", "removable", "free", "dry"], Schools.OfCar.Select(s => bench.State.Schools[s].Option));
        Assert.Contains(
            "carried in its box",
            bench.State.Schools[Schools.WingTransport].Reason,
            StringComparison.Ordinal
        );

        // Once work has begun it needs a reason.
        bench.Unpacked().Steps(Stage.Build);
        Assert.Equal("body.reason", bench.Refused(new Carried(Carriage.Whole))!.Where);
        bench.Do(new Carried(Carriage.Whole, "a van now"));
        Assert.Equal(Carriage.Whole, bench.State.Receive.Carried);
    }

    [Fact]
    public void A_kit_option_said_at_the_counter_counts_from_the_first_entry()
    {
        var sheet = Bench.Parasol;
        var option = sheet.Kit.Options[0];
        var opened = (JobOpened)new Bench(sheet).Journal[0].Body;
        foreach (var choice in option.Choices)
        {
            var bench = new Bench(sheet, option: (option.Id, choice));
            Assert.Equal(Standing.Met, bench.Line($"receive/option/{option.Id}").Standing);
            var later = new Bench(sheet);
            later.Do(new OptionChosen(option.Id, choice));
            Assert.Equal(later.State.Sheet.Steps.Select(s => s.Id), bench.State.Sheet.Steps.Select(s => s.Id));
        }

        Assert.Equal(
            $"body.options.{option.Id}",
            (opened with { Options = Ordered.ById<string>().Add(option.Id, "rotors") })
                .Admit(new JobState(Stages.All, sheet), new Bench(sheet).Journal[0])!
                .Where
        );
    }
}
