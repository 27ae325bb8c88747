using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>
/// A kit nobody has a sheet of: its numbers typed from the paper, doubted where they cannot be, and a job built to
/// them.
/// </summary>
public sealed class SheetFromPaper
{
    [Fact]
    public async Task A_sheet_is_begun_from_another_kits_and_nothing_of_it_is_the_makers_until_confirmed()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn("I. Thorne");
        t.Go("/sheets").Press("New sheet").See("Or much like a kit that is on file");
        t.Find(By.XPath("//select[option[contains(., 'Plimsey 1400')]]")).SendKeys("Plimsey 1400");
        t.Fill("name of the new kit", "Plimsey 1600").Fill("its maker", "Somebody else").Press("Begin from it");
        t.See("From the lid").See("Plimsey 1600").Press("Throws").See("assumed");
        t.Press("aileron, high").Press("As the manual says");
        t.Press("Radio and wiring").Fill("protocol", "the supplied receiver's");
        t.Keys_(Keys.Enter).See("kept; nothing judges it yet");
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_sheet_is_made_from_paper_numbers_and_a_job_is_received_on_it()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn("I. Thorne");
        t.Go("/sheets").Press("New sheet").See("from the lid of the box");
        t.Fill("name of the kit", "Paper Grouse")
            .Fill("maker", "Nobody and Sons")
            .Press("high-wing trainer")
            .Fill("span", "55 in")
            .Fill("length", "41 in")
            .Fill("empty", "2 lb 3 oz")
            .Press("wheels");
        t.Press("Begin the sheet").See("the first revision").See("assumed");

        // As typed, in both units, and no longer assumed.
        t.Press("Control surfaces").Press("aileron-left").Fill("chord from the hinge line", "1 3/8 in");
        t.Keys_(Keys.Enter).See("34.9 mm");

        // A fraction read as a decimal is doubted, with its likely misreading and one tap to mend it.
        t.Press("Throws").Press("aileron, high").Fill("up", "3.8 in");
        t.Keys_(Keys.Enter)
            .See("Perhaps the fraction 3/8 in, typed as 3.8")
            .Press("Corrected: 3/8 in")
            .See("corrected, I. Thorne");
        Assert.Equal("3/8 in", t.Find(By.Id("$.throws[0].up")).GetAttribute("value"));
        t.Fill("down", "12 ± 1");
        t.Keys_(Keys.Enter).See("0.43 to 0.51");

        // Another page says otherwise: both stand with their pages until one is taken, with the reason.
        t.Press("More about down")
            .Press("It also says, elsewhere")
            .Fill("It also says", "10 mm")
            .Fill("On page", "7")
            .Fill("In which paper", "loose sheet")
            .Press("keep both")
            .See("loose sheet, page 7");
        t.Press("this one counts")
            .Fill("What counts", "10 mm")
            .Fill("Why it counts", "The later sheet.")
            .Press("decide")
            .See("Decided by I. Thorne");
        t.Until(() => t.Find(By.Id("$.throws[0].down")).GetAttribute("value") == "10 mm", "the decision stands");

        // A wrong word stays where it was typed, with what is wrong; nothing of it is kept.
        t.Fill("page", "").Fill("up", "three eighths");
        t.Keys_(Keys.Enter).See("three eighths").Fill("up", "3/8 in");
        t.Keys_(Keys.Enter);
        t.Press("Balance and weight")
            .Press("More about all-up weight")
            .Press("The manual does not state it")
            .See("not stated");
        t.Fill("range, aft of the datum", "62 mm to 74 mm");
        t.Keys_(Keys.Enter).See("2.44 to 2.91 in");
        t.Press("balance 62 to 74");
        t.Until(
            () =>
                t.Browser.SwitchTo().ActiveElement().GetAttribute("aria-label")
                == "range, aft of the datum, on the drawing",
            "the dimension is typed where it is drawn"
        );
        t.Keys_(Keys.Control + "a", "62 mm to 75 mm", Keys.Enter).See("2.44 to 2.95 in").See("balance 62 to 75");

        // A parts list pasted as a table; its mistakes are named first.
        var table = Path.Combine(Path.GetTempPath(), $"parts-{Guid.NewGuid():N}.csv");
        await File.WriteAllTextAsync(
            table,
            "id;name;bag;quantity\nhorn;Control horn;A;five\nwheel;Wheel;B;2\n",
            TestContext.Current.CancellationToken
        );
        t.Press("Parts by bag").Give("Table file", table).See("line 2, quantity").See("five");
        await File.WriteAllTextAsync(
            table,
            "\uFEFFid;name;bag;quantity\nhorn;Control horn;A;5\nwheel;Wheel;B;2\n",
            TestContext.Current.CancellationToken
        );
        t.Give("Table file", table).See("Control horn");
        File.Delete(table);
        t.Act("Put it on file").See("Paper Grouse, revision 1").See("The first on file.");

