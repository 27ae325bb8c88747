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
    public async Task A_spliced_lead_is_refused_with_crossed_colours_and_counts_once_it_was_wiggled()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        var id = UnderPower.Receive(t);
        t.Stage("Wire").See("Left aileron").Act("Plugged").See("1 of 25 leads in");
        t.Press("1 in, show").Press("Left aileron", "Leads").See("In already").Press("cut, joined or opened up");
        t.Press("cut and spliced", "What was done").Press("Record it").See("Lay it open and follow each wire");
        Assert.Empty(application.Job(id).State.Wire.Mended);
        t.Press("Close");
        foreach (
            var look in new[] { "each wire on its own colour", "a sleeve over each joint", "pulled, and it holds" }
        )
        {
            t.Find(By.XPath($"//label[contains(., '{look}')]/input")).Click();
        }

        t.Fill("it adds, g", "2").Press("Record it");
        t.Until(() => application.Job(id).State.Wire.Mended.ContainsKey("sv-ail-l"), "the splice is on the record");
        t.See("0 of 25 leads in").Act("Wiggled: the left aileron moves").See("1 of 25 leads in");
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_new_board_is_listed_once_and_a_job_is_drawn_with_its_sockets_and_printed()
    {
        await using var application = await Application.Start();
        using var lead = new Technician(application.Url).SignIn("I. Thorne");
        lead.Go("/shop").See("Distribution boards").Press("add a board").Fill("what it is called", "ten in a row");
        lead.Press("one more").Press("one more").Press("one more").Press("one more");
        foreach (var n in Enumerable.Range(1, 10))
        {
            lead.Fill($"printed beside {n}", $"Z{n}");
        }

        lead.Press("list it").See("ten in a row is listed");
        var id = UnderPower.Receive(lead.Go("/jobs"));
        lead.Stage("Wire").Press("Port map", "Wire").Press("ten in a row").See("Z10");
        lead.Until(() => application.Job(id).State.Wire.Devices.ContainsKey("board"), "the board is on the record");
        lead.Press("Leads", "Wire").See("to the board, socket Z1");
        lead.Press("Port map", "Wire");
        foreach (var paper in new[] { "print labels", "print the card for the hatch" })
        {
            var href = lead.Find(By.LinkText(paper)).GetDomAttribute("href")!;
            Assert.Equal("application/pdf", lead.Fetched(href));
        }

        Assert.Empty(lead.Complaints());
    }

    [Fact]
    public async Task Power_stands_on_paper_and_a_connector_too_small_for_the_draw_is_named()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        var id = UnderPower.Receive(t);
        t.Stage("Wire").Press("Power", "Wire").See("Which one it is was not said").Press("small white pair, 8 A");
        t.Until(() => application.Job(id).State.Wire.Connector is not null, "it is on the record");
        t.See("A too many").Press("shop's flat pair, 60 A").See("A are left").DoNotSee("A too many");
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
