using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>
/// What moves or switches and is no surface is called and seen; what one box can be built as is asked.
/// </summary>
public sealed class EverythingCalled
{
    [Fact]
    public async Task A_flyer_that_steers_by_its_motors_stays_open_until_they_were_called_and_seen()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        Receive(t, "Tarn Midge 620", ("mass on the scale", "10"), ("length", "48"), ("width", "18"), ("height", "8"));
        var id = t.Browser.Url.Split('/')[^2];
        LedgerLine Line(string line) =>
            Ledger.Of(application.Job(id).State, application.Clock.GetUtcNow()).Single(l => l.Id == line);
        Assert.Equal((Standing.NotShown, Concedable.Never), Of(Line("output/thrust-difference/right")));

        t.ToBind().Room("Bound").Fill("model memory", "MIDGE").Press("It is bound");
        t.Look(
            ("Propeller, left", "off"),
            ("Propeller, right", "off"),
            ("Motor wires, left", "on"),
            ("Motor wires, right", "on"),
            ("Transmitter", "on, cut set"),
            ("Flight pack", "connected")
        );
        t.See("Which memory").Room("Failsafe").Press("Begin the failsafe look");
        t.Press("Transmitter is off").Press("As declared").Press("Transmitter on");
        t.Room("Cut").Fill("the switch it is on", "left switch, away").Press("Begin: try the cut");
        t.Press("Every shaft stood still").See("Tried with the shafts bare");
        t.Room("Directions").See("Rudder stick right").See("left motor faster").DoNotSee("it did nothing");

        // The motors turn for it: bare shafts, throttle live, within an act of its own.
        t.Press("Begin: tape on the bare shafts").Press("Throttle is live").Press("something else");
        t.Fill("what moved, and which way", "the right motor faster").Press("Record what moved");
        t.Until(() => Line("output/thrust-difference/right").Standing == Standing.NotMet, "a swapped pair is not met");
        t.Press("Rudder stick right", "Outputs and positions").Act("As expected").See("Rudder stick left");
        t.Act("As expected");
        t.Until(() => Line("output/thrust-difference/left").Standing == Standing.Met, "both ways were called and seen");
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task Balance_at_the_makers_marks_is_answered_by_fingertips()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        Receive(t, "Tarn Midge 620", ("mass on the scale", "10"), ("length", "48"), ("width", "18"), ("height", "8"));
        var id = t.Browser.Url.Split('/')[^2];
        t.Stage("Balance").See("at the two pinholes under the wing").Press("tail drops").Act("Record what it did");
        t.Look(
            ("Propeller, left", "on"),
            ("Propeller, right", "on"),
            ("Motor wires, left", "on"),
            ("Motor wires, right", "on"),
            ("Transmitter", "off"),
            ("Flight pack", "in bay")
        );
        t.See("tail drops at the marks").Press("a little nose-low").Press("hangs level").Act("Record what it did");
        t.See("a little nose-low at the marks");
        var ledger = Ledger.Of(application.Job(id).State, application.Clock.GetUtcNow());
        Assert.Equal(Standing.Met, ledger.Single(l => l.Id == "balance/as flown").Standing);
        Assert.Equal(Standing.Met, ledger.Single(l => l.Id == "lateral/as flown").Standing);
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task Each_of_four_flaps_stands_in_a_band_of_its_own_and_a_position_is_called_as_a_whole()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        UnderPower.Receive(t);
        t.Stage("Throws");
        foreach (var flap in new[] { "Left flap inner", "Right flap inner", "Left flap outer", "Right flap outer" })
        {
            t.See(flap);
        }

        t.Stage("Bind").Room("Directions").See("Gear switch: up").See("Flap switch: landing").See("Lights switch: on");
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task What_the_kit_is_built_with_is_asked_and_the_other_way_is_asked_about_no_more()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        Receive(t, "Plimsey 1400", ("mass on the scale", "286"), ("length", "118"), ("width", "36"), ("height", "30"));
        t.See("not said yet; all are asked about");
        t.Stage("Balance").See("wheels").See("skis");
        t.Stage("Receive").Press("skis", "Kit options").DoNotSee("not said yet");
        t.Stage("Balance").See("For this one: skis fitted.");
        Assert.Empty(t.Browser.FindElements(By.XPath("//*[@role='radio'][normalize-space(.)='wheels']")));
        Assert.Empty(t.Complaints());
    }

    private static (Standing, Concedable) Of(LedgerLine line) => (line.Standing, line.Concedable);

    internal static void Receive(Technician t, string kit, params ReadOnlySpan<(string Label, string Value)> pack)
    {
        t.Press("Receive a kit")
            .See("spec sheet")
            .Press(kit)
            .Press("A new customer")
            .Fill("name", "T. Marram")
            .Press("Packs");
        foreach (var (label, value) in pack)
        {
            t.Fill(label, value);
        }

        t.Fill("capacity", "350").Act("Take it in").See("Outside of the box");
    }
}
