using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Check;
using Zygotome.Core.Safety;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>
/// Lamps, dangerous words and acts with a power state of their own, as hands with one clean knuckle say them.
/// </summary>
public sealed class UnderPower
{
    [Fact]
    public async Task Of_three_motors_one_propeller_on_keeps_the_packs_off_until_it_is_off()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        Receive(t);
        t.ToBind().Room("Power").See("left pack").Room("Bound").Fill("model memory", "CARROW");
        t.Press("It is bound");
        t.See("This kit’s own order: transmitter, then left pack, then right pack.");
        LookWithOneOn(t).See("The propeller is on (left): take it off first, or the motor wires.");

        // The motor stands where it is on the drawing, and a tap on it there says the other word.
        t.Find(By.XPath("//dialog//button[@aria-hidden='true'][starts-with(normalize-space(.), 'left')]")).Click();
        t.Say().See("Which memory does the transmitter show?");
        Assert.Equal("CARROW", application.Job(Job(t)).State.Bind.Bound!.ModelMemory);
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_dangerous_word_is_taken_and_answered_large_on_every_screen_until_it_is_done()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0147/throws").See("Rudder, left");
        FullJob.Power(t, "Propeller");
        t.Look(("Propeller", "on")).See("Disconnect the pack now, from behind, clear of the disc.");
        t.Stage("Build").See("Disconnect the pack now");
        t.Stage("Throws").See("Disconnect the pack now");
        Type(t, "25");
        t.Until(
            () => t.Browser.FindElements(By.CssSelector("dialog[open]")).Count == 1,
            "the refusal leads to the look"
        );
        t.Press("Not now").Press("The pack is off").DoNotSee("Disconnect the pack now");
        Assert.Empty(Dangers.Of(application.Job("J-0147").State));
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task On_a_sailplane_nobody_is_asked_about_motors()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0148/bind").ToBind().Room("Bound").Fill("model memory", "LOWEN").Press("It is bound");
        t.See("Look, and say how it is: transmitter, flight pack.");
        Assert.Equal(2, t.Browser.FindElements(By.CssSelector("dialog [role=radiogroup]")).Count);
        t.Look(("Transmitter", "on"), ("Flight pack", "connected")).See("Which memory");
        t.Room("Failsafe").Press("Begin the failsafe look");
        t.Press("Transmitter is off").See("What did the surfaces do?").DoNotSee("motor runs").Press("As declared");
        t.Press("Transmitter on").Room("Directions").See("Aileron stick right");
        t.DoNotSee("Which way the motors turn").DoNotSee("With a live throttle");
        Assert.Equal(FailsafeBehaviour.AsDeclared, application.Job("J-0148").State.Bind.Failsafe);
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_full_power_run_waits_for_restraint_clear_disc_and_a_second_person()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0147/check");
        t.Look(("Propeller", "on"), ("Motor wires", "on"), ("Transmitter", "on, cut set"), ("Flight pack", "in bay"));
        t.Room("Full power", "Check").Press("Begin: full-power run").Press("The aircraft is tied down or held");
        t.Press("Disc and plane are clear");
        Assert.False(t.Find(By.XPath("//button[starts-with(., 'Begin: full-power run')]")).Enabled);
        t.Fill("second person", "I. Thorne").Press("Begin: full-power run").See("Held by I. Thorne");
        t.PackOn().Press("Full stick");
        t.Fill("amperes, the most", "38")
            .Fill("volts, the least", "14.2")
            .Fill("or seconds", "8")
            .Act("Record the run");
        t.See("Throttle low, cut set, before anything else.").Press("Transmitter on, cut set");
        t.See("Now the pack off").Press("The pack is off").DoNotSee("Now the pack off");
        Assert.Contains(
            application.Job("J-0147").Journal,
            e => e.Body is PowerRun { Amps: 38, Volts: 14.2, Seconds: 8 }
        );
        Assert.Empty(t.Complaints());
    }

    /// <summary>Takes the three-motor transport in at the counter.</summary>
    internal static string Receive(Technician t, string receiver = "eight-port full range")
    {
        t.Press("Receive a kit")
            .See("spec sheet")
            .Press("Carrow Mail 1900")
            .Press("A new customer")
            .Fill("name", "T. Marram")
            .Press("Packs")
            .Fill("mass on the scale", "430")
            .Fill("length", "106")
            .Fill("width", "34")
            .Fill("height", "30")
            .Fill("capacity", "2400")
            .Press("Radio")
            .Press(receiver)
            .Act("Take it in")
            .See("Outside of the box");
        return Job(t);
    }

    /// <summary>All lamps said in one look, the left propeller on.</summary>
    internal static Technician LookWithOneOn(Technician t) =>
        t.Look(
            ("Propeller, nose", "off"),
            ("Propeller, left", "on"),
            ("Propeller, right", "off"),
            ("Motor wires, nose", "on"),
            ("Motor wires, left", "on"),
            ("Motor wires, right", "on"),
            ("Transmitter", "on, cut set"),
            ("Pack left", "connected"),
            ("Pack right", "connected")
        );

    private static string Job(Technician t) => t.Browser.Url.Split('/')[^2];

    private static void Type(Technician t, string value)
    {
        var entry = t.Find(By.Id("reading"));
        entry.SendKeys(Keys.Control + "a");
        entry.SendKeys(value);
        t.Listening();
        entry.SendKeys(Keys.Enter);
    }
}
