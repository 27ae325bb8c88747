using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Wire;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>The wiring of a job: laid out before a plug is pushed in, ticked one by one, and wrong ones named.</summary>
public sealed class LeadsPlugged
{
    [Fact]
    public async Task Flaps_that_would_go_apart_are_refused_on_one_lead_and_a_turned_arm_lets_them_share()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        var id = UnderPower.Receive(t);
        t.Stage("Wire").See("leads in").Press("Port map", "Wire").See("not on one Y-lead");
        t.Fill("Right flap inner", "port 5").See("would go apart").See("own channel with a mix");
        Assert.Empty(application.Job(id).State.Wire.Map);

        // Mended at the arm all three of them share one port, and another is free.
        t.Press("Close").Press("done so", "Left flap inner and Right flap inner, apart").DoNotSee("not on one Y-lead");
        t.Fill("The board's flap", "port 5");
        t.Until(() => application.Job(id).State.Wire.Map.Length > 0, "the map is laid");
        t.See("As laid, 1 free");
        Assert.Equal(0, Wiring.Of(application.Job(id).State).Cost.Lost);
    }

    [Fact]
    public async Task Leads_are_ticked_by_keyboard_a_label_that_lies_is_named_and_inner_flaps_stay_red_without_power()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        var id = UnderPower.Receive(t);
        t.Stage("Wire").See("0 of 25 leads in").See("Left aileron");
        t.Reach("Plugged", Keys.Enter).See("1 of 25 leads in").Listening();
        t.Reach("Plugged", Keys.Enter).See("2 of 25 leads in");

        // The inner flaps have leads of their own past the board; wiggled, one of them leads to the other side.
        t.Press("Left flap inner", "Leads")
            .Press("its wires lead elsewhere")
            .Fill("wiggled, it moves at", "Right flap inner")
            .See("Its label lies");
        t.Until(
            () => application.Job(id).State.Wire.Leads["sv-flap-inner-l"].Serves == "sv-flap-inner-r",
            "it is on the record"
        );
        t.Stage("Hand over").See("Left flap inner: to the Y-lead").See("leads to right flap inner");
    }

    [Fact]
    public async Task A_receiver_two_channels_short_says_what_is_lost_and_what_would_gain_a_port()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        UnderPower.Receive(t, "six-port park");
        t.Stage("Wire").See("leads in").Press("Port map", "Wire").See("No port is left for").See("to be bought");
        t.Press("Leads", "Wire").See("no port is left for it");
    }
}
