using OpenQA.Selenium;
using Xunit;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>Makes docs/screenshots anew from the demo data: <c>./screenshots</c>. Not part of the test run.</summary>
public sealed class Screenshots
{
    private static readonly (string Name, string Path, int Width, int Height, bool Dim)[] Views =
    [
        ("jobs", "/jobs", 1280, 800, false),
        ("bench", "/bench", 1280, 800, false),
        ("receive", "/jobs/J-0153/receive", 1280, 800, false),
        ("unpack", "/jobs/J-0150/unpack?room=findings", 1280, 800, false),
        ("unpack-parts", "/jobs/J-0150/unpack?room=parts", 1280, 800, false),
        ("unpack-walk-upright", "/jobs/J-0148/unpack?room=walk", 834, 1112, false),
        ("throws", "/jobs/J-0147/throws", 1280, 800, false),
        ("throws-dim", "/jobs/J-0147/throws", 1280, 800, true),
        ("balance", "/jobs/J-0139/balance", 1280, 800, false),
        ("hand-over", "/jobs/J-0139/handover", 1280, 800, false),
    ];

    // What somebody did first; in an application of its own where that is not in the other pictures.
    private static readonly (string Name, Action<Application, string> Take, bool Own)[] Played =
    [
        ("spec-sheet-editor", Editor, false),
        ("field-card", Outside, false),
        ("look", Looked, false),
        ("build", Joint, true),
        ("wire", Leads, true),
        ("bind", Elevons, true),
        ("set-up-card", Card, false),
        ("check", Run, true),
    ];

    // On a phone at the field, two things done, the third in hand.
    private static void Outside(Application application, string file)
    {
        using var t = new Technician(application.Url, 390, 844).SignIn();
        t.Go("/field/J-0149").Press("Go on with 1").Press("not connected").Press("Holds").Press("Next: call-out");
        t.Press("propeller or wires off").Press("on, throttle low, cut set").Press("connected").Press("All move");
        t.Press("Next: range, motor off").See("Walk 40 m").See("All sent").Idle();
        t.Picture(file);
    }

    // A sheet half typed: begun from its class, one number doubted.
    private static void Editor(Application application, string file)
    {
        using var t = new Technician(application.Url).SignIn();
        t.Go("/sheets/new")
            .See("from the lid")
            .Fill("name of the kit", "Fallow Dart 48")
            .Fill("maker", "Ferrow Composites")
            .Press("low-wing sport")
            .Fill("span", "48 in")
            .Fill("length", "1020")
            .Fill("empty", "2 lb 6 oz")
            .Press("flaps")
            .Press("Begin the sheet");
        t.See("the first revision").Press("Throws").Press("aileron, high").Fill("up", "3.8 in");
        t.Keys_(OpenQA.Selenium.Keys.Enter).See("Perhaps the fraction").Fill("down", "5/16 in");
        t.Keys_(OpenQA.Selenium.Keys.Enter).See("7.9 mm");
        t.Execute<object>("document.getElementById('$.throws[0].up').scrollIntoView({ block: 'center' })");
        t.Idle();
        t.Picture(file);
    }

    // Three motors, one propeller still on: the packs stay off.
    private static void Looked(Application application, string file)
    {
        using var t = new Technician(application.Url).SignIn();
        UnderPower.Receive(t);
        t.ToBind().Room("Bound").Fill("model memory", "CARROW").Press("It is bound");
        UnderPower.LookWithOneOn(t);
        t.Idle();
        t.Picture(file);
    }

    // A delta whose elevons answer each other's plugs, and one line that mends it.
    private static void Elevons(Application application, string file)
    {
        using var t = new Technician(application.Url).SignIn();
        FullJob.Receive(t);
        t.ToBind().Room("Bound").Fill("model memory", "WETHER").Press("It is bound");
        t.Look(("Wires of the fan", "off"), ("Transmitter", "on, cut set"), ("Flight pack", "connected"));
        t.See("Which memory")
            .Fill("name on its screen", "WETHER")
            .Press("Read off")
            .See("It is the one that was bound.");
        t.Room("Directions").See("Aileron stick right");
        t.Press("up", "Left elevon").Press("up", "Right elevon").Act("Record what moved").See("Call elevator too");
        t.Press("Direction of elevator").See("Elevator stick back: what moved?");
        t.Press("up", "Left elevon").Press("down", "Right elevon").Act("Record what moved").See("of 8 set-ups");
        t.Press("Direction of aileron").See("Aileron stick right: what moved?").Idle();
        t.Picture(file);
    }

