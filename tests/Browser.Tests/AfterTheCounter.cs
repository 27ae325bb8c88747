using Xunit;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>
/// What follows from a kit received: what to buy, how it will be done, who it came from; and a finding judged otherwise
/// than by rule.
/// </summary>
public sealed class AfterTheCounter
{
    [Fact]
    public async Task What_must_be_bought_and_how_it_is_done_are_said_and_change_the_steps()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0150/receive?room=buy").See("Extension lead 150 mm for ailerons left").See("known since");
        t.Press("say where it has got to").Press("ordered");
        t.Until(
            () => application.Job("J-0150").State.Receive.Bought.Values.SingleOrDefault()?.State == BuyState.Ordered,
            "it is ordered"
        );

        // Screws instead of glue: one step goes, another comes.
        t.Press("Schools")
            .Press("Tail fixing")
            .See("Spares can be fitted")
            .Press("screws only")
            .See("Tail fixing: screws only");
        t.Stage("Build").See("Screw tailplane and fin on").DoNotSee("Fit tailplane and fin");
        t.Go("/jobs/J-0153/receive")
            .Press("Schools")
            .Press("Paired surfaces")
            .Press("Y-lead")
            .See("Paired surfaces: Y-lead")
            .Press("To buy")
            .See("Y-lead for left aileron and right aileron");

        // The first pack does not fit, the other one brought does: one press. The second kit of the order knows its
        // owner.
        t.Go("/jobs/J-0153/receive").See("Outside of the box").Act("Fly blue 2400 instead").See("Next: unpack");
        Assert.Equal(
            "blue 2400",
            application
                .Job("J-0153")
                .State.Receive.Packs.Single(p => p.Battery == application.Job("J-0153").State.Receive.Battery)
                .Name
        );
        t.Go("/jobs/J-0153/receive")
            .See("J-0154, Saltern 1500")
            .Press("another kit of this order")
            .See("Order O-0153")
            .See("A. Quill");
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task What_the_owner_chose_apart_is_judged_and_their_channels_are_offered_on_their_next_job()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0153/receive").See("nobody has said").Press("parted", "How the owner carries it");
        t.See("The owner carries it parted");
        t.Fill("from channel 1 on", "aileron, elevator, throttle, rudder")
            .Press("Usual channels: record")
            .See("1 aileron, 2 elevator, 3 throttle, 4 rudder");

        // A larger pitch on the kit's own motor, by proportion too much for its controller until somebody says.
        t.Press("Instead")
            .Press("another, The motor")
            .Fill("propeller, such as 10x5", "9x7")
            .Press("it has this one")
            .See("15 % is the least");
        t.Press("change, The motor").Fill("it draws at full, A", "34").Press("it has this one").See("up to 34 A go");
        t.Press("another, left aileron")
            .Fill("which servo it is", "grey 9")
            .Fill("torque, kg cm", "1.2")
            .Press("it has this one")
            .See("0.6 kg cm short")
            .See("Back to the owner: the kit's own servo for left aileron.");
        t.Press("change, left aileron").Press("the kit's own again").DoNotSee("Back to the owner");

        // The same owner's boat: laid to the same channels, and what departs says why.
        t.Go("/jobs/J-0154/receive")
            .Press("As on J-0153: 1 aileron")
            .See("it has no usual channel")
            .DoNotSee("As on J-0153");
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_supplier_said_later_starts_the_claim_clock_from_the_day_of_receipt()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        var job = FullJob.Receive(t);
        t.Stage("Unpack")
            .Press("Claim")
            .See("Nobody said who the kit came from.")
            .Press("Say it where it was received")
            .Press("Something else was brought")
            .Fill("it came from", "Marrack Wholesale")
            .See("claims until");
        Assert.Equal(
            application.Job(job).State.Receive.ReceivedOn.AddDays(30),
            application.Job(job).State.Receive.ClaimUntil
        );
    }

    [Fact]
    public async Task Another_day_is_promised_with_the_reason_the_owner_is_told()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        var day = DateOnly.FromDateTime(application.Clock.GetUtcNow().UtcDateTime).AddDays(12);
        t.Go("/jobs/J-0150/receive")
            .Press("Something else was brought")
            .Fill("Promised for", $"{day:MMddyyyy}")
            .Fill("Why it changes", "The cowl comes from the maker.")
            .Press("promise it");
        t.Until(() => application.Job("J-0150").State.Receive.Promised == day, "the day is promised");
        t.Go("/jobs/J-0150/receive")
            .Press("Something else was brought")
            .Fill("Promised for", $"{day.AddDays(-400):MMddyyyy}")
            .Fill("Why it changes", "Slip.")
            .Press("promise it")
            .See("cannot be promised");
    }

    [Fact]
    public async Task A_lead_grades_otherwise_than_the_rule_and_somebody_knows_better_where_it_came_from()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn("I. Thorne");
        Finding F1() => application.Job("J-0150").State.Unpack.Findings[0];
        t.Go("/jobs/J-0150/unpack?room=findings").See("C1");
        t.Press("another origin, another grade", "Finding F1").Press("cosmetic", "Grade of F1").See("needs a reason");
        t.Press("Close")
            .Fill("Reason about F1", "Only the paint, seen with a lens.")
            .Press("cosmetic", "Grade of F1")
            .See("F1 graded cosmetic");
        Assert.Equal(("C1, I. Thorne", Grade.Cosmetic), (F1().Grading.Rule, F1().Grading.Grade));
        t.Press("another origin, another grade", "Finding F1")
            .Fill("Reason about F1", "Fell off the bench.")
            .Press("shop", "Origin of F1")
            .See("No claim stands.");
        t.Press("Claim").DoNotSee("F1: crack");
    }

    [Fact]
    public async Task A_repair_decided_on_is_worked_as_a_step_and_looked_at_again_by_somebody_else()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0150/unpack?room=findings")
            .Press("return", "Finding F3")
            .See("To return; not done yet.")
            .Press("decide otherwise", "Finding F3")
            .Press("repair", "Finding F3")
            .See("It is a step of the job");
        t.Stage("Build")
            .Press("Repair F3: parting", "Steps")
            .See("Re-inspected by somebody other than who repairs it.");
        t.Act("Start").See("which one?");
        t.Finish(application, "Repair F3: parting", "foam-safe contact").See("J-0150");
        t.Stage("Unpack").Press("Findings").See("Repaired; not re-inspected yet.").See("A lead must look at it.");
        t.Wait(application, TimeSpan.FromHours(14))
            .Press("Findings")
            .Press("looked again: sound", "Finding F3")
            .See("somebody other than R. Vane");
        using var lead = t.Another("I. Thorne");
        lead.Go("/jobs/J-0150/unpack?room=findings")
            .Press("looked again: sound", "Finding F3")
            .See("re-inspected by I. Thorne");
        Assert.True(application.Job("J-0150").State.Unpack.Findings[2].Cleared);
    }
}