        // A job on it: what was not stated is asked for, what was assumed is never the maker's.
        t.Go("/jobs/new")
            .See("spec sheet")
            .Fill("Find a sheet", "grouse")
            .DoNotSee("Plimsey")
            .Press("Paper Grouse")
            .Press("A new customer")
            .Fill("name", "E. Dunnock");
        t.Press("Packs")
            .Fill("mass on the scale", "210")
            .Fill("length", "105")
            .Fill("width", "34")
            .Fill("height", "26")
            .Fill("cells", "3")
            .Fill("capacity", "2200")
            .See("all up");
        t.Act("Take it in")
            .See("Outside of the box")
            .Press("Sheet")
            .See("Not stated by the maker")
            .See("All-up weight");
        var job = t.Browser.Url.Split('/')[^2];
        var ledger = Ledger.Of(application.Job(job).State, application.Clock.GetUtcNow());
        Assert.Equal(9.525m, application.Job(job).State.Sheet.Throws[0].Ways[0].Value.Counts!.Nominal);
        Assert.Equal(Standing.NotShown, ledger.Single(l => l.Id == "weight/as flown").Standing);
        Assert.Contains(ledger, l => l.Id == "sheet/assumed/geometry" && l.Open);
        t.Press("All-up weight")
            .Fill("Value", "1500 g")
            .Fill("Where it comes from", "Asked the maker, by letter.")
            .Press("give")
            .DoNotSee("All-up weight ");

