using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Throws;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>Keys, lamps, policy and contrast, as somebody with one clean knuckle meets them.</summary>
public sealed class AtTheBench
{
    [Fact]
    public async Task A_throw_is_measured_and_the_stages_walked_by_keyboard_alone()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0147/throws").See("Rudder, left");
        FullJob.Power(t, "Propeller");
        t.Find(By.Id("reading")).SendKeys("24.8");
        t.Keys_(Keys.ArrowDown).See("Rudder, right").Keys_(Keys.ArrowUp);
        Assert.Equal("24.8", t.Find(By.Id("reading")).GetAttribute("value"));
        t.Listening().Keys_(Keys.Enter);
        t.See("Rudder, left: 24.8 mm");
        Assert.False(
            application.Job("J-0147").State.Throws.Readings["throw/rudder/rudder/high/left"].Read.Readings.IsEmpty
        );

        // Escape leaves the field, again goes to the ruler; there digits choose a stage. In the field they belong to
        // the reading.
        t.Keys_(Keys.Escape, Keys.Escape, "2");
        t.Until(() => t.Browser.Url.EndsWith("/unpack", StringComparison.Ordinal), "2 is Unpack");
        t.Keys_("0");
        t.Until(() => t.Browser.Url.EndsWith("/handover", StringComparison.Ordinal), "0 is Hand over");
        t.Keys_(Keys.Alt + Keys.PageUp);
        t.Until(() => t.Browser.Url.EndsWith("/check", StringComparison.Ordinal), "the stage before");
        t.Keys_(Keys.Control + "k").See("Find a job or stage").Keys_("0139", Keys.Enter);
        t.Until(() => t.Browser.Url.Contains("J-0139", StringComparison.Ordinal), "found by number");
    }

    [Fact]
    public async Task Lamps_fall_to_not_known_after_a_reload_and_are_said_again_before_a_powered_step()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0147/throws").See("Rudder, left");
        FullJob.Power(t, "Propeller");
        t.Browser.Navigate().Refresh();
        t.See("not known, look");
        FullJob_TypeOnly(t, "25");

        // All of them are as they were: one line, one press, and what was typed is recorded by itself.
        t.See("Look, and say how it is: propeller, transmitter, flight pack.")
            .See("propeller off; motor wires on; transmitter on, cut set; flight pack connected");
        Assert.Equal("Still so", t.Browser.SwitchTo().ActiveElement().Text);
        t.Until(() => t.Browser.FindElements(By.CssSelector("[data-say][aria-busy=false]")).Count == 1, "it listens");
        t.Keys_(Keys.Enter).See("Rudder, left: 25 mm");
    }

    [Fact]
    public async Task Every_stage_opens_without_a_complaint_and_asks_no_other_host()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        foreach (var job in new[] { "J-0139", "J-0147", "J-0150", "J-0153" })
        {
            foreach (
                var stage in new[]
                {
                    "receive",
                    "unpack",
                    "plan",
                    "build",
                    "wire",
                    "bind",
                    "throws",
                    "balance",
                    "check",
                    "handover",
                }
            )
            {
                t.Go($"/jobs/{job}/{stage}").See("Setting");
                t.Until(
                    () => t.Browser.FindElements(By.CssSelector("[data-region=act]")).Count > 0,
                    $"{stage} of {job} is there"
                );
                Assert.False(
                    t.Execute<bool>(
                        "return document.documentElement.scrollWidth > innerWidth || "
                            + "document.documentElement.scrollHeight > innerHeight"
                    ),
                    $"{stage} overflows the screen"
                );
            }
        }

        var hosts = t.Execute<IReadOnlyCollection<object>>(
            "return [...new Set(performance.getEntriesByType('resource').map(r => new URL(r.name).origin))]"
        )!;
        Assert.Equal([application.Url], hosts.Cast<string>());
        Assert.Empty(t.Complaints());
    }

    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public async Task What_is_read_has_contrast_and_a_name_in_both_rooms(bool dim)
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url, dim: dim).SignIn();
        var axe = await File.ReadAllTextAsync(ProjectFolder.File("ui", "node_modules", "axe-core", "axe.min.js"));
        foreach (
            var path in new[]
            {
                "/jobs",
                "/jobs/new",
                "/bench",
                "/sheets",
                "/sheets/new",
                "/sheets/plimsey-1400/1",
                "/jobs/J-0153/receive",
                "/jobs/J-0150/unpack?room=findings",
                "/jobs/J-0150/unpack?room=parts",
                "/jobs/J-0150/unpack?room=walk",
                "/jobs/J-0150/unpack?room=claim",
                "/jobs/J-0151/build",
                "/jobs/J-0147/bind",
                "/jobs/J-0147/throws",
                "/jobs/J-0139/balance",
                "/jobs/J-0139/handover",
            }
        )
        {
            t.Go(path).See("Setting").Idle();
            t.Execute<object>(axe);
            var found = (string)
                t.Browser.ExecuteAsyncScript(
                    """
                    const done = arguments[arguments.length - 1];
                    const place = n => n.target + ' ' + n.failureSummary;
                    const said = v => v.id + ': ' + v.nodes.slice(0, 3).map(place).join(' | ');
                    axe.run({ runOnly: ['wcag2a', 'wcag2aa'] })
                        .then(r => done(r.violations.map(said).join('\n')), e => done(String(e)));
                    """
                )!;
            Assert.True(found.Length == 0, $"{path}: {found}");
        }

        // Readings, limits and verdicts: at least 7 to 1, and red on paper too.
        foreach (
            var (colour, ground) in new[]
            {
                ("--ink", "--paper"),
                ("--red", "--paper"),
                ("--line", "--mat"),
                ("--red-mat", "--mat"),
            }
        )
        {
            Assert.True(
                Contrast(t, colour, ground) >= 7,
                $"{colour} on {ground} is {Contrast(t, colour, ground):0.0} to 1"
            );
        }

        Assert.True(Contrast(t, "--pencil", "--paper") >= 4.5 && Contrast(t, "--quiet", "--mat") >= 4.5);
    }

    private static double Contrast(Technician t, string colour, string ground)
    {
        double Luminance(string name)
        {
            var hex = t.Execute<string>(
                $"return getComputedStyle(document.documentElement).getPropertyValue('{name}').trim()"
            )!;
            if (hex.Length == 4)
            {
                hex = $"#{hex[1]}{hex[1]}{hex[2]}{hex[2]}{hex[3]}{hex[3]}";
            }

            double Channel(int at) =>
                Convert.ToInt32(hex.Substring(at, 2), 16) / 255.0 is var c && c <= 0.04045
                    ? c / 12.92
                    : Math.Pow((c + 0.055) / 1.055, 2.4);
            return (0.2126 * Channel(1)) + (0.7152 * Channel(3)) + (0.0722 * Channel(5));
        }

        var (a, b) = (Luminance(colour), Luminance(ground));
        return (Math.Max(a, b) + 0.05) / (Math.Min(a, b) + 0.05);
    }

    private static void FullJob_TypeOnly(Technician t, string value)
    {
        t.Find(By.Id("reading")).SendKeys(value);
        t.Act("Record");
    }
}
