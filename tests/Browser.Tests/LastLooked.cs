using OpenQA.Selenium;

namespace Zygotome.Browser.Tests;

/// <summary>The last look, as a patient hand does it on the screen.</summary>
internal static class LastLooked
{
    /// <summary>Isolated and under power: everything called out in one run, then walked away from, the motor off.</summary>
    public static Technician CalledOut(this Technician t)
    {
        t.Stage("Check").Until(() => t.Browser.FindElements(By.Id("tab-run")).Count > 0, "Check is open");
        t.Room("Run", "Check");
        While(t, "As expected");
        return t.See("The line is closed").Room("Outdoors", "Check").Press("Range, motor off: holds").See("holds at");
    }

    /// <summary>As it flies, unpowered: every place looked at, then full power and the trip, held by a second
    /// person.</summary>
    public static Technician LookedOver(this Technician t)
    {
        t.Stage("Check").Until(() => t.Browser.FindElements(By.Id("tab-airframe")).Count > 0, "Check is open");
        t.Room("Airframe", "Check");
        While(t, "Yes, it is so");
        t.Room("Propeller", "Check");
        Propeller(t);
        t.Room("Full power", "Check");
        Held(t, "Begin: full-power run", "Begin: full-power run").Press("Full stick");
        t.Fill("amperes, the most", Amps(t)).Fill("volts, the least", Volts(t)).Fill("or seconds", "8");
        Low(t.Act("Record the run"));
        t.Room("Outdoors", "Check");
        Held(t, "Begin: range with the motor", "Begin: range with the motor running").Press("Throttle is live");
        Low(t.Press("Range, motor running: holds"));
        if (t.Browser.FindElements(By.XPath("//section[@aria-label='Taxi']")).Count > 0)
        {
            Held(t, "Begin: taxi", "Begin: taxi").Press("Throttle is live");
            Low(t.Press("Straight, steers, stops"));
        }

        if (t.Text.Contains("Call-out after the wing", StringComparison.Ordinal))
        {
            CalledOutdoors(t);
        }

        return t.DoNotSee("Not yet");
    }

    // On the field card, which needs no lamp: what was connected and on is said with the answer.
    private static void CalledOutdoors(Technician t)
    {
        t.Press("Field card").See("Call-out after the wing").Press("2").Press("propeller or wires off");
        t.Press("on, throttle low, cut set").Press("connected").Press("All move").See("All sent");
        t.Press("‹").Press("Back to Check").Room("Outdoors", "Check");
    }

    // Bore and shaft are measured, whatever else is answered.
    private static void Propeller(Technician t)
    {
        While(
            t,
            "Measured",
            "Yes, it is so",
            () =>
            {
                foreach (
                    var field in t.Browser.FindElements(
                        By.CssSelector("section[aria-label=Look] input[inputmode=decimal]")
                    )
                )
                {
                    if (field.Displayed && string.IsNullOrEmpty(field.GetAttribute("value")))
                    {
                        field.SendKeys("6");
                    }
                }
            }
        );
    }

    /// <summary>Half of the tightest limit that stands on the screen.</summary>
    private static string Amps(Technician t) => Limit(t, "at most ", 0.5);

    /// <summary>A little more than the least that stands on the screen.</summary>
    private static string Volts(Technician t) => Limit(t, "at least ", 1.05);

    private static string Limit(Technician t, string start, double share)
    {
        var least = double.MaxValue;
        foreach (var limit in t.Browser.FindElements(By.CssSelector("ul[aria-label=Limits] li")))
        {
            if (limit.Text.StartsWith(start, StringComparison.Ordinal))
            {
                least = Math.Min(least, double.Parse(limit.Text[start.Length..].Split(' ')[0], Invariant));
            }
        }

        return Math.Round(least * share, 1).ToString(Invariant);
    }

    private static readonly System.Globalization.CultureInfo Invariant = System
        .Globalization
        .CultureInfo
        .InvariantCulture;

    private static Technician Held(Technician t, string begin, string held) =>
        t.Press(begin)
            .Press("The aircraft is tied down or held")
            .Press("Disc and plane are clear")
            .Fill("second person", "I. Thorne")
            .Press(held)
            .PackOn();

    private static void Low(Technician t) =>
        t.See("Throttle low, cut set, before anything else.")
            .Press("Transmitter on, cut set")
            .See("Now the pack off")
            .Press("The pack is off")
            .DoNotSee("Now the pack off");

    private static void While(Technician t, string act) => While(t, act, act, () => { });

    // Until the act asks for something else; each answer is another line of what was recorded.
    private static void While(Technician t, string act, string or, Action before)
    {
        string Act() => t.Find(By.CssSelector("button[data-act]")).Text.Split('\n')[0].Trim();
        string Last() => t.Find(By.CssSelector("[data-region=now]")).Text;
        while (Act() is var now && (now == act || now == or))
        {
            var last = Last();
            before();
            t.Act(now).Until(() => Act() != now || Last() != last, "the next one");
            t.Idle();
        }
    }
}
