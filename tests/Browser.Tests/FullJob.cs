using Xunit;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>One aircraft from the box to the signed record, through the real interface.</summary>
public sealed class FullJob
{
    [Fact]
    public async Task A_delta_goes_from_receive_to_a_sealed_record()
    {
        await using var application = await Application.Start();
        using var technician = new Technician(application.Url).SignIn();
        var id = Receive(technician);

        Unpack(technician, application, id);
        Build(technician, application, id);
        Bind(technician);
        Throws(technician);
        technician.Switched().CalledOut();
        Balance(technician);
        Airflow(technician);
        Check(technician);

        // The lead that was moved for binding is looked at again in its own port.
        technician.Stage("Wire").See("2 of 3 leads in").Act("Looked at again").See("3 of 3 leads in");
        technician
            .Whole()
            .Stage("Hand over")
            .See("Everything is shown")
            .Act("Release")
            .See("Released")
            .See("Sealed as");
        var release = application.Job(id).State.Release!;
        var pdf = application.Blob(release.PdfHash)!;
        Assert.Equal("%PDF"u8.ToArray(), pdf.Bytes[..4]);
        Assert.All(release.Ledger, line => Assert.False(line.Open, line.Id));

        // After release the sealed stages take nothing more.
        technician.Stage("Throws");
        technician.Until(
            () => !technician.Find(OpenQA.Selenium.By.CssSelector("button[data-act]")).Enabled,
            "nothing can be recorded"
        );
        technician.Stage("Hand over").Press("accepted").See("Accepted by the owner");
        Assert.Empty(technician.Complaints());
    }

    /// <summary>Takes a delta in at the counter and returns its job.</summary>
    internal static string Receive(Technician t)
    {
        t.Press("Receive a kit")
            .See("spec sheet")
            .Press("Skerrow 64")
            .Press("A new customer")
            .Fill("name", "N. Wether");
        t.Press("Packs")
            .Fill("mass on the scale", "262")
            .Fill("length", "190")
            .Fill("width", "34")
            .Fill("height", "30")
            .Fill("capacity", "2400");
        t.See("Does not fit").See("20 mm too long");
        t.Fill("length", "105").See("Balances").See("The receiver has the ports.");
        t.Act("Take it in").See("Outside of the box").See("not measured yet");
        t.Fill("Volts of pack 1", "4.1 4.1 4.1 4.1").Press("pack 1: measured").See("4.1, 4.1, 4.1, 4.1 V");
        return t.Browser.Url.Split('/')[^2];
    }

    private static void Unpack(Technician t, Application application, string id)
    {
        t.Stage("Unpack");
        foreach (var paper in new[] { "manual", "throws", "balance", "parts list" })
        {
            t.Act($"Found: {paper}");
        }

        t.Act("Bag A: all here").Act("Bag B: all here").See("22 to go");
        Walk(t);

        // A crack placed by tapping the drawing, graded by the rule before anything is recorded.
        TapPart(t, "wing-left");
        t.See("What is wrong here?")
            .Press("crack", "kind")
            .Fill("Longest extent, mm", "18")
            .See("structural")
            .See("S1");
        t.Press("Record the finding").See("Nothing decided yet.");
        t.Press("repair", "Finding F1")
            .Fill("How it was repaired", "Contact glue under tape")
            .Fill("Glue", "foam-safe contact")
            .Press("Repaired", "Finding F1")
            .See("not re-inspected yet");
        t.Press("looked again: sound", "Finding F1").See("still curing").Press("Close");
        t.Wait(application, TimeSpan.FromMinutes(20))
            .Press("looked again: sound", "Finding F1")
            .See("somebody other than R. Vane must inspect the repair")
            .Press("Close");
        using var lead = t.Another("I. Thorne");
        lead.Go($"/jobs/{id}/unpack?room=findings").Press("looked again: sound", "Finding F1").See("cleared");
        t.See("cleared");
    }

