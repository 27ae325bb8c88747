using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>
/// What happens after something was measured: it goes stale on the screens, with the cause; or a lead concedes it.
/// </summary>
public sealed class ChangedAfterwards
{
    [Fact]
    public async Task A_moved_pushrod_and_another_battery_show_as_stale_with_their_cause()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0139/throws").See("Left elevon (aileron), up");
        t.Find(By.XPath("//button[normalize-space(.)='Something moved on the left elevon']")).SendKeys(Keys.Enter);
        t.Find(By.XPath("//*[@role='menuitem'][normalize-space(.)='pushrod']")).Click();
        t.See("Pushrod of the left elevon moved, after this was shown.").See("Stale");
        t.Stage("Bind").Room("Directions").See("Pushrod of the left elevon moved, after this was shown.");
        t.Stage("Receive")
            .Press("Balance")
            .Press("another pack")
            .Fill("it is called", "heavy")
            .Fill("mass on the scale", "301")
            .Fill("length", "110")
            .Fill("width", "35")
            .Fill("height", "31")
            .Fill("capacity", "2500");
        t.Act("Record this pack").Press("this one flies").See("Pack heavy chosen to fly");
        t.Stage("Balance").See("Flight pack: ").See("when this was shown, heavy");
        t.Stage("Hand over").See("Right elevon").DoNotSee("Right elevon (aileron), up, high");
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_lead_concedes_an_unmet_throw_with_a_reason_and_a_technician_cannot()
    {
        await using var application = await Application.Start();
        using (var technician = new Technician(application.Url).SignIn())
        {
            technician.Go("/jobs/J-0147/handover").See("Rudder, left, high");
            Assert.Empty(technician.Browser.FindElements(By.XPath("//button[normalize-space(.)='concede']")));
        }

        using var lead = new Technician(application.Url).SignIn("I. Thorne");
        lead.Go("/jobs/J-0147/handover").Press("concede").See("Concede Rudder, left, high");
        lead.Press("Concede", "Concede").See("A concession needs a reason.").Press("Close");
        lead.Fill("reason", "Flown gently by its owner; asked for at the counter.").Press("Concede", "Concede");
        lead.See("Conceded by I. Thorne: Flown gently by its owner");
        Assert.Equal(
            Core.Journal.Standing.Conceded,
            Core.Journal.Ledger.Of(application.Job("J-0147").State, application.Clock.GetUtcNow())
                .Single(l => l.Id == "throw/rudder/rudder/high/left")
                .Standing
        );
    }

    [Fact]
    public async Task Whatever_was_recorded_by_mistake_is_found_and_taken_back_and_tags_keep_their_numbers()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn("I. Thorne");
        t.Go("/jobs/J-0150/unpack?room=findings")
            .See("F3 parting")
            .Press("all that was recorded")
            .See("Recorded in J-0150");
        t.Fill("Find words or a person", "crack of 26")
            .Press("Retract Crack of 26 mm found, body fuselage")
            .Fill("Why it is taken back", "A mould line, seen with a lens.");
        t.Press("Retract", "Retract Crack of 26 mm found, body fuselage")
            .See("recorded in error, I. Thorne: A mould line, seen with a lens.")
            .Press("Close")
            .DoNotSee("F1 crack")
            .See("F2 crease")
            .See("F3 parting");
        Assert.Equal(["F2", "F3"], application.Job("J-0150").State.Unpack.Findings.Select(f => f.Tag));
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_reading_typed_wrongly_is_retracted_and_what_is_in_the_box_and_on_no_list_is_kept()
    {
        await using var application = await Application.Start();
        using (var other = new Technician(application.Url).SignIn())
        {
            // Not in this look, and no lead: theirs no more.
            other.Go("/jobs/J-0147/throws").See("2.4 mm too much").DoNotSee("retract");
        }

        using var t = new Technician(application.Url).SignIn("I. Thorne");
        t.Go("/jobs/J-0147/throws").See("2.4 mm too much");
        t.Press("retract").See("typed wrongly").Fill("what was meant", "24.9").Press("Correct it");
        t.Until(() => application.Job("J-0147").State.Retracted.Count == 1, "it is corrected");
        Assert.Equal(
            "24.9 mm",
            Core.Journal.Ledger.Of(application.Job("J-0147").State, application.Clock.GetUtcNow())
                .Single(l => l.Id == "throw/rudder/rudder/high/left")
                .Reading
        );
        t.Go("/jobs/J-0152/unpack?room=parts")
            .Fill("something in the box that is on no list", "A second decal sheet")
            .Press("extra")
            .See("1 × A second decal sheet, on no list");
        Assert.Empty(t.Complaints());
    }
}
