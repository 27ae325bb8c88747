using OpenQA.Selenium;
using Xunit;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>A job that must not leave is refused at the last act, with the requirement named.</summary>
public sealed class RefusedRelease
{
    private static async Task Refused(string job, Action<Technician> before, params string[] named)
    {
        await using var application = await Application.Start();
        using var technician = new Technician(application.Url).SignIn();
        before(technician);
        technician.Go($"/jobs/{job}/handover").Act("Release").See("open: ");
        var refusal = technician.Find(By.XPath("//*[@role='alert']")).Text;
        Assert.All(named, n => Assert.Contains(n, refusal, StringComparison.OrdinalIgnoreCase));
        Assert.Null(application.Job(job).State.Release);
        Assert.Empty(technician.Complaints());
    }

    [Fact]
    public Task Release_is_refused_for_a_throw_out_of_its_band() =>
        Refused(
            "J-0147",
            t =>
            {
                t.Go("/jobs/J-0147/throws").See("Rudder, left").See("2.4 mm too much");
                FullJob.Power(t, "Propeller");
                FullJob.Type(t, "29");
                t.See("2.0 mm too much");
            },
            "Rudder, left, high"
        );

    [Fact]
    public Task Release_is_refused_for_a_balance_gone_stale() =>
        Refused(
            "J-0139",
            t => t.Go("/jobs/J-0139/balance").See("Repair for F1, after this was shown.").See("Weigh again"),
            "Centre of gravity, as flown",
            "Throttle lead moved for binding"
        );

    [Fact]
    public Task Release_is_refused_for_an_open_flight_critical_finding() =>
        Refused(
            "J-0152",
            t =>
            {
                // It can be neither used as it is, nor inspected by the one who repaired it.
                t.Go("/jobs/J-0152/unpack?room=findings").See("Flight-critical: never as it is.");
                Assert.False(t.Find(By.XPath("//*[@aria-label='Finding F2']//button[.='use as it is']")).Enabled);
                t.Press("repair", "Finding F2")
                    .Fill("How it was repaired", "New hinge line")
                    .Press("Repaired", "Finding F2")
                    .See("Say which glue F2 was repaired with, or that none was used.")
                    .Fill("Glue", "no glue")
                    .Press("Repaired", "Finding F2")
                    .See("not re-inspected yet");
                t.Press("looked again: sound", "Finding F2").See("somebody other than R. Vane must inspect the repair");
            },
            "F2: parting of 22 mm"
        );

    [Fact]
    public Task Release_is_refused_for_a_surface_that_goes_the_wrong_way() =>
        Refused(
            "J-0147",
            t =>
            {
                t.Go("/jobs/J-0147/bind").Room("Directions").See("Direction of rudder");
                FullJob.Power(t, "Propeller");
                t.Press("Direction of rudder").See("Rudder stick right").Press("left", "Rudder");
                t.Act("Record what moved").See("Reverse channel 4 (rudder)");
            },
            "Direction of rudder"
        );
}
