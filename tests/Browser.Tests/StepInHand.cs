using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>The step in hand: what it asks, its glue by its times, and what must still move.</summary>
public sealed class StepInHand
{
    private const string Tail = "Fit tailplane and fin";

    [Fact]
    public async Task A_glued_tail_is_asked_about_dry_while_it_is_open_and_after_it_has_set()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0150/build");
        t.Work(application, "Lay everything out and read the manual once")
            .Work(application, "Work the hinges free")
            .Press(Tail, "Steps")
            .Act("Start")
            .See("With the parts in hand")
            .See("answer above first");

        // A no holds the glue back; the list names what harms, and nothing is chosen beforehand.
        t.Press("Not so", "Both faces, EPO: wiped free of release agent, pricked all over?").See("Answered: not so.");
        t.Answer().See("which one?").Fill("adhesive used", "slow epoxy").See("slow epoxy harms this joint");
        t.Fill("adhesive used", "foam-safe contact").See("usual here").Act("Both faces coated");

        // It waits, in figures; pressed too early it says by how much, and takes no excuse unasked.
        // The rail has it, with what may be done meanwhile.
        t.See("wait, then: pressed together")
            .See("fit tailplane and fin, workable")
            .See("meanwhile")
            .See("working time left")
            .Act("Pressed together")
            .See("too early")
            .See("why, if it is done all the same")
            .Press("Close");
        t.Wait(application, TimeSpan.FromMinutes(10)).Act("Pressed together").See("hold, then: let go");
        t.Wait(application, TimeSpan.FromSeconds(45)).Act("Let go").See("Before it sets");

        // The rod is stuck: the joint waits until it moves.
        const string Rod = "Rudder rod: still free to move?";
        t.Press("No, it is stuck", Rod).See("Answered: not so.").Answer().Act("Joint closed, done");
        t.Press("show", "Steps").Press(Tail, "Steps").See("Now that it has set");
        t.Press("Yes", "Rudder rod: free to move, now that it has set?").See("Asked once it has set").Press("Close");

