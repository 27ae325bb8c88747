using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>The function check at the screen, by keys and by a clicker from the tail.</summary>
public sealed class LastLook
{
    [Fact]
    public async Task A_wrong_answer_breaks_the_run_is_mended_in_bind_and_only_a_whole_run_by_clicker_closes_the_line()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        Standing Line(string id) =>
            Ledger.Of(application.Job("J-0146").State, application.Clock.GetUtcNow()).Single(l => l.Id == id).Standing;
        t.Go("/jobs/J-0146/check").Until(() => t.Browser.FindElements(By.Id("tab-run")).Count > 0, "Check is open");
        t.Room("Run", "Check").See("Aileron stick right").Act("As expected");
        t.Look(
            ("Propeller", "off"),
            ("Motor wires", "on"),
            ("Transmitter", "on, cut set"),
            ("Flight pack", "connected")
        );
        t.See("6 more close the line").See("Aileron stick left").Press("Wrong").See("Broken at aileron stick left");
        t.Until(() => Line("check/run") == Standing.NotMet, "the run is broken");
        Assert.Equal(Standing.Stale, Line("direction/aileron"));

        // Where it is solved: seen again as it must, and then all are called anew.
        t.Press("Mend it on Bind").Room("Directions").See("Aileron stick right").Act("As the picture shows");
        t.Until(() => Line("direction/aileron") == Standing.Met, "the direction is shown again");
        t.Stage("Check").Room("Run", "Check").See("Broken at").Press("answer by clicker");
        for (var left = 7; left > 0; left--)
        {
            var more = left > 1 ? $"{left - 1} more close the line" : "The line is closed";
            t.Keys_(Keys.PageDown).See(more);
        }

        t.Until(() => Line("check/run") == Standing.Met, "the run is whole");

        // Back on the clicker answers wrong, which only breaks the run.
        t.Press("Call it all out again").Keys_(Keys.PageUp).See("Broken at aileron stick right");
        t.Until(() => Line("check/run") == Standing.NotMet, "the run is broken");
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task Place_by_place_is_answered_by_keyboard_and_what_is_not_so_refuses_release()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0146/check")
            .Until(() => t.Browser.FindElements(By.Id("tab-airframe")).Count > 0, "Check is open");
        t.Room("Airframe", "Check").See("keeper or band").Press("no, it is not so").Fill("What is not so", "no keeper");
        t.Press("No").See("no keeper");
        t.Stage("Hand over").See("keeper or band on each clevis");
        t.Stage("Check").Room("Propeller", "Check").See("printed face forward").Fill("bore", "6").Fill("shaft", "5");
        t.Act("Measured").See("a ring 5 mm inside").Fill("bore", "5").Fill("shaft", "5");
        var act = t.Find(By.CssSelector("button[data-act]"));
        act.SendKeys(Keys.Enter);
        t.Until(
            () => application.Job("J-0146").Journal.Count(e => e.Body is Core.Check.CheckAnswered) == 3,
            "the hub is answered"
        );
        t.Press("Gap to what is nearest").See("by the sheet’s drawing about");
        Assert.False(t.Find(By.CssSelector("button[data-act]")).Enabled);
        t.Fill("gap, mm", "2").Act("Measured").See("A smaller propeller");
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task Surfaces_that_go_hard_over_without_signal_show_in_check_and_refuse_release()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0148/bind").ToBind().Room("Bound").Fill("model memory", "LOWEN").Press("It is bound");
        t.Look(("Transmitter", "on"), ("Flight pack", "connected")).See("Which memory");
        t.Room("Failsafe").Press("Begin the failsafe look").Press("Transmitter is off");
        t.See("What did the surfaces do?").Press("surfaces go hard over").Press("Transmitter on");
        t.Stage("Check").Room("Airframe", "Check").See("Shown at other stages").Press("Failsafe").See("Failsafe");
        t.Until(() => t.Browser.Url.EndsWith("/bind", StringComparison.Ordinal), "it leads to Bind");
        t.Stage("Hand over").See("Failsafe");
        var line = Ledger
            .Of(application.Job("J-0148").State, application.Clock.GetUtcNow())
            .Single(l => l.Id == "bind/failsafe");
        Assert.Equal((Standing.NotMet, Concedable.Never), (line.Standing, line.Concedable));
        Assert.Empty(t.Complaints());
    }
}
