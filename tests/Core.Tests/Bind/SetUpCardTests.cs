using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Tests.Journal;

namespace Zygotome.Core.Tests.Bind;

/// <summary>Everything to key in, what it follows from, and how it is ticked.</summary>
public sealed class SetUpCardTests
{
    private static Bench Bound(string sheet = "carrow-mail-1900")
    {
        var bench = new Bench(Bench.Sheet(sheet));
        bench.Do(new ReceiverGiven(10));
        bench.Charged().Power();
        bench.Do(new Bound("MAIL", 2, bench.State.Sheet.Radio.BindMethods[0], "7"));
        return bench;
    }

    private static CardLine Line(Bench bench, string id) => SetUpCard.Of(bench.State).Single(l => l.Id == id);

    private static CardStanding Stands(Bench bench, string id) => SetUpCard.Standing(bench.State, Line(bench, id));

    [Fact]
    public void On_every_sheet_each_line_stands_once_with_a_name_and_a_heading()
    {
        foreach (var name in FinishedTests.Sheets)
        {
            var card = SetUpCard.Of(new Bench(Bench.Sheet(name.Data)).State);
            Assert.NotEmpty(card);
            Assert.Equal(card.Length, card.Select(l => l.Id).Distinct().Count());
            Assert.All(card, l => Assert.True(l.What.Length > 0 && l.Section.Length > 0, l.Id));
        }
    }

    [Fact]
    public void It_follows_from_sheet_wiring_and_what_was_set()
    {
        var bench = Bound();
        Assert.Equal("7, MAIL", Line(bench, "memory").Value);
        Assert.Equal("2 ailerons, 4 flaps, elevator, 2 rudders", Line(bench, "wing").Value);
        Assert.Equal("normal", Line(bench, "reverse/rudder").Value);
        bench.Do(new Reversed("rudder"));
        Assert.Equal("reversed", Line(bench, "reverse/rudder").Value);
        Assert.Equal("2 mm down", Line(bench, "mix/flap/landing/elevator").Value);
        Assert.EndsWith("takes 2 s", Line(bench, "position/flap/landing").Value, StringComparison.Ordinal);
        Assert.Equal("70 %", Line(bench, "rate/low/aileron").Value);
        Assert.Equal("20 %", Line(bench, "expo/high/aileron").Value);
        bench.Do(new SchoolChosen("expo", "softer"), Bench.Thorne);
        Assert.Equal("30 %", Line(bench, "expo/high/aileron").Value);
        Assert.Empty(Line(bench, "switch/gear").Value);
    }

    [Fact]
    public void A_line_is_keyed_as_the_card_says_or_kept_with_a_reason_and_keyed_anew_when_the_card_changes()
    {
        var bench = Bound();
        Assert.Equal("body.lines[0].value", bench.Refused(new Keyed([new("switch/gear", "right")]))!.Where);
        Assert.Equal("text/missing", bench.Refused(new Keyed([new("reverse/rudder", "reversed")]))!.Code);
        Assert.Equal("bind/keyed", bench.Refused(new Keyed([new("smoke", "on")]))!.Code);
        bench.Do(new Keyed([new("expo/high/aileron", "35 %", "35 %", "the maker's ready memory is softer")]));
        Assert.Equal(CardStanding.Otherwise, Stands(bench, "expo/high/aileron"));
        bench.Do(new Keyed([new("reverse/rudder", "normal")]));
        Assert.Equal(CardStanding.Keyed, Stands(bench, "reverse/rudder"));
        bench.Do(new Reversed("rudder"));
        Assert.Equal(CardStanding.Changed, Stands(bench, "reverse/rudder"));
        Assert.Equal(Standing.NotMet, bench.Line("bind/card").Standing);
        Assert.Contains("key it anew", bench.Line("bind/card").Why, StringComparison.Ordinal);
        bench.Do(new Keyed([new("reverse/rudder", "reversed")]));
        Assert.Equal(CardStanding.Keyed, Stands(bench, "reverse/rudder"));
    }

    [Fact]
    public void The_card_is_met_once_every_line_is_keyed_and_another_memory_asks_it_anew()
    {
        var bench = Bound("skerrow-64");
        bench.Cut().Power();
        RestOfBind.Switches(bench);
        RestOfBind.KeyIn(bench);
        Assert.Equal(Standing.Met, bench.Line("bind/card").Standing);
        bench.Do(new Bound("OTHER", 2, bench.State.Sheet.Radio.BindMethods[0], "8"));
        Assert.NotEqual(Standing.Met, bench.Line("bind/card").Standing);
    }

    /// <summary>60·Ah·0.8/(draw·duty), down to ten seconds.</summary>
    [Fact]
    public void The_timer_is_never_later_than_the_formula_and_an_alarm_is_heard_as_it_is_set()
    {
        foreach (var name in FinishedTests.Sheets)
        {
            var bench = new Bench(Bench.Sheet(name.Data));
            if (FlightTimer.Minutes(bench.State) is { } minutes)
            {
                var draw = bench.State.Aboard.FullDraw(bench.State.Sheet)!.Value;
                var ah = (double)bench.State.Aboard.Battery!.Capacity.Nominal / 1000;
                Assert.Equal(60 * ah * 0.8 / (draw * bench.State.Sheet.Power.Duty), minutes, 9);
                Assert.Contains(Alarms.Of(bench.State), a => a.Kind == AlarmKind.Timer);
            }
        }

        var delta = Bound("skerrow-64");
        delta.Do(new AlarmHeard(AlarmKind.Cell, true));
        Assert.Equal("heard at 3.5 V a cell, 14 V together", delta.Line("alarm/cell alarm").Reading);
        delta.Do(new PackBrought("small", Bench.Battery() with { Cells = 3 }));
        delta.Do(new PackChosen("small"));
        Assert.Equal(Standing.NotShown, delta.Line("alarm/cell alarm").Standing);
        Assert.Contains("set it anew", delta.Line("alarm/cell alarm").Why, StringComparison.Ordinal);
    }
}
