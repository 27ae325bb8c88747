using OpenQA.Selenium;

namespace Zygotome.Browser.Tests;

/// <summary>Files as people give them to a page: through a file dialogue, or dragged onto it.</summary>
internal static class HandingFiles
{
    /// <summary>Gives a file to a field that takes files, as a file dialogue would.</summary>
    public static Technician Give(this Technician t, string label, string file)
    {
        t.Browser.FindElement(By.CssSelector($"input[type=file][aria-label=\"{label}\"]")).SendKeys(file);
        return t;
    }

    /// <summary>Drags a file onto the page's heading and lets it go, as the browser tells the page of it.</summary>
    public static Technician Drop(this Technician t, string name, string content)
    {
        t.Browser.ExecuteScript(
            """
            const held = new DataTransfer();
            held.items.add(new File([arguments[1]], arguments[0], { type: 'application/json' }));
            for (const type of ['dragover', 'drop'])
              document.querySelector('h1').dispatchEvent(new DragEvent(type, { bubbles: true, cancelable: true, dataTransfer: held }));
            """,
            name,
            content
        );
        return t;
    }
}