    /// <summary>Answers every place of the walk that is still open: sound.</summary>
    internal static void Walk(Technician t)
    {
        string Act() => t.Find(OpenQA.Selenium.By.CssSelector("button[data-act]")).Text.Split('\n')[0].Trim();
        bool Asks() => Act().EndsWith(": sound", StringComparison.Ordinal);
        bool Done() => !t.Text.Contains("to go", StringComparison.Ordinal);

        // Right after what was recorded last, the act on the screen may still be that one's.
        while (true)
        {
            t.Until(() => Asks() || Done(), "the walk asks for a place, or is done");
            if (Done())
            {
                return;
            }

            var act = Act();
            t.Act(act).Until(() => Act() != act, "the next place");
        }
    }

    private static void Build(Technician t, Application application, string id)
    {
        t.Stage("Build");
        foreach (
            var (step, bond) in new[]
            {
                ("Lay everything out and read the manual once", false),
                ("Clear the intake and turn the fan by hand", false),
                ("Try the spar dry", false),
                ("Lay both leads in their grooves", false),
                ("Glue the spar into both wings", true),
                ("Try both fins dry", false),
                ("Glue both fins", true),
                ("Stand every servo at centre", false),
                ("Elevon pushrods", false),
                ("Slide every keeper over its clevis", false),
                ("Hatch and latch", false),
            }
        )
        {
            // Foam on foam flexes: epoxy there is refused, and another is taken.
            var glue = step == "Glue both fins" ? "foam-safe contact" : "slow epoxy";
            if (step == "Glue both fins")
            {
                t.See(step).Press(step, "Steps").Act("Start").Answer();
                t.Fill("adhesive used", "slow epoxy").Fill("bench, °C", "20").See("harms this joint");
                t.Act("Mixed").See("Take another; where it was used").Press("Close");
                t.Finish(application, step, glue);
            }
            else
            {
                t.Work(application, step, bond ? glue : "");
            }

            if (bond)
            {
                t.Press("show", "Steps").Press(step, "Steps").See("handle in").See(glue).Press("fold", "Steps");

                // The night is longer than a sign-in lasts.
                t.Wait(application, TimeSpan.FromHours(14)).See("Changed for now");
                t.Press($"handle now {id}");
                t.Until(
                    () =>
                        t.Browser.FindElements(
                            OpenQA.Selenium.By.XPath($"//button[starts-with(normalize-space(.), 'handle now {id}')]")
                        ).Count == 0,
                    "its bead rests"
                );
            }
        }

        t.Stage("Wire");
        foreach (var step in new[] { "Bed the receiver and lead its aerials", "Plug the receiver" })
        {
            t.Work(application, step);
        }

        t.See("2 of 2 steps done");
        t.Wired();
    }

    /// <summary>Isolated, transmitter on, pack connected: one look. By default a fan's wires off.</summary>
    internal static void Power(Technician t, string lamp = "Wires of the fan", string isolated = "off")
    {
        t.Look((lamp, isolated), ("Transmitter", "on, cut set"), ("Flight pack", "connected"));
        t.Until(
            () =>
                t.Find(OpenQA.Selenium.By.CssSelector("[data-lamp=pack]"))
                    .Text.Contains("connected", StringComparison.Ordinal),
            "the pack is connected"
        );
    }

    internal static void Failsafe(Technician t) =>
        t.Press("Begin the failsafe look")
            .See("The pack stays connected. Switch the transmitter off")
            .Press("Transmitter is off")
            .Press("As declared")
            .See("Transmitter on, throttle low, cut set; or the pack off.")
            .Press("Transmitter on, cut set")
            .DoNotSee("or the pack off.");

