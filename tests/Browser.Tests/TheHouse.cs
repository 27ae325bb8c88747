using Microsoft.Extensions.DependencyInjection;
using Xunit;
using Zygotome.Server.Door;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>A shop is opened, its people come, change and go, and drafts are taken away and brought back.</summary>
public sealed class TheHouse
{
    [Fact]
    public async Task A_shop_is_opened_with_the_code_on_the_console_and_its_first_lead_is_at_work()
    {
        await using var application = await Application.Start(demo: false);
        var code = application.Services.GetRequiredService<FirstStart>().Code!;
        using var t = new Technician(application.Url);
        t.Go("/jobs").See("nobody works here yet");
        t.Fill("code on the console", "AAAA-0000")
            .Fill("the shop", "Quiet Bench")
            .Fill("time zone", "Europe/London")
            .Fill("your name", "A. First")
            .Fill("your PIN", "7193")
            .Fill("the same again", "7194")
            .See("The two PINs differ.");
        t.Fill("the same again", "7193").Press("Open the shop").See("not the code on the console");
        t.Fill("code on the console", code.ToLowerInvariant()).Press("Open the shop");
        t.See("Quiet Bench").See("A shop of one");
        t.Press("Jobs").See("No job yet. Receive a kit to begin.");
        t.Press("another person").See("Quiet Bench").See("A. First");
        t.SignIn("A. First", "7193").See("No job yet");
    }

    [Fact]
    public async Task A_lead_adds_changes_and_removes_people_and_each_change_is_met_at_once()
    {
        await using var application = await Application.Start();
        using var lead = new Technician(application.Url).SignIn("I. Thorne");
        using var vane = new Technician(application.Url).SignIn();
        vane.Go("/bench").See("Bench").DoNotSee("Shop");
        lead.Go("/shop").See("M. Sorrel");
        lead.Press("change M. Sorrel")
            .Press("M. Sorrel leaves")
            .Press("Remove M. Sorrel")
            .See("does not work here any more");
        lead.Press("Add somebody")
            .Fill("name", "N. New")
            .Choose("role of somebody new", "technician")
            .Fill("PIN: four", "1234");
        lead.Press("Add N. New").See("among the first anybody tries");
        lead.Fill("PIN: four", "7193").Press("Add N. New").See("N. New works here as technician.");
        using var another = new Technician(application.Url).SignIn("N. New", "7193");
        another.See("Receive a kit");

        // At work, with something typed, when the lead changes what they are: their PIN is asked for over it.
        vane.Go("/jobs/J-0147/throws").See("Rudder, left");
        lead.Press("change R. Vane").Choose("role of R. Vane", "lead").Press("Change R. Vane").See("is lead now");
        vane.Stage("Hand over").See("Your sign-in ran out, R. Vane").Fill("PIN", "2468").Press("Go on");
        vane.DoNotSee("Your sign-in ran out").Go("/shop").See("N. New");
        Assert.Empty(lead.Complaints());
    }

    [Fact]
    public async Task A_lead_looks_at_the_memory_and_backs_it_up_and_a_shop_that_cannot_be_read_says_what_to_do()
    {
        var backups = Directory.CreateTempSubdirectory("zygotome-backups");
        await using var application = await Application.Start(with: o => o with { Backups = backups.FullName });
        using var t = new Technician(application.Url).SignIn("I. Thorne");
        t.Go("/shop").See("All is as it was recorded").See("No backup yet");
        t.Press("Back up now").See("restores").Press("Look now").See("All is as it was recorded");

        await application.Stop();
        await File.WriteAllBytesAsync(application.DatabaseFile, [1, 2, 3]);
        await application.Begin();
        using var after = new Technician(application.Url);
        after.Go("/").See("This shop’s file cannot be served").See("is damaged").See("restore the last backup");
        backups.Delete(recursive: true);
    }

    [Fact]
    public async Task A_draft_is_taken_away_and_brought_back_by_whoever_began_it()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/sheets/new")
            .See("from the lid")
            .Fill("name of the kit", "Heron")
            .Fill("span", "1200")
            .Fill("length", "900")
            .Fill("empty", "800")
            .Press("Begin the sheet")
            .See("the first revision");
        t.Go("/sheets").See("being typed").Press("take away the draft Heron").See("taken away by R. Vane");
        t.Press("bring back Heron").DoNotSee("taken away by").See("being typed");
        using var other = t.Another("M. Sorrel");
        other.Go("/sheets").See("being typed");
        Assert.DoesNotContain("take away", other.Text, StringComparison.Ordinal);
    }
}
