using OpenQA.Selenium;

namespace Zygotome.Browser.Tests;

/// <summary>Switches, ends and the set-up card, as a patient hand does them on the screen.</summary>
internal static class SetUp
{
    /// <summary>
    /// Each use on a switch of its own, its positions tried, and both ends of every channel heard. Under power.
    /// </summary>
    public static Technician Switched(this Technician t)
    {
        t.Stage("Bind").Until(() => Any(t, By.Id("tab-switches")), "Bind is open");
        t.Room("Switches");
        By empty = By.XPath("//input[@placeholder='such as: left switch'][@value='']");
        for (var i = 1; Any(t, empty); i++)
        {
            var title = t.Find(By.XPath("//section[.//input[@placeholder='such as: left switch']]/h2")).Text;
            t.Fill("as it is marked on the transmitter", $"switch {i}").Press("Put ");
            t.Until(() => !Any(t, By.XPath($"//h2[.='{title}']")) || !Any(t, empty), "it is there");
            t.Idle();
        }

        Each(t, ": as the table says");
        t.Room("Ends");
        Each(t, ": both ends reached, no hum");
        return t;
    }

    /// <summary>Every line of the card keyed, heading by heading, and what warns heard.</summary>
    public static Technician Carded(this Technician t)
    {
        t.Stage("Bind").Until(() => Any(t, By.Id("tab-card")), "Bind is open");
        t.Room("Card").See("keyed");
        while (Keyed(t) is var keyed && !IsWhole(keyed))
        {
            By all = By.XPath("//button[starts-with(normalize-space(.), 'all ')][contains(., 'stand as here')]");
            if (Any(t, all))
            {
                t.Find(all).Click();
            }
            else
            {
                t.Act("Keyed as it stands here");
            }

            t.Until(() => Keyed(t) != keyed, "it is keyed");
            t.Idle();
        }

        Each(t, ": heard");
        return t;
    }

    /// <summary>"12 of 26 keyed".</summary>
    public static string Keyed(Technician t) => t.Find(By.XPath("//main//h1/following-sibling::p")).Text;

    private static bool IsWhole(string keyed) => keyed.Split(' ') is [var some, _, var all, ..] && some == all;

    // Whatever is not yet shown, by the button that says it is so.
    private static void Each(Technician t, string ends)
    {
        By open = By.XPath(
            $"//button[contains(@aria-label, '{ends}')][ancestor::div[.//strong][1]//strong[.='Not yet']]"
        );
        while (t.Browser.FindElements(open) is { Count: > 0 and var before })
        {
            t.Press(t.Browser.FindElements(open)[0].GetAttribute("aria-label") ?? "");
            t.Until(() => t.Browser.FindElements(open).Count < before, "it is recorded");
        }
    }

    private static bool Any(Technician t, By what) => t.Browser.FindElements(what).Count > 0;
}
