using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Check;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>The field card on a phone, with a network and without, and the shop's own flight.</summary>
public sealed class Outdoors
{
    [Fact]
    public async Task The_field_card_is_filled_without_network_after_a_reload_and_sent_in_order_later()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url, 390, 844).SignIn();
        CheckState Check() => application.Job("J-0146").State.Check;
        t.Go("/field/J-0146").See("0 of 5 done");
        t.Until(
            () => t.Execute<bool>("return !!navigator.serviceWorker.controller"),
            "the card is kept for when there is no network"
        );
        await application.Stop();
        t.Browser.Navigate().Refresh();
        t.See("0 of 5 done").See("No network").Press("Go on with 1").See("First: the pack is");

        // What is not safe is said at once, and what is seen under it would not count.
        t.Press("connected").See("Pack off before hands are at it.").Press("Done: say it anew").Press("not connected");
        t.Press("Holds").See("1 waiting to send").Press("Next: call-out after the wing");
        t.Press("propeller or wires off").Press("on, throttle low, cut set").Press("connected").See("Pack connected");
        t.Press("All move").See("2 waiting to send").Press("Next: range, motor off");
        t.See("Walk 30 m, power reduced").Press("Glitches").See("3 waiting to send").See("Walk back, pack off first.");
        t.Press("Done: try again").Press("Holds").See("4 waiting to send").Press("Next: range, motor running");

        // Made ready, and nobody at it: kept, and it shows nothing.
        t.See("Propeller and wires on, pack off first; then held.").Press("could turn, nobody holds it");
        t.Press("on, the throttle answers").Press("connected").See("somebody holds it, disc and plane clear");
        t.Press("Holds").See("5 waiting to send").See("It does not count.").See("Done: try again");
        t.Press("‹").See("3 of 5 done").See("waiting to send; does not count");

        await application.Begin();
        t.Until(() => Check().Field.Count == 4, "all are sent");
        t.See("All sent");
        Assert.Equal(
            ["wings", "called", "range", "range", "range-motor"],
            application.Job("J-0146").Journal.Select(e => e.Body).OfType<FieldSeen>().Select(f => f.Item)
        );
        Assert.True(Check().Range is { Held.Holds: true });
        Assert.Null(Check().RangeWithMotor);
        t.Go("/field/J-0146").See("3 of 5 done").See("does not count");

        // What this phone keeps of the job goes with whoever kept it.
        Assert.Equal(1, Kept(t));
        t.Press("Sign out").See("Choose your strip of tape");
        Assert.Equal(0, Kept(t));
    }

    private static long Kept(Technician t) =>
        (long)
            t.Browser.ExecuteAsyncScript(
                """
                const done = arguments[0], open = indexedDB.open('zygotome-field');
                open.onsuccess = () => {
                  const count = open.result.transaction('trips').objectStore('trips').count();
                  count.onsuccess = () => (open.result.close(), done(count.result));
                };
                """
            )!;

    [Fact]
    public async Task A_flight_by_the_shop_is_answered_with_what_to_turn_and_what_to_move()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        Fly(t, application.Job("J-0144").State.Seq);
        t.Go("/jobs/J-0144/check")
            .Until(() => t.Browser.FindElements(By.Id("tab-outdoors")).Count > 0, "Check is open");
        t.Room("Outdoors", "Check")
            .See("Test flight by the shop")
            .Press("pulls up", "Dive, power off")
            .Press("straight", "Stall");
        t.Fill("Rudder, trimmed", "2 mm left").Press("Record the flight");
        t.See("Nose-heavy: the centre goes aft.").See("Rudder: clevis").See("Measure neutral and throws again");
        var ledger = Ledger.Of(application.Job("J-0144").State, application.Clock.GetUtcNow());
        Assert.Equal(Standing.NotMet, ledger.Single(l => l.Id == "check/flown").Standing);
        Assert.Equal(Standing.Stale, ledger.Single(l => l.Id == "throw/rudder/rudder/high/right").Standing);
        Assert.Empty(t.Complaints());
    }

    // Chosen at the counter; its list of schools has flows of its own.
    private static void Fly(Technician t, long seq) =>
        Assert.Equal(
            200L,
            t.Browser.ExecuteAsyncScript(
                """
                const [school, seq, done] = arguments, now = new Date().toISOString();
                fetch('/api/jobs/J-0144/entries', {
                  method: 'POST',
                  headers: { 'Content-Type': 'application/json' },
                  body: JSON.stringify({
                    look: 'l',
                    sentAt: now,
                    entries: [{
                      entryId: crypto.randomUUID(),
                      type: 'receive/school',
                      body: { school, option: 'shop', reason: 'asked for' },
                      observedAt: now,
                      expectedSeq: seq,
                    }],
                  }),
                }).then((r) => done(r.status));
                """,
                Schools.TestFlight,
                seq
            )
        );
}
