using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>
/// Hands quicker than the network, a network that is away, a sign-in that runs out in the middle of a word, a reload by
/// mistake.
/// </summary>
public sealed class NothingIsLost
{
    private const string Pin = "PIN";

    private static Technician AtTheLatch(Technician t) =>
        t.Go("/jobs/J-0152/unpack?room=parts").See("Hatch latch").Press("Hatch latch");

    [Fact]
    public async Task What_is_counted_while_the_network_is_away_waits_on_the_device_and_is_sent_once()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        AtTheLatch(t);
        t.Offline(true);
        t.Press("One Hatch latch more").See("1 waiting to send");
        Assert.Equal(0, application.Job("J-0152").State.Unpack.CountOf("hatch-latch"));
        t.Offline(false);
        t.See("+1 Hatch latch").DoNotSee("waiting to send");
        Assert.Equal(1, application.Job("J-0152").State.Unpack.CountOf("hatch-latch"));
    }

    [Fact]
    public async Task What_waits_is_sent_in_the_order_it_was_seen_and_nothing_recorded_later_overtakes_it()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        AtTheLatch(t);
        t.Offline(true);
        t.Press("One Hatch latch more").See("1 waiting to send");
        t.Press("One Hatch latch more").See("2 waiting to send");

        // The next is recorded before the page has noticed that the network is back.
        t.SlowNetwork(TimeSpan.FromMilliseconds(400));
        t.Press("One Hatch latch more").DoNotSee("waiting to send");
        t.Until(() => application.Job("J-0152").State.Unpack.CountOf("hatch-latch") == 3, "all three are counted");
        var seen = application.Job("J-0152").Journal.Where(e => e.Body is Counted).Select(e => e.ObservedAt).ToArray();
        Assert.Equal(seen.Order(), seen);
    }

    [Fact]
    public async Task What_was_refused_later_stays_to_be_mended_holds_back_what_follows_it_and_no_other_job()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        int Latches() => application.Job("J-0152").State.Unpack.CountOf("hatch-latch");
        AtTheLatch(t);
        t.Offline(true);
        var field = t.Find(By.CssSelector("[aria-label='Several at once']"));
        field.SendKeys("2500" + Keys.Enter);
        t.See("1 waiting to send").Press("One Hatch latch more").See("2 waiting to send");
        t.Offline(false);
        t.See("Not taken:").See("+2500 Hatch latch").See("1 waiting to send");
        Assert.Equal(0, Latches());

        // Another job goes on.
        t.Go("/jobs/J-0154/unpack?room=parts").See("Bag B").Press("Bag B").Press("Machine screw 2 × 8 mm");
        t.Press("One Machine screw 2 × 8 mm more").See("R. Vane: +1 Machine screw 2 × 8 mm");

        // It is still there after a reload, and a decision waits for it as everything does.
        t.Browser.Navigate().Refresh();
        t.See("Not taken:").Press("Look").See("A count of 2500 at once is not possible.");
        t.Fill("what was meant", "2").Press("Send again").DoNotSee("Not taken:").DoNotSee("waiting to send");
        t.Until(() => Latches() == 3, "the mended one and the one behind it are counted");
        Assert.Equal(
            [2, 1],
            application
                .Job("J-0152")
                .Journal.Select(e => e.Body)
                .OfType<Counted>()
                .Where(c => c.Part == "hatch-latch")
                .Select(c => c.Delta)
        );
    }

    [Fact]
    public async Task What_was_refused_later_is_let_go_only_by_saying_so_twice()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        AtTheLatch(t);
        t.Offline(true);
        t.Find(By.CssSelector("[aria-label='Several at once']")).SendKeys("2500" + Keys.Enter);
        t.See("1 waiting to send").Press("One Hatch latch more").See("2 waiting to send");
        t.Offline(false);
        t.See("Not taken:").Press("Look").Press("Let it go").See("It is then recorded nowhere.").Press("Keep it");
        t.Press("Let it go").Press("Let it go for good").DoNotSee("Not taken:").DoNotSee("waiting to send");
        t.Until(() => application.Job("J-0152").State.Unpack.CountOf("hatch-latch") == 1, "what followed is counted");
    }

    /// <summary>The server said that it cannot: that is an answer, and not a network that is away.</summary>
    [Fact]
    public async Task A_job_that_the_server_cannot_read_answers_and_holds_up_no_other()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0154/unpack?room=parts").See("Bag B").Press("Bag B").Press("Machine screw 2 × 8 mm");
        t.Offline(true);
        t.Press("One Machine screw 2 × 8 mm more").See("1 waiting to send");
        using (var connection = application.PastTheProgram())
        {
            using var command = connection.CreateCommand();
            command.CommandText =
                "INSERT INTO journal SELECT 9999, 'J-0154', 999, 'broken', x'00', hash, shop_hash FROM journal LIMIT 1";
            command.ExecuteNonQuery();
        }

        var port = new Uri(application.Url).Port;
        await application.Restart(o => o with { Port = port });
        t.Offline(false);
        t.See("Not taken:").Press("Look").See("cannot be read").Press("Close");
        AtTheLatch(t);
        t.Press("One Hatch latch more").See("R. Vane: +1 Hatch latch");
    }

    [Fact]
    public async Task What_is_typed_faster_than_the_network_is_counted_for_the_part_in_hand()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0154/unpack?room=parts").See("Bag B").Press("Bag B").See("Machine screw 2 × 8 mm");
        int Of(string part) => application.Job("J-0154").State.Unpack.CountOf(part);
        var bag = application.Job("J-0154").State.Sheet.Parts.Where(p => p.Bag == "B").Take(2).ToList();
        t.SlowNetwork(TimeSpan.FromSeconds(1));
        var field = t.Find(By.CssSelector("[aria-label='Several at once']"));
        field.SendKeys($"{bag[0].Quantity}" + Keys.Enter);
        field.SendKeys("1" + Keys.Enter);
        t.SlowNetwork(TimeSpan.Zero);
        t.Until(() => Of(bag[0].Id) + Of(bag[1].Id) == bag[0].Quantity + 1, "both counts are in");
        Assert.Equal((bag[0].Quantity, 1), (Of(bag[0].Id), Of(bag[1].Id)));
    }

    [Fact]
    public async Task A_sign_in_that_ran_out_asks_for_the_pin_over_what_was_typed_and_sends_what_waits()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        AtTheLatch(t).Fill("something in the box that is on no list", "A spare canopy");
        application.Clock.Advance(TimeSpan.FromHours(13));
        t.Press("One Hatch latch more").See("Your sign-in ran out, R. Vane");
        t.Fill(Pin, "1111").Press("Go on").See("That PIN is not right.");
        t.Fill(Pin, "2468").Press("Go on").DoNotSee("Your sign-in ran out").See("+1 Hatch latch");
        Assert.Equal(1, application.Job("J-0152").State.Unpack.CountOf("hatch-latch"));
        t.Press("extra").See("A spare canopy, on no list");
    }

    [Fact]
    public async Task After_a_sign_in_that_ran_out_somebody_else_records_under_their_own_name_and_what_waits_waits_for_its_person()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        AtTheLatch(t);
        application.Clock.Advance(TimeSpan.FromHours(13));
        t.Press("One Hatch latch more")
            .See("Your sign-in ran out, R. Vane")
            .Press("somebody else is here now")
            .SignIn("I. Thorne");
        AtTheLatch(t.See("1 waiting to send")).Press("One Hatch latch more").See("I. Thorne: +1 Hatch latch");
        Assert.Equal(1, application.Job("J-0152").State.Unpack.CountOf("hatch-latch"));
        t.Execute<object>("fetch('/api/sign-out', { method: 'POST' })");
        t.SignIn("R. Vane")
            .Go("/jobs/J-0152/unpack?room=parts")
            .See("R. Vane: +1 Hatch latch")
            .DoNotSee("waiting to send");
        Assert.Equal(2, application.Job("J-0152").State.Unpack.CountOf("hatch-latch"));
    }

    [Fact]
    public async Task What_was_typed_at_the_counter_outlives_a_reload_and_a_sign_in_that_ran_out()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/new").See("which kit is it?").Press("Plimsey 1400").Press("A. Quill");
        t.Press("Packs").Fill("mass on the scale", "286").Fill("length", "118").Fill("width", "36");
        t.Browser.Navigate().Refresh();
        t.See("Plimsey 1400, trainer").Press("Packs").Fill("height", "30").Fill("capacity", "2700").See("Balances");
        application.Clock.Advance(TimeSpan.FromHours(13));
        t.Act("Take it in")
            .See("Your sign-in ran out")
            .Fill(Pin, "2468")
            .Press("Go on")
            .DoNotSee("Your sign-in ran out");
        t.Act("Take it in").See("Outside of the box");
        Assert.Equal("286 g", application.Job(t.Browser.Url.Split('/')[^2]).State.Receive.Battery!.Mass.Text);
        t.Go("/jobs/new").See("which kit is it?").Press("Packs").See("not yet");

        // What was said of one kit is not left standing over the next.
        t.Press("Kit, owner")
            .Press("Plimsey 1400")
            .Press("Packs")
            .Fill("mass on the scale", "286")
            .Fill("length", "118")
            .Fill("width", "36")
            .Fill("height", "30")
            .Fill("capacity", "2700")
            .See("Balances");
        t.Press("begin again").See("which kit is it?").DoNotSee("Balances");
    }

    [Fact]
    public async Task A_picture_is_taken_through_the_devices_camera()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0150/unpack?room=findings")
            .See("F1")
            .Press("Camera: finding F1")
            .Press("Take a picture")
            .See("1 taken")
            .Press("Take another")
            .See("2 taken")
            .Press("Close");
        t.Until(() => application.Job("J-0150").State.Unpack.Findings[0].Photos.Count == 2, "two pictures are kept");
        t.Until(
            () =>
                t.Execute<bool>(
                    "const p = document.querySelector('[aria-label=\"finding F1, picture 2\"] img'); return !!p && "
                        + "p.complete && p.naturalWidth > 0"
                ),
            "their thumbnails show"
        );
        t.Press("finding F1, picture 2").See("Close").Press("Close").DoNotSee("Close");
        Assert.Empty(t.Complaints());
    }
}
