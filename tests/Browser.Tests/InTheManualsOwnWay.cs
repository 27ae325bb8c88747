using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>
/// What a manual says in radio percent, by the place of a hole or by marks is asked for and shown on the screens.
/// </summary>
public sealed class InTheManualsOwnWay
{
    private static async Task<string> Sheet()
    {
        var file = JsonNode
            .Parse(
                await File.ReadAllTextAsync(
                    ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json"),
                    TestContext.Current.CancellationToken
                )
            )!
            .AsObject();
        file["kit"]!["id"] = "thurle-1400";
        file["kit"]!["name"] = "Thurle 1400";
        file["throws"] = JsonNode.Parse(
            """[{ "surfaces": "rudder", "rate": "high", "right": "65 %", "left": "16 to 12 mm", "page": "11" }]"""
        );
        file["holes"] = JsonNode.Parse(
            """[{ "surfaces": "rudder", "arm": "second from the outside", "page": "12" }]"""
        );
        file["balance"]!["configurations"] = JsonNode.Parse(
            """[{ "name": "by marks", "marks": "moulded arrows under the wing" }]"""
        );
        return file.ToJsonString();
    }

    [Fact]
    public async Task Percent_holes_and_marks_are_shown_and_what_was_left_open_is_given_by_a_lead()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn("I. Thorne");
        t.Go("/sheets")
            .See("Wicken 1350")
            .Drop("thurle.sheet.json", await Sheet())
            .See("Thurle 1400, revision 1, is on file.");
        t.Go("/jobs/new").See("spec sheet").Press("Thurle 1400").Press("A new customer").Fill("name", "O. Fenn");
        t.Press("Packs")
            .Fill("mass on the scale", "262")
            .Fill("length", "105")
            .Fill("width", "34")
            .Fill("height", "30")
            .Fill("capacity", "2400");
        t.Act("Take it in").See("Outside of the box");
        var id = t.Browser.Url.Split('/')[^2];
        LedgerLine Line(string line) =>
            Ledger.Of(application.Job(id).State, application.Clock.GetUtcNow()).Single(l => l.Id == line);

        // Marks are measured once, and a descending pair decided, by a lead and with a reason.
        t.Press("Sheet")
            .See("moulded arrows under the wing")
            .Press("Centre of gravity, by marks")
            .Fill("Value", "60 to 68 mm")
            .Fill("Where it comes from", "Measured at the arrows.")
            .Press("give");
        t.Until(
            () => Line("balance/by marks").Limits.StartsWith("60 to 68", StringComparison.Ordinal),
            "the range counts"
        );

        t.ToBind()
            .Look(
                ("Propeller", "off"),
                ("Motor wires", "on"),
                ("Transmitter", "on, cut set"),
                ("Flight pack", "connected")
            );
        t.Stage("Throws").See("65 %").See("read off the transmitter").Fill("Reading", "66").Act("Record").See("66.0");
        t.Until(
            () => Line("throw/rudder/rudder/high/right").Standing is Standing.Met or Standing.Close,
            "percent of travel is judged in percent"
        );
        t.Press("others", "Pushrod holes")
            .Until(() => Line("hole/rudder").Standing == Standing.NotMet, "in other holes");
        t.Press("as printed", "Pushrod holes")
            .Until(() => Line("hole/rudder").Standing == Standing.Met, "in the holes the manual names");
        Assert.Empty(t.Complaints());
    }
}