    private static void Bind(Technician t)
    {
        t.ToBind().Room("Bound").Fill("model memory", "WETHER 1");

        // What was typed waits for the look. Connecting before the motor is isolated is refused there, and says what to
        // do.
        t.Press("It is bound").See("Look, and say how it is: fan's wires, transmitter, flight pack.");
        t.Look(("Wires of the fan", "on"), ("Transmitter", "on, cut set"), ("Flight pack", "connected"))
            .See("The fan can turn: take its wires off first.");
        t.Look(("Wires of the fan", "off")).See("Which memory does the transmitter show?");
        t.Compared("WETHER 1").Room("Failsafe");
        Failsafe(t);
        t.Room("Directions")
            .See("Aileron stick right")
            .Act("As the picture shows")
            .See("Elevator stick back")
            .Act("As the picture shows")
            .See("On to: cut");

        // A lead moved for binding is an open loop until it is changed back; what it touched is answered again.
        t.Stage("Build")
            .Fill("what is changed, or lost", "a lead moved for binding")
            .Fill("lead moved for binding", "throttle")
            .Press("moved for now")
            .See("Throttle lead moved for binding");
        t.Stage("Hand over").See("Throttle lead moved for binding");
        t.Stage("Build").Press("changed back").DoNotSee("holds up release");
        t.Stage("Bind").Room("Failsafe").See("Begin the failsafe look");
        Failsafe(t);
        t.Room("Motors").See("Motor direction above");
    }

    // A fan shows its direction by the air it moves, once its wires are joined, and somebody holds it.
    private static void Airflow(Technician t)
    {
        // First that the cut holds it, whatever the stick says.
        t.Stage("Bind")
            .Room("Cut")
            .Fill("the switch it is on", "left switch, away")
            .Press("Begin: try the cut")
            .Press("The aircraft is tied down or held")
            .Press("Disc and plane are clear")
            .Fill("second person", "I. Thorne")
            .Press("Begin: throttle cut")
            .PackOn()
            .Press("Every shaft stood still")
            .See("Tried with the shafts bare");
        t.Look(("Flight pack", "in bay"))
            .Room("Motors")
            .Press("Begin: feel the airflow")
            .Press("The aircraft is tied down or held")
            .Press("Disc and plane are clear")
            .Fill("second person", "I. Thorne")
            .Press("Begin: motor direction")
            .PackOn()
            .Press("Throttle is live")
            .Press("as it should")
            .See("Throttle low, cut set, before anything else.")
            .Press("Transmitter on, cut set")
            .See("Now the pack off")
            .Press("The pack is off")
            .DoNotSee("Now the pack off")
            .Carded()
            .See("All of Bind is shown");
    }

    private static void Throws(Technician t)
    {
        t.Stage("Throws");
        t.See("Left elevon (aileron), up");
        Type(t, "13");
        t.See("Left elevon (aileron), up: 13 mm");

        // Out of band: the next setting is advised; set and measured again it is in.
        Choose(t, "Left elevon (aileron), down", "high");
        Type(t, "17.5");
        t.See("3.5 mm too much").See("73 %").Press("It is set").See("measure again");
        Type(t, "13.1");
        foreach (
            var (name, rate, value) in new[]
            {
                ("Right elevon (aileron), up", "high", "13.2"),
                ("Right elevon (aileron), down", "high", "1/2"),
                ("Left elevon (elevator), up", "high", "14"),
                ("Left elevon (elevator), down", "high", "10.5"),
                ("Right elevon (elevator), up", "high", "14.2"),
                ("Right elevon (elevator), down", "high", "10,5"),
                ("Left elevon (combined), up", "high", "24"),
                ("Right elevon (combined), up", "high", "23.6"),
                ("Left elevon (aileron), up", "low", "9"),
                ("Left elevon (aileron), down", "low", "9"),
                ("Right elevon (aileron), up", "low", "9.1"),
                ("Right elevon (aileron), down", "low", "9"),
                ("Left elevon (elevator), up", "low", "9"),
                ("Left elevon (elevator), down", "low", "7"),
                ("Right elevon (elevator), up", "low", "9"),
                ("Right elevon (elevator), down", "low", "7.2"),
            }
        )
        {
            Choose(t, name, rate);
            Type(t, value);
            t.See($"{name}: {value}");
        }

        foreach (var side in new[] { "Left", "Right" })
        {
            t.Fill($"{side} elevon, neutral (up is +), mm", "2" + OpenQA.Selenium.Keys.Enter);
        }

        Free(t);
    }