        Revise(t, application, job);
        Assert.Empty(t.Complaints());
    }

    /// <summary>
    /// A second revision: compared side by side, and what moving the job would change said before it is done.
    /// </summary>
    private static void Revise(Technician t, Application application, string job)
    {
        t.Go("/sheets/paper-grouse/1").Press("Type the next revision").See("after revision 1");
        t.Press("Control surfaces").Press("aileron-left").Fill("chord from the hinge line", "38 mm");
        t.Keys_(Keys.Enter).See("1.5 in");
        t.Press("Throws").Press("aileron, high").Fill("up", "11 mm");
        t.Keys_(Keys.Enter).See("0.43 in").Act("Put it on file").See("Paper Grouse, revision 2");
        t.Press("what changed since")
            .See("surface aileron-left, chord from the hinge line")
            .See("1 3/8 in")
            .See("38 mm");
        t.Go($"/jobs/{job}/receive")
            .Press("Sheet")
            .Press("see what revision 2 would change")
            .See("would change")
            .See("Left aileron");
        Assert.Equal(1, application.Job(job).State.Receive.SheetRevision);
        t.Fill("Why it moves", "The maker corrected it.")
            .Press("Move to revision 2")
            .See("Built to revision 2 from here on");
        Assert.Equal(2, application.Job(job).State.Receive.SheetRevision);
    }

    [Fact]
    public async Task The_same_by_keyboard_alone()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/sheets").See("New sheet");
        t.Reach("New sheet", Keys.Enter).See("from the lid of the box");
        t.Reach("name of the kit", "Key Plover")
            .Pick("Class", "sailplane")
            .Reach("span", "2400")
            .Reach("length", "1200")
            .Reach("empty", "1100")
            .Reach("Begin the sheet", Keys.Enter)
            .See("the first revision");
        t.Reach("Throws", Keys.Enter).Reach("aileron, high", Keys.Enter).See("up");
        t.Reach("up", Keys.Control + "a", "5/8 in", Keys.Enter).See("15.9 mm");

        // Enter walks on to what is typed next; a key each for what is not said, not here, and said twice.
        Assert.Equal("$.throws[0].down", At(t));
        t.Keys_(Keys.F8).See("not stated");
        t.Keys_(Keys.Alt + Keys.PageDown);
        t.Until(() => At(t) == "$.balance.allUpWeight", "the next page begins at its first field");
        t.Keys_(Keys.Control + "a", "1300 g to 1500 g", Keys.Enter).See("45.9 to 52.9 oz");
        t.Until(() => At(t) == "$.balance.lateral", "Enter walks on");
        t.Keys_(Keys.F9).See("not on this aircraft");
        t.Keys_(Keys.F4);
        t.Until(() => At(t) == "$.sources.balance.kind", "a key leads to the page's source");
        t.Keys_("bulletin", Keys.Enter, "second", Keys.Enter).See("bulletin, second");
        t.Until(() => At(t) == "$.sources.balance.date", "Enter walks on to its day");
        t.Keys_("3 March", Keys.Enter).See("bulletin, second, 3 March");

        // A text that two pages say otherwise, decided with a reason.
        t.Reach("Cautions", Keys.Enter).Reach("printed cautions", Keys.Control + "a", "Supplied glue", Keys.F2);
        t.Until(() => t.Browser.SwitchTo().ActiveElement().GetAttribute("aria-label") == "It also says", "it is asked");
        t.Keys_("Contact glue", Keys.Tab, "12", Keys.Enter).See("“Contact glue”, page 12");
        t.Reach("What counts", Keys.Control + "a", "Contact glue")
            .Reach("Why it counts", "The later page.", Keys.Enter)
            .See("Decided by");
        t.Reach("Put it on file", Keys.Enter).See("Key Plover, revision 1");
        t.Go("/jobs/new").See("spec sheet");
        t.Reach("Find a sheet", "plover").DoNotSee("Plimsey").See("Key Plover");
        t.Reach("Key Plover", Keys.Enter)
            .Reach("A new customer", Keys.Enter)
            .Reach("name", "K. Sedge")
            .Reach("Kit, owner", Keys.ArrowRight)
            .See("mass on the scale");
        t.Reach("mass on the scale", "96")
            .Reach("length", "72")
            .Reach("width", "36")
            .Reach("height", "18")
            .Reach("cells", Keys.Control + "a", "2")
            .Reach("capacity", "1300")
            .See("all up");
        t.Reach("Take it in", Keys.Enter).See("Outside of the box");
        var state = application.Job(t.Browser.Url.Split('/')[^2]).State;
        Assert.Equal(15.875m, state.Sheet.Throws[0].Ways[0].Value.Counts!.Nominal);
        Assert.Equal(QuantityForm.Range, state.Sheet.Balance.Says(BalanceFields.AllUpWeight).Counts!.Form);
    }

    private static string? At(Technician t) => t.Browser.SwitchTo().ActiveElement().GetAttribute("id");

    [Fact]
    public async Task A_sheet_file_dropped_on_the_list_or_given_to_it_is_read_in_or_every_mistake_is_listed()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        var file = Path.Combine(Path.GetTempPath(), $"{Guid.NewGuid():N}.sheet.json");
        var text = (
            await File.ReadAllTextAsync(
                ProjectFolder.File("demo", "sheets", "wicken-1350.sheet.json"),
                TestContext.Current.CancellationToken
            )
        ).Replace("wicken-1350", "wicken-again", StringComparison.Ordinal);
        t.Go("/sheets")
            .See("Wicken 1350")
            .Drop("again.sheet.json", text.Replace("\"42 mm\"", "\"42 yards\"", StringComparison.Ordinal))
            .See("again.sheet.json")
            .See("surfaces, row 1, chord")
            .See("mistakes");
        await File.WriteAllTextAsync(file, text, TestContext.Current.CancellationToken);
        t.Give("Sheet file", file).See("Wicken 1350, revision 1, is on file.");
        File.Delete(file);
    }

    [Fact]
    public async Task A_falling_pair_is_asked_about_beside_it_and_taken_as_two_rates_or_as_a_band_by_one_tap()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/sheets/skerrow-64/1")
            .Press("Type the next revision")
            .See("after revision 1")
            .Press("Throws")
            .Press("elevon, combined, high")
            .Fill("up", "27 to 20");
        t.Keys_(Keys.Enter)
            .See("falls: it may be a band")
            .Press("Two rates: 27 mm high, 20 mm low")
            .DoNotSee("falls: it may be")
            .See("elevon, combined, low");
        t.Fill("down", "24 to 18");
        t.Keys_(Keys.Enter).See("falls: it may be a band").Press("A band: 18 mm to 24 mm").DoNotSee("falls: it may be");
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_sheet_on_file_is_read_in_the_manuals_order_and_what_is_doubted_is_answered_there()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/sheets/skerrow-64/1")
            .See("Throw row")
            .See("printed 16 mm to 12 mm, page 5")
            .See("Asked the maker: a band, not two rates.");
        t.Press("Balance", "What it says").See("All-up weight");
        t.Go("/sheets/plimsey-1400/1")
            .See("Wheel collar, bore 3 mm")
            .See("1 doubted")
            .Press("Parts", "What it says")
            .See("Machine screw 3 × 16 mm")
            .See("0.63 in");
        t.Press("Confirmed with the maker").See("confirmed with the maker, R. Vane").DoNotSee("1 doubted");
        t.Until(
            () => t.Text.Split("does not go over").Length == 2,
            "an answered doubt stands with its answer and not in red beside its number"
        );
        t.Go("/sheets/no-such-kit/1").See("There is no sheet no-such-kit");
    }
}
