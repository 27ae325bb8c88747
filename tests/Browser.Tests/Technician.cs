using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Support.UI;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>Somebody at the screen: does what a technician does, through what a technician sees.</summary>
internal sealed class Technician : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(60);
    private readonly string _url;
    private readonly DirectoryInfo _profile = Directory.CreateTempSubdirectory("zygotome-chromium");

    public Technician(string url, int width = 1280, int height = 800, bool dim = false)
    {
        _url = url;
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--disable-dev-shm-usage",
            "--use-fake-device-for-media-stream",
            "--use-fake-ui-for-media-stream",
            "--hide-scrollbars",
            $"--window-size={width},{height}",
            $"--user-data-dir={_profile.FullName}"
        );
        options.SetLoggingPreference(LogType.Browser, LogLevel.All);
        Browser = new ChromeDriver(
            ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver"),
            options,
            TimeSpan.FromSeconds(180)
        );
        Browser.ExecuteCdpCommand(
            "Emulation.setDeviceMetricsOverride",
            new()
            {
                ["width"] = width,
                ["height"] = height,
                ["deviceScaleFactor"] = 1,
                ["mobile"] = false,
            }
        );
        Browser.ExecuteCdpCommand(
            "Page.addScriptToEvaluateOnNewDocument",
            new() { ["source"] = TurnedClock(Morning.Wednesday - DateTimeOffset.UtcNow) }
        );
        if (dim)
        {
            Browser.ExecuteCdpCommand(
                "Emulation.setEmulatedMedia",
                new()
                {
                    ["features"] = new object[]
                    {
                        new Dictionary<string, object> { ["name"] = "prefers-color-scheme", ["value"] = "dark" },
                    },
                }
            );
        }
    }

    // This device's clock goes with the server's when a test lets time pass, and questions still out are counted.
    private static string TurnedClock(TimeSpan morning) =>
        $$"""
            (() => {
              const real = Date, now = real.now.bind(real);
              const offset = {{morning.TotalMilliseconds:F0}} + Number(localStorage.getItem('turned') ?? 0);
              window.Date = class extends real {
                constructor(...a) { a.length ? super(...a) : super(now() + offset); }
                static now() { return now() + offset; }
              };
              const fetched = window.fetch.bind(window);
              window.asked = 0;
              window.fetch = (...a) => {
                window.asked++;
                return fetched(...a).finally(() => { window.asked--; });
              };
            })();
            """;

    public ChromeDriver Browser { get; }

    /// <summary>Somebody else at a device of their own, whose clock has gone as far as this one's.</summary>
    public Technician Another(string person)
    {
        var other = new Technician(_url).SignIn(person);
        var turned = Execute<string>("return localStorage.getItem('turned') ?? '0'");
        other.Execute<object>($"localStorage.setItem('turned', '{turned}')");
        return other;
    }

    /// <summary>
    /// Lets time pass, for the server and for this device, and looks at the same screen again; signs in again where it
    /// must.
    /// </summary>
    public Technician Wait(Application application, TimeSpan time)
    {
        application.Clock.Advance(time);
        var here = new Uri(Browser.Url).AbsolutePath;
        Execute<object>(
            $"localStorage.setItem('turned', Number(localStorage.getItem('turned') ?? 0) + {time.TotalMilliseconds})"
        );
        Go(here);
        Until(
            () =>
                Text.Contains("Setting", StringComparison.Ordinal)
                || Text.Contains("Choose your strip of tape", StringComparison.Ordinal),
            "the screen is back"
        );
        if (Browser.Url.EndsWith("/sign-in", StringComparison.Ordinal))
        {
            SignIn();
        }

        return new Uri(Browser.Url).AbsolutePath == here ? this : Go(here);
    }

    public string Text => Execute<string>("return document.body.innerText") ?? "";

    public Technician SignIn(string name = "R. Vane", string pin = "2468")
    {
        if (!Browser.Url.EndsWith("/sign-in", StringComparison.Ordinal))
        {
            Browser.Navigate().GoToUrl($"{_url}/sign-in");
        }

        Press(name);
        Fill("PIN", pin);
        Press("Sign in");
        Until(() => !Browser.Url.EndsWith("/sign-in", StringComparison.Ordinal), "signed in");
        return this;
    }

    public Technician Go(string path)
    {
        Browser.Navigate().GoToUrl(_url + path);
        return this;
    }

    /// <summary>Walks to a stage by the ruler, without loading the page anew.</summary>
    public Technician Stage(string title)
    {
        Tap(Find(By.XPath($"//nav[@aria-label='Stages']//a[contains(., {Quote(title)})]")));
        Until(() => Find(By.XPath("//main//h1")).Text == title);
        return this;
    }

    /// <summary>Presses the button or link whose words begin with these.</summary>
    public Technician Press(string words, string? within = null)
    {
        var scope = within is null ? "" : $"//*[@aria-label={Quote(within)}]";
        Hit(
            By.XPath(
                $"{scope}//*[self::button or self::a or "
                    + $"self::summary][not(@disabled)][starts-with(normalize-space(.), {Quote(words)}) or "
                    + $"@aria-label={Quote(words)}]"
            )
        );
        return this;
    }

    /// <summary>The main act, once it says these words and can be pressed.</summary>
    public Technician Act(string words)
    {
        Until(
            () =>
                Find(By.CssSelector("button[data-act]")) is { Enabled: true } act
                && act.Text.StartsWith(words, StringComparison.Ordinal),
            $"the main act says \"{words}\""
        );
        Listening();
        Hit(By.CssSelector("button[data-act]"));
        return this;
    }

    /// <summary>Waits until the main act takes a press again: after one it is deaf to a bouncing finger.</summary>
    public Technician Listening()
    {
        Until(
            () => Browser.FindElements(By.CssSelector("[data-act][aria-busy=true]")).Count == 0,
            "the main act listens"
        );
        return this;
    }

    /// <summary>Waits until nothing is asked of the server any more and nothing on the screen moves.</summary>
    public Technician Idle()
    {
        Until(
            () =>
            {
                Drawn();
                return Execute<bool>(
                    """
                    return document.readyState === 'complete' && document.fonts.status === 'loaded'
                      && window.asked === 0 && document.getAnimations().every(a => a.playState !== 'running');
                    """
                );
            },
            "the screen is at rest"
        );
        return this;
    }

    // Two frames: what a key or an answer changed is on the screen then.
    private void Drawn() =>
        Browser.ExecuteAsyncScript(
            "const done = arguments[0]; requestAnimationFrame(() => requestAnimationFrame(() => done()));"
        );

    /// <summary>Does all of this by keys alone: Tab to what is pressed, arrows within a group, Enter or Space.</summary>
    public Technician WithoutPointer(Action<Technician> doing)
    {
        _keys = true;
        doing(this);
        _keys = false;
        return this;
    }

    private bool _keys;

    /// <summary>Presses it, by finger or by keys.</summary>
    public void Tap(IWebElement target)
    {
        if (!_keys)
        {
            target.Click();
            return;
        }

        Focus(target);
        var role = target.GetAttribute("role");
        // A tab is open as soon as it is reached.
        if (role != "tab")
        {
            Browser.SwitchTo().ActiveElement().SendKeys(role == "radio" ? Keys.Space : Keys.Enter);
        }
    }

    // As many presses of Tab, or of Shift and Tab, as stand between; then arrows, where one of a group has the tab stop.
    private void Focus(IWebElement target)
    {
        const string steps = """
            const stop = arguments[0].tabIndex >= 0 ? arguments[0]
              : arguments[0].closest('[role=radiogroup],[role=tablist]')?.querySelector('[tabindex="0"]');
            const all = [...(document.querySelector('dialog[open]') ?? document).querySelectorAll('*')].filter(e =>
              e.tabIndex >= 0 && !e.disabled && e.checkVisibility() && !e.closest('[inert]'));
            return all.indexOf(stop) - all.indexOf(document.activeElement);
            """;
        bool Has() => (bool)Browser.ExecuteScript("return document.activeElement === arguments[0]", target)!;
        bool Stops() => (long)Browser.ExecuteScript(steps, target)! == 0;
        for (var tries = 0; tries < 60 && !Stops(); tries++)
        {
            var left = (long)Browser.ExecuteScript(steps, target)!;
            var key = left > 0 ? Keys.Tab : Keys.Shift + Keys.Tab;
            // What is counted wrongly is walked one by one.
            var times = tries == 0 ? (int)Math.Abs(left) : 1;
            for (var i = 0; i < times; i++)
            {
                Browser.SwitchTo().ActiveElement().SendKeys(key);
            }
        }

        for (var i = 0; i < 12 && !Has(); i++)
        {
            Browser.SwitchTo().ActiveElement().SendKeys(Keys.ArrowRight);
        }

        if (!Has())
        {
            throw new InvalidOperationException($"\"{target.Text}\" is not reached by keys. On the screen:\n{Text}");
        }
    }

    /// <summary>
    /// Presses what stands still there. A list may still be pushed away under the finger: a press that did not land
    /// on it is made again.
    /// </summary>
    private void Hit(By by) =>
        Retry(() =>
        {
            var target = Find(by, still: true);
            if (_keys)
            {
                Tap(target);
                return;
            }

            var press = Guid.NewGuid().ToString();
            Browser.ExecuteScript(
                """
                const [target, press] = arguments;
                const landed = () => sessionStorage.setItem('press', press);
                target.addEventListener('click', landed, { once: true, capture: true });
                """,
                target,
                press
            );
            target.Click();
            if (Execute<string>("return sessionStorage.getItem('press')") != press)
            {
                throw new ElementClickInterceptedException($"The press did not land on {by}.");
            }
        });

    /// <summary>Types into the field with this label, over what was there.</summary>
    public Technician Fill(string label, string value)
    {
        Retry(() =>
        {
            var field = Find(
                By.XPath(
                    $"//label[starts-with(normalize-space(.), {Quote(label)})]//*[self::input or self::select] | "
                        + $"//input[@aria-label={Quote(label)}] | //select[@aria-label={Quote(label)}] | "
                        + $"//input[@id=//label[starts-with(normalize-space(.), {Quote(label)})]/@for]"
                )
            );
            if (field.TagName == "select")
            {
                new SelectElement(field).SelectByText(value, partialMatch: true);
                return;
            }

            if (field.GetAttribute("type") == "date")
            {
                field.SendKeys(value);
                return;
            }

            if (_keys)
            {
                Focus(field);
            }

            field.SendKeys(Keys.Control + "a");
            field.SendKeys(value);
        });
        return this;
    }

    /// <summary>Chooses one of a group of choices by its first word.</summary>
    public Technician Choose(string group, string words)
    {
        Hit(By.XPath($"//label[.//input[@name={Quote(group)}]][starts-with(normalize-space(.), {Quote(words)})]"));
        return this;
    }

    /// <summary>
    /// One look, said in one act: the one a refusal opened, else opened by a lamp. What is not named is as it was said
    /// last.
    /// </summary>
    public Technician Look(params ReadOnlySpan<(string Lamp, string Words)> said)
    {
        Idle();
        if (Browser.FindElements(By.CssSelector("dialog[open]")).Count == 0)
        {
            Hit(By.CssSelector("[data-lamp=transmitter]"));
        }

        Until(() => Browser.FindElements(By.CssSelector("[data-say]")).Count == 1, "the look is open");
        if (Browser.FindElements(By.XPath("//dialog//button[normalize-space(.)='otherwise']")).Count > 0)
        {
            Press("otherwise");
        }

        foreach (var (lamp, words) in said)
        {
            Hit(
                By.XPath(
                    $"//dialog//*[@role='radiogroup'][@aria-label={Quote(lamp)}]"
                        + $"//*[@role='radio'][normalize-space(.)={Quote(words)}]"
                )
            );
        }

        // At each power-up the memory is read off the transmitter: here it is the one that was bound.
        foreach (
            var memory in Browser.FindElements(
                By.CssSelector("dialog [role=radiogroup][aria-label='Memory on the transmitter']")
            )
        )
        {
            Tap(memory.FindElements(By.CssSelector("[role=radio]"))[0]);
        }

        return Say();
    }

    /// <summary>Says that it is so, once the look listens.</summary>
    public Technician Say()
    {
        Until(() => Browser.FindElements(By.CssSelector("[data-say][aria-busy=false]")).Count == 1, "the look listens");
        Hit(By.CssSelector("[data-say]"));
        return Idle();
    }

    public Technician See(string words)
    {
        Until(() => Text.Contains(words, StringComparison.OrdinalIgnoreCase), $"\"{words}\" is on the screen");
        return this;
    }

    public Technician DoNotSee(string words)
    {
        Until(() => !Text.Contains(words, StringComparison.OrdinalIgnoreCase), $"\"{words}\" is gone");
        return this;
    }

    public Technician Keys_(params string[] keys)
    {
        foreach (var key in keys)
        {
            Browser.SwitchTo().ActiveElement().SendKeys(key);
            Drawn();
        }

        return this;
    }

    /// <summary>
    /// Walks with Tab alone until what has the focus is called this; then presses the keys. No pointer.
    /// </summary>
    public Technician Reach(string name, params string[] keys) =>
        Walk(
                Keys.Tab,
                name,
                """
                const e = document.activeElement; if (!e || e === document.body) return '';
                const label = e.getAttribute('aria-label') ?? e.labels?.[0]?.innerText ?? e.innerText ?? '';
                return label.trim();
                """
            )
            .Keys_(keys);

    /// <summary>Reaches a question with Tab, walks to an answer with an arrow key and gives it. No pointer.</summary>
    public Technician Pick(string question, string answer) =>
        Walk(
                Keys.Tab,
                question,
                "return document.activeElement?.closest('[role=radiogroup]')?.getAttribute('aria-label') ?? ''"
            )
            .Walk(Keys.ArrowRight, answer, "return document.activeElement?.innerText.trim() ?? ''")
            .Keys_(Keys.Space);

    private Technician Walk(string key, string name, string called)
    {
        for (var i = 0; i < 220; i++)
        {
            if (Execute<string>(called) is { } here && here.StartsWith(name, StringComparison.OrdinalIgnoreCase))
            {
                return this;
            }

            Browser.SwitchTo().ActiveElement().SendKeys(key);
        }

        throw new InvalidOperationException($"\"{name}\" is not reached by that key. On the screen:\n{Text}");
    }

    /// <summary>Takes the network away from this device, or gives it back.</summary>
    public void Offline(bool away)
    {
        Network(away, 0);
    }

    /// <summary>Makes every answer wait this long, as at the far end of a workshop.</summary>
    public void SlowNetwork(TimeSpan latency) => Network(false, latency.TotalMilliseconds);

    private void Network(bool away, double latency)
    {
        Browser.ExecuteCdpCommand("Network.enable", []);
        Browser.ExecuteCdpCommand(
            "Network.emulateNetworkConditions",
            new()
            {
                ["offline"] = away,
                ["latency"] = latency,
                ["downloadThroughput"] = -1,
                ["uploadThroughput"] = -1,
            }
        );
    }

    /// <summary>What kind of file the server gives this person at a path.</summary>
    public string Fetched(string path) =>
        (string)
            Browser.ExecuteAsyncScript(
                "fetch(arguments[0]).then(r => arguments[1](r.ok ? r.headers.get('content-type') : r.status + ''))",
                path
            )!;

    public T? Execute<T>(string script) => (T?)Browser.ExecuteScript(script);

    /// <param name="still">Whether it must have stopped moving: nobody aims at what a list still pushes about.</param>
    public IWebElement Find(By by, bool still = false)
    {
        try
        {
            return Patiently()
                .Until(b =>
                    b.FindElements(by).FirstOrDefault(e => e.Displayed) is { } found && (!still || StandsStill(found))
                        ? found
                        : throw new NoSuchElementException(by.ToString())
                );
        }
        catch (WebDriverTimeoutException)
        {
            throw new InvalidOperationException($"Not found: {by}. On the screen:\n{Text}");
        }
    }

    private bool StandsStill(IWebElement element)
    {
        var before = (element.Location, element.Size);
        Drawn();
        return before == (element.Location, element.Size);
    }

    public void Until(Func<bool> condition, string what = "it is so")
    {
        try
        {
            Patiently().Until(_ => condition());
        }
        catch (WebDriverTimeoutException)
        {
            throw new InvalidOperationException($"Waited in vain until {what}. On the screen:\n{Text}");
        }
    }

    // What is drawn anew meanwhile is looked at again.
    private WebDriverWait Patiently()
    {
        var wait = new WebDriverWait(Browser, Patience) { PollingInterval = TimeSpan.FromMilliseconds(40) };
        wait.IgnoreExceptionTypes(typeof(NoSuchElementException), typeof(StaleElementReferenceException));
        return wait;
    }

    /// <summary>
    /// What the browser complained about: a blocked request, a broken policy, a script error. Answers that refuse are
    /// no complaint.
    /// </summary>
    public IReadOnlyList<string> Complaints() =>
        [
            .. Browser
                .Manage()
                .Logs.GetLog(LogType.Browser)
                .Where(l =>
                    l.Level >= LogLevel.Warning
                    && !l.Message.Contains("the server responded with a status of 4", StringComparison.Ordinal)
                )
                .Select(l => l.Message),
        ];

    public void Picture(string file) => Browser.GetScreenshot().SaveAsFile(file);

    public void Dispose()
    {
        Browser.Quit();
        Browser.Dispose();
        try
        {
            _profile.Delete(recursive: true);
        }
        catch (IOException)
        {
            // The browser may still be letting go of its profile; the temporary folder is cleaned by the machine.
        }
    }

    private void Retry(Action act)
    {
        for (var i = 0; ; i++)
        {
            try
            {
                act();
                return;
            }
            catch (Exception e)
                when (i < 40
                    && e
                        is StaleElementReferenceException
                            or ElementClickInterceptedException
                            or ElementNotInteractableException
                )
            {
                Drawn();
            }
        }
    }

    private static string Quote(string text) => text.Contains('\'') ? $"\"{text}\"" : $"'{text}'";
}