    // A canard under way round its line.
    private static void Run(Application application, string file)
    {
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0146/check").Until(() => t.Browser.FindElements(By.Id("tab-run")).Count > 0, "Check is open");
        t.Room("Run", "Check").Act("As expected");
        t.Look(
            ("Propeller", "off"),
            ("Motor wires", "on"),
            ("Transmitter", "on, cut set"),
            ("Flight pack", "connected")
        );
        for (var i = 1; i < 5; i++)
        {
            t.See("since").Act("As expected").Idle();
        }

        t.Idle();
        t.Picture(file);
    }

    // A racer half keyed: what the maker's ready memory has otherwise stays with a reason.
    private static void Card(Application application, string file)
    {
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0149/bind").Until(() => t.Browser.FindElements(By.Id("tab-card")).Count > 0, "Bind is open");
        t.Room("Card").See("0 of ");
        t.Press("all 3 of memory").See("3 of ").Idle();
        t.Press("Left ruddervator, up", "Set-up card").See("End points: ").Idle();
        t.Picture(file);
    }

    // A tail with its glue open: the faces that are coated, and the tube that stays clear.
    private static void Joint(Application application, string file)
    {
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0150/build")
            .Work(application, "Lay everything out and read the manual once")
            .Work(application, "Work the hinges free")
            .Press("Fit tailplane and fin", "Steps")
            .Act("Start")
            .Answer()
            .Fill("adhesive used", "foam-safe contact")
            .Act("Both faces coated")
            .See("working time left")
            .Idle();
        t.Picture(file);
    }

    // Three motors and a board: some leads in, one lit from end to end, one whose label lied.
    private static void Leads(Application application, string file)
    {
        using var t = new Technician(application.Url).SignIn();
        UnderPower.Receive(t);
        t.Stage("Wire").See("leads in").Press("Port map", "Wire").Press("eight-way with light outlets").See("L2");
        t.Press("Leads", "Wire").See("socket A");
        for (var i = 1; i <= 12; i++)
        {
            t.Act("Plugged").See($"{i} of 25 leads in");
        }

        t.Press("Right rudder", "Leads").Idle();
        t.Execute<object>("document.querySelectorAll('*').forEach(e => { if (e.scrollTop > 0) e.scrollTop = 0; })");
        t.Picture(file);
    }

    [Fact(Explicit = true)]
    public async Task Take()
    {
        var folder = Environment.GetEnvironmentVariable("ZYGOTOME_SHOTS") ?? ProjectFolder.File("docs", "screenshots");
        var only = Environment.GetEnvironmentVariable("ZYGOTOME_ONLY")?.Split(',');
        Directory.CreateDirectory(folder);
        await using var application = await Application.Start();

        if (only is null || only.Contains("shop"))
        {
            var backups = Directory.CreateTempSubdirectory("zygotome-backups");
            await using var kept = await Application.Start(with: o => o with { Backups = backups.FullName });
            using var lead = new Technician(kept.Url).SignIn("I. Thorne");
            lead.Go("/shop").See("All is as it was recorded").Press("Back up now").See("restores").Idle();
            lead.Picture(Path.Combine(folder, "shop.png"));
            backups.Delete(recursive: true);
        }

        foreach (var (name, take, own) in Played.Where(p => only is null || only.Contains(p.Name)))
        {
            await using var other = own ? await Application.Start() : null;
            take(other ?? application, Path.Combine(folder, $"{name}.png"));
        }

        // Any other screen, to be looked at and not kept: ZYGOTOME_PATHS=/bench,/sheets/new
        var others = (Environment.GetEnvironmentVariable("ZYGOTOME_PATHS") ?? "")
            .Split(',', StringSplitOptions.RemoveEmptyEntries)
            .Select((path, i) => (Name: $"other-{i + 1}", Path: path, Width: 1280, Height: 800, Dim: false));
        foreach (
            var group in Views
                .Concat(others)
                .Where(v =>
                    only is null || only.Contains(v.Name) || v.Name.StartsWith("other-", StringComparison.Ordinal)
                )
                .GroupBy(v => (v.Width, v.Height, v.Dim))
        )
        {
            using var technician = new Technician(
                application.Url,
                group.Key.Width,
                group.Key.Height,
                group.Key.Dim
            ).SignIn();
            foreach (var view in group)
            {
                technician.Go(view.Path);
                technician.See("Setting").Idle();
                technician.Picture(Path.Combine(folder, view.Name + ".png"));
            }
        }
    }
}