        // Set, and stuck after all: a finding, and a line that nobody concedes.
        t.Wait(application, TimeSpan.FromMinutes(20)).Press("show", "Steps").Press(Tail, "Steps");
        t.Press("No, it is stuck", "Rudder rod: free to move, now that it has set?").See("Answered: not so.");
        var state = application.Job("J-0150").State;
        Assert.Equal(4, state.Unpack.Findings.Count);
        Assert.Equal(
            Standing.NotMet,
            Ledger
                .Lines(state, application.Clock.GetUtcNow())
                .Single(l => l.Id.Written == "step/fit-tail/free/2")
                .Standing
        );
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task Hinges_are_weighed_in_one_list_by_keys_and_one_too_stiff_says_what_to_do()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0150/build");
        t.Work(application, "Lay everything out and read the manual once")
            .Press("Work the hinges free", "Steps")
            .Act("Start")
            .See("Hinge forces");
        const string Where = "hinge force: at the trailing edge, to bring it to full throw, g";
        t.Fill($"Left aileron, {Where}", "20" + Keys.Enter).See("20.0 g. In");
        t.Until(
            () => t.Browser.SwitchTo().ActiveElement().GetAttribute("aria-label") == $"Right aileron, {Where}",
            "Enter records and goes on to the next"
        );
        t.Fill($"Right aileron, {Where}", "900" + Keys.Enter).See("Work it free, a little further each time");
        t.Fill($"Right aileron, {Where}", "21" + Keys.Enter).See("21.0 g. In").Answer().Act("Done");
        t.Until(
            () => application.Job("J-0150").State.Progress("work-hinges")?.Done is not null,
            "the hinges are worked free"
        );
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_dropped_screw_holds_up_release_until_it_is_found()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0150/build")
            .Fill("what is changed, or lost", "dropped, not found")
            .Fill("which, and where", "screw 3 × 12 mm, under the cabane")
            .Press("dropped", "Changed for now")
            .See("Dropped and not found: screw 3 × 12 mm");
        t.Stage("Hand over").See("Dropped and not found: screw 3 × 12 mm");
        t.Stage("Build").Press("changed back").DoNotSee("holds up release");
    }

    [Fact]
    public async Task A_lead_leaves_a_step_out_and_the_screen_says_who_and_why()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn("I. Thorne");
        t.Go("/jobs/J-0150/build")
            .Press("Sort the screws by length", "Steps")
            .Press("another order")
            .Fill("this step", "leave it out")
            .Fill("why", "two lengths only, sorted at the box")
            .Press("Do it so")
            .See("Sort the screws by length: left out")
            .See("two lengths only, sorted at the box, I. Thorne");
        t.Press("put back").DoNotSee("Otherwise than the sheet").See("Sort the screws by length");
    }

    [Fact]
    public async Task A_glue_and_the_second_pair_of_hands_are_said_in_one_line_at_the_bench()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0150/build");
        t.Work(application, "Lay everything out and read the manual once").Work(application, "Work the hinges free");
        t.Press(Tail, "Steps").Act("Start").Answer();
        t.Press("it is not on the list")
            .Fill("name on the tube", "grey tub")
            .Fill("what it is", "contact")
            .Fill("handle, min", "9")
            .Press("Put it on the list")
            .See("handle 9 min")
            .Act("Both faces coated");
        t.Wait(application, TimeSpan.FromMinutes(11)).Close(application).Answer().Act("Joint closed, done");
        t.Until(
            () => application.Job("J-0150").State.Progress("fit-tail")!.Adhesive == "grey tub",
            "what was really used is on record"
        );
        Assert.NotEmpty(t.Browser.FindElements(By.XPath("//section[@aria-label='Steps']")));
    }

    [Fact]
    public async Task A_wing_is_mended_before_it_sets_and_read_again_once_it_has()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0150/build");
        t.Work(application, "Lay everything out and read the manual once")
            .Work(application, "Work the hinges free")
            .Press(Tail, "Steps")
            .Act("Start")
            .Answer()
            .Fill("adhesive used", "foam-safe contact")
            .Act("Both faces coated")
            .Close(application);

        // It leans: seen while typed, said with how far to move it, and the joint waits.
        const string Fin = "Fin upright: -0.5 to 0.5°?";
        t.Press("steel rule", Fin)
            .Fill("Fin upright: its tip to the left tip of the tailplane, mm", "330")
            .Fill("Fin upright: its tip to the right tip of the tailplane, mm", "318")
            .See("Its tip to the left by")
            .Press("Record", Fin)
            .See("Out: ")
            .Press("digital angle gauge", Fin)
            .Fill("Fin upright: up its side, leaning right +, °", "0.1")
            .See("0.1°. In.")
            .Press("Record", Fin)
            .Answer()
            .Act("Joint closed, done");
        Line Upright() =>
            Ledger
                .Lines(application.Job("J-0150").State, application.Clock.GetUtcNow())
                .Single(l => l.Id.Written == "trueness/upright/fin");
        t.Until(() => Upright().Standing == Standing.NotShown, "the fin is asked again once it has set");
        t.Wait(application, TimeSpan.FromHours(5)).Press("show", "Steps").Press(Tail, "Steps");
        t.See("Now that it has set").Answer();
        t.Until(() => !Upright().Open, "the fin stands upright");
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_step_that_is_done_left_and_right_shows_the_first_sides_words_at_the_second()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0154/unpack").Press("Parts");
        foreach (var bag in new[] { "A", "B", "C" })
        {
            t.Act($"Bag {bag}: all here");
        }

        t.Stage("Build")
            .Work(application, "Lay everything out and read the manual once")
            .Work(application, "Work the hinges free")
            .Work(application, "Try the wing halves dry")
            .Work(application, "Try both floats dry")
            .Work(application, "Join the wing halves", "slow epoxy");
        t.Wait(application, TimeSpan.FromHours(13));
        t.Work(application, "Tip floats, left", "slow epoxy");
        t.Wait(application, TimeSpan.FromHours(13));
        t.Press("Tip floats, right", "Steps")
            .Act("Start")
            .See("It goes on the pilot's right, R")
            .See("drawn apart, seen");
        t.Press("whole aircraft").See("nose up, seen from above").Press("parts in hand").See("drawn apart").Answer();
        t.Fill("adhesive used", "slow epoxy").Act("Mixed").Close(application);
        t.See("The left was done so: second hole, snug. This one the same?").Answer().Act("Joint closed, done");
        t.Until(
            () => application.Job("J-0154").State.Progress("floats/right")?.Done is not null,
            "the second side is done"
        );
        Assert.Empty(t.Complaints());
    }
}