    /// <summary>Both surfaces of a tailless one move freely.</summary>
    internal static void Free(Technician t)
    {
        foreach (
            var free in t
                .Browser.FindElements(OpenQA.Selenium.By.XPath("//button[normalize-space(.)='free']"))
                .Select((_, i) => i)
                .ToArray()
        )
        {
            t.Find(OpenQA.Selenium.By.XPath($"(//button[normalize-space(.)='free'])[{free + 1}]")).Click();
        }

        t.Until(
            () =>
                t.Browser.FindElements(
                    OpenQA.Selenium.By.XPath("//button[normalize-space(.)='free' and @aria-pressed='true']")
                ).Count == 2,
            "both move freely"
        );
    }

    private static void Balance(Technician t)
    {
        t.Look(("Flight pack", "in bay")).See("in bay");
        t.Stage("Balance").Press("start", "Before weighing").Press("done", "Before weighing").DoNotSee("waits for");
        t.Press("start", "Before weighing").Press("done", "Before weighing");

        // 985 g at 151: too far forward. The advice moves the pack; done and weighed again it lands in the band.
        Weigh(t, "610", "187.5", "187.5", "-48");
        t.See("Move the pack").See("aft: its front");
        t.Press("the pack is moved").See("Weigh again");
        Weigh(t, "551", "217", "217", null);
        t.See("It lies in the target band");
    }

    private static void Weigh(Technician t, string a, string b, string c, string? front)
    {
        (string X, string Y, string Reads)[] supports = [("60", "0", a), ("300", "-150", b), ("300", "150", c)];
        for (var i = 0; i < 3; i++)
        {
            t.Fill($"Support {i + 1}, x", supports[i].X)
                .Fill($"Support {i + 1}, y", supports[i].Y)
                .Fill($"Support {i + 1}, grams", supports[i].Reads);
        }

        if (front is not null)
        {
            t.Fill("front of the pack, mm", front);
        }

        t.Act("Record the weighing");
    }

    private static void Check(Technician t)
    {
        t.Stage("Check")
            .Room("Steps", "Check")
            .Press("Hatch, latch, screws and leads pulled", "Steps")
            .Act("Start")
            .Act("Done")
            .See("1 of 1 steps done")
            .LookedOver();
    }

    internal static void TapPart(Technician t, string part) =>
        t.Execute<object>(
            $$"""
            const path = document.querySelector('main svg path.part[data-part="{{part}}"]');
            const box = path.getBoundingClientRect();
            const at = { clientX: box.left + box.width * 0.6, clientY: box.top + box.height * 0.7 };
            path.dispatchEvent(new PointerEvent('pointerup', { bubbles: true, ...at }));
            """
        );

    internal static void Choose(Technician t, string name, string rate)
    {
        t.Until(
            () =>
                t.Find(
                        OpenQA.Selenium.By.XPath(
                            $"//*[@aria-label='Rate']//button[starts-with(normalize-space(.), '{rate} rate')]"
                        )
                    )
                    .GetAttribute("aria-checked") == "true"
                || Click(t, rate),
            $"{rate} rate"
        );
        t.Find(OpenQA.Selenium.By.XPath($"//*[@aria-label='All throws']//button[starts-with(@aria-label, '{name},')]"))
            .Click();
        t.Until(
            () => t.Find(OpenQA.Selenium.By.XPath("//*[@data-region='now']//h2")).Text == name,
            $"{name} is the one now"
        );
    }

    private static bool Click(Technician t, string rate)
    {
        t.Press($"{rate} rate", "Rate");
        return false;
    }

    internal static void Type(Technician t, string value)
    {
        var entry = t.Find(OpenQA.Selenium.By.Id("reading"));
        entry.SendKeys(OpenQA.Selenium.Keys.Control + "a");
        entry.SendKeys(value);
        t.Listening();
        entry.SendKeys(OpenQA.Selenium.Keys.Enter);
        t.Until(() => t.Find(OpenQA.Selenium.By.Id("reading")).GetAttribute("value") == "", $"{value} is recorded");
    }
}
