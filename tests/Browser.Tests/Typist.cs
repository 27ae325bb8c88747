using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace Zygotome.Browser.Tests;

/// <summary>
/// Somebody with a paper and a keyboard: walks the pages of the editor field by field, types what the paper says and
/// says of the rest that it is so. No pointer.
/// </summary>
/// <param name="paper">What is typed, by its path in the file.</param>
/// <param name="rows">How many rows are added, by what the button is called.</param>
internal sealed class Typist(Technician t, IReadOnlyDictionary<string, string> paper, Dictionary<string, int> rows)
{
    private const string Here = """
        const e = document.activeElement;
        if (!e || e === document.body) return ['BODY', '', '', '', '', '', ''];
        const row = e.closest('details');
        const says = 'As the manual says';
        const wanting = row && [...row.querySelectorAll('button')].some((b) => b.innerText === says);
        return [
          e.tagName,
          e.id,
          (e.innerText || '').trim(),
          e.closest('[data-region=now]') ? 'paper' : '',
          /assumed/.test(e.tagName === 'SUMMARY' ? e.innerText : (e.labels?.[0]?.innerText ?? '')) ? 'assumed' : '',
          e.tagName === 'SUMMARY' ? ([...row.querySelectorAll('[id]')].map((x) => x.id)[0] ?? '') : '',
          e.tagName === 'SUMMARY' ? (row.open ? 'open' : '') : wanting ? 'wanting' : '',
        ];
        """;

    private readonly HashSet<string> _typed = [];

    private sealed record Place(string Tag, string Id, string Text, bool Paper, bool Assumed, string Row, string More)
    {
        // Below the row of a summary; its first field says which.
        public string Under => Row.Contains('.', StringComparison.Ordinal) ? Row[..Row.LastIndexOf('.')] : Row;
    }

    private Place At()
    {
        var said = t.Execute<IReadOnlyCollection<object>>(Here)!.Cast<string>().ToArray();
        return new(said[0], said[1], said[2], said[3].Length > 0, said[4].Length > 0, said[5], said[6]);
    }

    private void Press(params ReadOnlySpan<string> keys)
    {
        var chord = new Actions(t.Browser);
        foreach (var modifier in keys[..^1])
        {
            chord.KeyDown(modifier);
        }

        chord.SendKeys(keys[^1]);
        foreach (var modifier in keys[..^1])
        {
            chord.KeyUp(modifier);
        }

        chord.Perform();
    }

    private void Write(string text) => t.Browser.SwitchTo().ActiveElement().SendKeys(text);

    // Where the act led, once it did; the same place where it leads nowhere.
    private Place After(Place was)
    {
        for (var i = 0; i < 60; i++)
        {
            Thread.Sleep(25);
            if (At() is var now && (now.Id, now.Text) != (was.Id, was.Text))
            {
                return now;
            }
        }

        return At();
    }

    /// <summary>Every page from the one that is open to the last.</summary>
    public void Type(int pages)
    {
        while (!At().Paper)
        {
            Press(Keys.Tab);
        }

        for (var page = 0; page < pages; page++)
        {
            if (page > 0)
            {
                Press(Keys.Alt, Keys.PageDown);
                Thread.Sleep(250);
            }

            Walk();
        }
    }

    private void Walk()
    {
        for (var i = 0; i < 1200; i++)
        {
            var here = At();
            if (here.Text.StartsWith("Put it on file", StringComparison.Ordinal))
            {
                return;
            }

            if (!here.Paper || !Done(here))
            {
                Press(Keys.Tab);
            }
        }

        throw new InvalidOperationException($"The page has no end. On the screen:\n{t.Text}");
    }

    // Whether the act itself moved on.
    private bool Done(Place here)
    {
        switch (here)
        {
            case { Tag: "INPUT" } when paper.TryGetValue(here.Id, out var text) && _typed.Add(here.Id):
                Press(Keys.Control, "a");
                Write(text);
                Press(Keys.Enter);
                return After(here).Id != here.Id
                    ? true
                    : throw new InvalidOperationException($"\"{text}\" is not taken at {here.Id}:\n{t.Text}");
            case { Tag: "SELECT" } when paper.TryGetValue(here.Id, out var choice) && _typed.Add(here.Id):
                Write(choice);
                Thread.Sleep(250);
                return false;
            case { Tag: "INPUT", Assumed: true, More: "" }:
                Press(Keys.Enter);
                return After(here).Id != here.Id;
            case { Tag: "SUMMARY", More: "" }
                when here.Assumed || paper.Keys.Any(p => p.StartsWith(here.Under, StringComparison.Ordinal)):
                Press(Keys.Enter);
                return false;
            case { Tag: "BUTTON", Text: "As the manual says" }:
                Press(Keys.Enter);
                return After(here) is { Paper: true } next && next.Text != here.Text;
            case { Tag: "BUTTON" } when rows.GetValueOrDefault(here.Text) is > 0 and var left:
                rows[here.Text] = left - 1;
                Press(Keys.Space);
                return After(here).Id.Length > 0;
            default:
                return false;
        }
    }
}
