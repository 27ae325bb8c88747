using System.Globalization;
using System.Text.RegularExpressions;
using OpenQA.Selenium;
using Xunit;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>Whoever does steps at the screen: answers what each asks, runs its glue by its times, and calls it done.</summary>
internal static partial class Workbench
{
    private static readonly By Questions = By.CssSelector("[data-region=now] section li [role=group]");

    private static readonly By StepsTab = By.XPath(
        "//*[@role='tab'][@aria-selected='false'][starts-with(normalize-space(.), 'Steps')]"
    );

    /// <summary>Plugs every lead, looks at all that holds it, and says so.</summary>
    public static Technician Wired(this Technician t)
    {
        t.Stage("Wire").Press("Leads", "Wire").See("leads in");
        while (Act(t) == "Plugged")
        {
            var before = Aside(t);
            t.Act("Plugged").Until(() => Aside(t) != before, "the next lead");
        }

        t.Press("Held", "Wire").See("one source of power");
        while (Act(t) is var act && act != "All looked at")
        {
            var before = Asked(t);
            if (act == "Measured")
            {
                t.Fill("measured, mm", "180");
            }
            else if (act == "Held so, tugged")
            {
                t.Press(t.Find(By.CssSelector("[aria-label='Held by'] [role=radio]")).Text, "Held by");
            }

            t.Until(() => Enabled(t), "it can be said");
            t.Act(act).Until(() => Act(t) == "All looked at" || Asked(t) != before, "the next thing to look at");
        }

        return t;
    }

    /// <summary>Opens Bind; the cells of every pack are measured where that is asked before the first power.</summary>
    public static Technician ToBind(this Technician t)
    {
        t.Stage("Bind").Until(() => Any(t, By.CssSelector("[role=tablist][aria-label=Bind]")), "Bind is open");
        By asked = By.XPath("//h2[.='Measure its cells first']");
        By fields = By.XPath("//label[input[starts-with(@aria-label, 'Volts of ')]]");
        foreach (var pack in Any(t, asked) ? t.Browser.FindElements(fields).ToArray() : [])
        {
            var name = pack.FindElement(By.TagName("input")).GetAttribute("aria-label")?[9..] ?? "";
            var cells = Count().Match(pack.Text) is { Success: true } many ? int.Parse(many.Value, Invariant) : 1;
            t.Fill($"Volts of {name}", string.Join(' ', Enumerable.Repeat("4.1", cells))).Press($"{name}: measured");
            t.See("4.1 V").Idle();
        }

        t.Until(() => !Any(t, asked), "its cells are measured");
        return t;
    }

    private static readonly CultureInfo Invariant = CultureInfo.InvariantCulture;

    [GeneratedRegex(@"\d+")]
    private static partial Regex Count();

    /// <summary>A room of Bind's strip.</summary>
    public static Technician Room(this Technician t, string room, string stage = "Bind") => t.Press(room, stage);

    /// <summary>Within an act: the memory read off the transmitter where that is asked, then the pack is
    /// connected.</summary>
    public static Technician PackOn(this Technician t)
    {
        t.Idle();
        foreach (
            var read in t
                .Browser.FindElements(By.CssSelector("[role=radiogroup][aria-label='Memory on the transmitter']"))
                .Select(g => g.FindElements(By.CssSelector("[role=radio]"))[0])
        )
        {
            t.Tap(read);
        }

        return t.Press("Pack is connected");
    }

    /// <summary>The memory read off the transmitter as it was bound, and every controller set as it must be.</summary>
    public static Technician Compared(this Technician t, string memory)
    {
        t.Room("Bound").Fill("name on its screen", memory).Press("Read off").See("It is the one that was bound.");
        t.Room("Controller");
        By open = By.XPath("//section[h2[starts-with(., 'Controller')]][.//strong[.='Not yet']]");
        while (t.Browser.FindElements(open) is { Count: > 0 and var before })
        {
            var name = t.Browser.FindElements(open)[0].GetAttribute("aria-label") ?? "";
            t.Press("yes", $"{name}: Stick low stops the motor")
                .Press("yes", $"{name}: Knows low and full of this stick")
                .Press("off", $"{name}: Brake")
                .Press("no", $"{name}: Can turn backwards")
                .Fill($"{name}: cut-off", "3.2")
                .Press($"{name}: set so");
            t.Until(() => t.Browser.FindElements(open).Count < before, "it is set so");
        }

        return t;
    }

    // Nothing once all was looked at; a question goes while it is read.
    private static string Asked(Technician t) =>
        t.Execute<string>("return document.querySelector('section[aria-label=Look] h2')?.innerText ?? ''") ?? "";

    private static string Aside(Technician t) => t.Find(By.XPath("//main//h1/following-sibling::p")).Text;

    /// <summary>Does a step of the list to its end.</summary>
    public static Technician Work(this Technician t, Application application, string step, string glue = "")
    {
        t.Until(() => Any(t, StepsTab) || t.Text.Contains(step, StringComparison.Ordinal), "the stage is open");
        if (Any(t, StepsTab))
        {
            t.Press("Steps", "Wire");
        }

        t.See(step).Press(step, "Steps");
        t.Until(() => Title(t) == step, "the step is on the paper");
        if (Any(t, By.XPath("//section[@aria-label='Servos first']")))
        {
            t.Press("All", "Servos first")
                .Until(() => !Any(t, By.XPath("//section[@aria-label='Servos first']")), "every servo stood");
        }

        t.Act("Start");
        return t.Finish(application, step, glue);
    }

