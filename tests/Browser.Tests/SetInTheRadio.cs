using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Journal;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>The stabiliser, the switches and the card, each from its first mistake to where it is right.</summary>
public sealed class SetInTheRadio
{
    [Fact]
    public async Task A_roll_answered_the_wrong_way_is_mended_in_the_stabiliser_and_seen_again()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        EverythingCalled.Receive(
            t,
            "Brindle Pair",
            ("mass on the scale", "290"),
            ("length", "138"),
            ("width", "44"),
            ("height", "30")
        );
        var id = t.Browser.Url.Split('/')[^2];
        t.ToBind().Room("Bound").Fill("model memory", "BRINDLE").Press("It is bound");
        t.Look(
            ("Propeller", "off"),
            ("Motor wires", "on"),
            ("Transmitter", "on, cut set"),
            ("Flight pack", "connected"),
            ("Stabiliser", "off")
        );
        t.See("Which memory").Room("Stabiliser").See("Held still until it is awake");

        // Touched once, the seconds start anew; its sign cannot be said before they are over.
        t.Press("Pack is on: count").See("Hands off").Press("it was touched: anew");
        Assert.False(t.Find(By.XPath("//button[starts-with(., 'Seen:')]")).Enabled);
        t.See("Its sign seen?").Press("Seen: servos twitch once").See("Tilt it to the right: what moved?");
        foreach (
            var (surface, moved) in new[]
            {
                ("Left aileron", "down"),
                ("Right aileron", "up"),
                ("Left aileron lower", "down"),
                ("Right aileron lower", "up"),
            }
        )
        {
            t.Press(moved, surface);
        }

        t.Act("Record what moved").See("Reverse roll in the stabiliser, not in the radio");
        t.Act("Reversed in the stabiliser, look again").See("normal when this was shown, reversed now");
        t.Act("As the picture shows").See("Push its nose down: what moved?");
        t.Until(
            () =>
                application.Job(id).State.Bind.Stabiliser.Calls["roll"].Seen["aileron-left"] == Core.Sheets.Movement.Up,
            "it was seen right"
        );
        Assert.Contains(application.Job(id).Journal, e => e.Body is StabiliserReversed);
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_switch_shared_by_cut_and_gear_is_named_and_parted()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0154/bind").ToBind();
        t.Look(
            ("Propeller", "off"),
            ("Motor wires", "on"),
            ("Transmitter", "on, cut set"),
            ("Flight pack", "in bay"),
            ("Stabiliser", "off")
        );
        t.Room("Cut").Fill("the switch it is on", "left switch, away").Press("Begin: try the cut");
        t.PackOn().Press("Every shaft stood still").See("Tried with the shafts bare");
        t.Room("Switches").Press("gear").See("Which switch is gear?");
        t.Fill("as it is marked on the transmitter", "left switch").Press("Put gear there");
        t.See("Never so.").See("throttle cut and gear");
        LedgerLine Line(string line) =>
            Ledger.Of(application.Job("J-0154").State, application.Clock.GetUtcNow()).Single(l => l.Id == line);
        t.Until(() => Line("switch/throttle cut").Standing == Standing.NotMet, "the cut is not met");
        t.Press("gear").Fill("as it is marked on the transmitter", "right switch").Press("Put gear there");
        t.DoNotSee("Never so.");
        t.Until(() => Line("switch/throttle cut").Standing == Standing.Met, "the cut has its own");
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_card_is_ticked_by_keyboard_and_what_the_ready_memory_had_otherwise_is_kept_with_a_reason()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0149/bind").Until(() => t.Browser.FindElements(By.Id("tab-card")).Count > 0, "Bind is open");
        t.Room("Card").See("0 of ");
        for (var i = 1; i <= 3; i++)
        {
            t.Listening().Reach("Keyed as it stands here", Keys.Enter).See($"{i} of ");
        }

        // Walked to with the arrow key; there the ready memory had something else.
        t.Press("Aileron, high", "Set-up card").See("Aileron, high");
        t.Reach("what the ready memory has", "5 %").Reach("or it stays so, because", "the owner's own");
        t.Reach("It stays so", Keys.Enter).See("is 5 %");
        var kept = application.Job("J-0149").State.Bind.Keyed.Values.Single(k => k.Reason.Length > 0);
        Assert.Equal(("5 %", "the owner's own"), (kept.Value, kept.Reason));
        Assert.Empty(t.Complaints());
    }
}
