using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>Which way everything goes, from the first wrong answer to the last right one.</summary>
public sealed class EveryWay
{
    [Fact]
    public async Task Elevons_that_go_wrong_are_right_after_one_round_of_taps_and_one_line_of_settings()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        var id = FullJob.Receive(t);
        t.ToBind().Room("Bound").Fill("model memory", "WETHER").Press("It is bound");
        t.Look(("Wires of the fan", "off"), ("Transmitter", "on, cut set"), ("Flight pack", "connected"));
        t.See("Which memory").Room("Directions").See("Aileron stick right");

        // One stick alone leaves two set-ups; the second tells which.
        t.Press("up", "Left elevon").Press("up", "Right elevon").Act("Record what moved");
        t.See("Call elevator too").Press("Direction of elevator").See("Elevator stick back: what moved?");
        t.Press("up", "Left elevon").Press("down", "Right elevon").Act("Record what moved");
        t.See("Swap the plugs of left elevon and right elevon, reverse channel").See("of 8 set-ups");

        // No plug is moved under power: the pack is looked at before it counts.
        t.Act("Set as said, look again")
            .Look(("Flight pack", "in bay"))
            .See("normal when this was shown, reversed now");
        t.DoNotSee("Set as said, look again").Act("As the picture shows").Look(("Flight pack", "connected"));
        t.See("Elevator stick back: what moved?").Act("As the picture shows");
        Standing Of(string line) =>
            Ledger.Of(application.Job(id).State, application.Clock.GetUtcNow()).Single(l => l.Id == line).Standing;
        t.Until(
            () => (Of("direction/aileron"), Of("direction/elevator")) == (Standing.Met, Standing.Met),
            "both sticks were seen right"
        );
        Assert.Contains(application.Job(id).Journal, e => e.Body is PlugsSwapped);
        Assert.Contains(application.Job(id).Journal, e => e.Body is Reversed);
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_surface_that_moves_with_the_wrong_stick_is_said_and_what_is_mixed_wrongly_is_named()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0147/bind").Room("Directions").See("Direction of rudder");
        FullJob.Power(t, "Propeller");
        t.Press("Direction of rudder").See("Rudder stick right").Press("something else moved too");
        t.Press("right", "Rudder").Press("up", "Left elevator").Act("Record what moved");
        t.See("and left elevator up").See("moves with it too");
        t.Until(
            () => application.Job("J-0147").State.Bind.Directions["rudder"].Seen["elevator-left"] == Movement.Up,
            "it is in the journal"
        );
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task It_does_not_bind_and_the_causes_come_in_their_usual_order()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        FullJob.Receive(t);
        t.ToBind().Room("Bound").Press("it does not bind").See("Transmitter too near");
        t.Press("not that").See("Plug in the wrong port").Press("not that").See("short of volts?");
        t.Fill("model memory", "WETHER").Press("It is bound");
        t.Look(("Wires of the fan", "off"), ("Transmitter", "on, cut set"), ("Flight pack", "connected"));
        t.See("Which memory").Fill("name on its screen", "MERLE").Press("Read off");
        t.See("Another memory is another aircraft");
        t.Fill("name on its screen", "wether").Press("Read off").See("It is the one that was bound.");
        Assert.Empty(t.Complaints());
    }
}