    /// <summary>The same from where a step is under way.</summary>
    public static Technician Finish(this Technician t, Application application, string step, string glue = "")
    {
        t.Answer();
        if (glue.Length > 0)
        {
            t.Fill("adhesive used", glue).Fill("bench, °C", "20");
            t.Until(() => Enabled(t), "the glue can be opened");
            t.Act(Act(t)).See("workable until");
            t.Close(application).Answer();
        }

        t.Act(glue.Length > 0 ? "Joint closed, done" : "Done");
        t.Until(() => Title(t) != step || !Enabled(t), "the step is done");
        return t;
    }

    /// <summary>Presses, waits and lets go, as its glue asks for.</summary>
    public static Technician Close(this Technician t, Application application)
    {
        while (!Act(t).StartsWith("Joint closed", StringComparison.Ordinal) && Act(t) != "Done")
        {
            var act = Act(t);
            if (Any(t, By.XPath("//section[@aria-label='Glue']//*[contains(., ', then: ')]")))
            {
                t.Wait(application, TimeSpan.FromMinutes(10));
                t.Until(() => Act(t) == act, "the same joint is on the paper");
            }

            t.Act(act).Until(() => Act(t) != act, "the next act of the joint");
        }

        return t;
    }

    /// <summary>Answers everything that is asked now, as it should be.</summary>
    public static Technician Answer(this Technician t)
    {
        t.Idle();
        while (t.Browser.FindElements(Questions) is { Count: > 0 and var before })
        {
            var question = t.Browser.FindElements(Questions)[0].GetAttribute("aria-label")!;
            if (Measured(t.Browser.FindElements(Questions)[0], question))
            {
                t.Until(() => t.Browser.FindElements(Questions).Count < before, $"it is measured: {question}");
                t.Idle();
                continue;
            }

            if (Any(t, By.CssSelector("[data-region=now] input[aria-label='How this side was done']")))
            {
                t.Fill("How this side was done", "second hole, snug");
            }

            var yes =
                question.Contains("This one the same?", StringComparison.Ordinal) ? "The same"
                : question.StartsWith("How was this side", StringComparison.Ordinal) ? "Done so"
                : "Yes";
            t.Press(yes, question);
            t.Until(() => t.Browser.FindElements(Questions).Count < before, $"it is answered: {question}");
            t.Idle();
        }

        return t;
    }

    /// <summary>Reads what of the whole is still to be read, and counts what is left over.</summary>
    public static Technician Whole(this Technician t)
    {
        t.Stage("Build").Idle();
        By truths = By.XPath("//section[@aria-label='Trueness of the whole']//details");
        while (t.Browser.FindElements(truths) is { Count: > 0 and var before })
        {
            var truth = t.Browser.FindElements(truths)[0];
            truth.FindElement(By.TagName("summary")).Click();
            Assert.True(Measured(truth, truth.FindElement(By.TagName("summary")).Text));
            t.Until(() => t.Browser.FindElements(truths).Count < before, "it is read");
            t.Idle();
        }

        By bags = By.XPath("//section[@aria-label='Leftovers']//button[starts-with(normalize-space(.), 'Just that')]");
        while (t.Browser.FindElements(bags) is { Count: > 0 and var before })
        {
            t.Press("Just that", "Leftovers");
            t.Until(() => t.Browser.FindElements(bags).Count < before, "it is counted");
            t.Idle();
        }

        return t;
    }

    // In the middle of its limits, with what the screen has at hand; false of what no instrument answers.
    private static bool Measured(IWebElement within, string text)
    {
        if (within.FindElements(By.TagName("form")).Count == 0 || Limits().Match(text) is not { Success: true } limits)
        {
            return false;
        }

        var middle = (Number(limits.Groups[1].Value) + Number(limits.Groups[2].Value)) / 2;
        var inputs = within.FindElements(By.CssSelector("input[inputmode=decimal]"));
        var longer = inputs.Count > 1 ? 2000 : 0;
        Type(inputs[0], longer + middle);
        foreach (var further in inputs.Skip(1))
        {
            Type(further, longer);
        }

        within.FindElement(By.CssSelector("button[type=submit]")).Click();
        return true;
    }

    private static void Type(IWebElement field, double value) =>
        field.SendKeys(value.ToString("0.##", CultureInfo.InvariantCulture));

    private static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);

    [GeneratedRegex(@"(-?[\d.]+) to (-?[\d.]+)(?:°| mm| g)")]
    private static partial Regex Limits();

    private static string Title(Technician t) => t.Find(By.CssSelector("[data-region=now] h2")).Text;

    private static string Act(Technician t) => t.Find(By.CssSelector("button[data-act]")).Text.Split('\n')[0].Trim();

    private static bool Enabled(Technician t) => t.Find(By.CssSelector("button[data-act]")).Enabled;

    private static bool Any(Technician t, By by) => t.Browser.FindElements(by).Count > 0;
}
