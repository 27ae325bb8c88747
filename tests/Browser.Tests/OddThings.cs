using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>
/// What people bring that nobody expects: names with markup, files that are no pictures, two hands on one draft, a
/// tablet held upright.
/// </summary>
public sealed class OddThings
{
    private const string Markup = "<img src=x onerror=\"document.title='run'\">";
    private const string RightToLeft = "\u05d0\u05d1\u05d2 Osier";

    private static readonly string[] BenchScreens =
    [
        "/jobs/J-0153/receive",
        "/jobs/J-0150/unpack?room=papers",
        "/jobs/J-0150/unpack?room=parts",
        "/jobs/J-0148/unpack?room=walk",
        "/jobs/J-0150/unpack?room=findings",
        "/jobs/J-0150/unpack?room=claim",
        "/jobs/J-0151/build",
        "/jobs/J-0147/bind",
        "/jobs/J-0147/throws",
        "/jobs/J-0139/balance",
        "/jobs/J-0139/handover",
    ];

    [Fact]
    public async Task Names_and_notes_with_markup_and_right_to_left_words_are_words_and_nothing_runs()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/new")
            .See("spec sheet")
            .Press("Skerrow 64")
            .Press("A new customer")
            .Fill("name", $"{Markup} {RightToLeft}");
        t.Press("Packs")
            .Fill("mass on the scale", "262")
            .Fill("length", "105")
            .Fill("width", "34")
            .Fill("height", "30")
            .Fill("capacity", "2400")
            .Act("Take it in")
            .See("Outside of the box");
        var job = t.Browser.Url.Split('/')[^2];
        t.Stage("Unpack")
            .Press("Parts")
            .Fill("something in the box that is on no list", Markup)
            .Press("extra")
            .See($"{Markup}, on no list");
        t.Press("Findings")
            .Act("Record a finding")
            .Press("crack", "kind")
            .Fill("Longest extent, mm", "12")
            .Fill("note", Markup)
            .See("by rule")
            .Press("Record the finding");
        t.Until(
            () => application.Job(job).State.Unpack.Findings.SingleOrDefault()?.Note == Markup,
            "the note is kept as it was written"
        );
        t.Press("Findings").See(Markup).Stage("Receive").See(Markup).See(RightToLeft);
        t.Go("/jobs").See("Jobs").See(Markup);
        Assert.Equal("Zygotome", t.Browser.Title);
        Assert.Empty(t.Browser.FindElements(By.CssSelector("img[src=x]")));
        Assert.Empty(t.Complaints());
    }

    [Fact]
    public async Task A_file_that_is_no_picture_is_refused_by_name_and_the_next_one_is_taken()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        var folder = Directory.CreateTempSubdirectory("zygotome-odd");
        string File_(string name, string text)
        {
            var path = Path.Combine(folder.FullName, name);
            File.WriteAllText(path, text);
            return path;
        }

        t.Go("/jobs/J-0152/receive")
            .See("Outside of the box")
            .Give("Pictures: the box", File_("letter.jpg", "Dear shop, the box came open."))
            .See("letter.jpg: ")
            .See("picture");
        t.Give(
                "Pictures: the box",
                File_(
                    "drawn.svg",
                    "<svg xmlns='http://www.w3.org/2000/svg'><script>document.title='run'</script></svg>"
                )
            )
            .See("drawn.svg: ");
        t.Give("Pictures: the box", $"{File_("letter.jpg", "Dear shop.")}\n{BoxOpened.SmallPicture()}")
            .See("letter.jpg: ");
        t.Until(() => application.Job("J-0152").State.Receive.BoxPhotos.Count == 1, "one picture is kept");
        t.Until(
            () =>
                t.Execute<bool>(
                    "const p = document.querySelector('[aria-label=\"the box, picture 1\"] img'); return !!p && "
                        + "p.complete && p.naturalWidth > 0"
                ),
            "its thumbnail shows"
        );
        Assert.Equal("Zygotome", t.Browser.Title);
        folder.Delete(recursive: true);
    }

    [Fact]
    public async Task Two_people_typing_one_sheet_are_told_and_neither_overwrites_the_other()
    {
        await using var application = await Application.Start();
        using var one = new Technician(application.Url).SignIn();
        one.Go("/sheets/wicken-1350/1").Press("Type the next revision").See("after revision 1");
        var draft = new Uri(one.Browser.Url).PathAndQuery;
        using var other = new Technician(application.Url).SignIn("I. Thorne");
        other.Go(draft).See("after revision 1").Press("From the lid").See("maker").Idle();
        one.Press("From the lid").Fill("maker", "First of two");
        one.Keys_(Keys.Enter);
        one.Until(() => one.Text.Contains("Saved as it is typed", StringComparison.Ordinal), "typed");
        one.Idle();
        other.Fill("class", "second opinion");
        other.Keys_(Keys.Enter).See("Somebody else changed this draft meanwhile");
        other.Until(
            () => other.Execute<string>("return document.querySelector('[aria-label=maker]').value") == "First of two",
            "the other's words are here"
        );
        other.Fill("class", "second opinion");
        other.Keys_(Keys.Enter);
        one.Go(draft).Press("From the lid");
        one.Until(
            () =>
                one.Execute<string>(
                    "return document.querySelector('[aria-label=maker]')?.value + ', ' + "
                        + "document.querySelector('[aria-label=class]')?.value"
                ) == "First of two, second opinion",
            "both are kept"
        );
    }

    [Fact]
    public async Task Jobs_are_found_by_what_people_remember_of_them()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs").See("J-0147");
        foreach (
            var (typed, found, not) in new[]
            {
                ("brand", "J-0148", "J-0150"),
                ("lowen", "J-0148", "J-0150"),
                ("O-0153", "J-0154", "J-0147"),
                ("0150", "J-0150", "J-0152"),
            }
        )
        {
            t.Fill("Number, kit, customer, shelf or order", typed).DoNotSee(not).See(found);
        }

        t.Fill("Number, kit, customer, shelf or order", "nobody \" OR 1=1 --").See("No job has these words.");
    }

    [Theory]
    [InlineData(834, 1112)]
    [InlineData(1280, 800)]
    [InlineData(390, 800)]
    public async Task Every_bench_screen_keeps_its_main_act_in_reach_and_its_targets_large(int width, int height)
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url, width, height).SignIn();
        foreach (var screen in BenchScreens)
        {
            t.Go(screen);
            t.Until(
                () => t.Browser.FindElements(By.CssSelector("[data-region=rail]")).Count > 0,
                $"{screen} has its rail"
            );
            t.Until(
                () =>
                    t.Browser.FindElements(
                        By.CssSelector("[data-region=act] button, [data-region=act] [data-act]")
                    ).Count > 0,
                $"{screen} has its main act"
            );
            t.Idle();
            var wrong = t.Execute<string>(
                """
                const wrong = [], act = document.querySelector('[data-region=act]').getBoundingClientRect();
                if (act.bottom > innerHeight || act.height < 84) wrong.push(`main act ${act.top} to ${act.bottom} of ${innerHeight}`);
                const wide = document.documentElement.scrollWidth;
                if (wide > innerWidth) wrong.push(`wider than the screen: ${wide}`);
                for (const e of document.querySelectorAll('button, select, input:not(.sr-only), summary')) {
                  const r = e.getBoundingClientRect(), s = getComputedStyle(e);
                  if (r.width === 0 || s.visibility === 'hidden' || e.type === 'checkbox' || e.type === 'radio') continue;
                  const name = (e.getAttribute('aria-label') ?? e.innerText).slice(0, 40);
                  if (r.height < 43.5) wrong.push(`${name}: ${Math.round(r.width)} × ${Math.round(r.height)}`);
                }
                return wrong.join('; ');
                """
            );
            Assert.True(wrong is "", $"{screen}: {wrong}");
        }
    }
}
