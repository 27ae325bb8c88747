using System.Net;
using System.Text.Json;
using UglyToad.PdfPig;
using Xunit;
using Zygotome.Core.Wire;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>The shop's catalogue as a file given out and taken in, and what a job prints by it.</summary>
public sealed class CatalogueTests : WithServer
{
    private const string Path = "/api/shop/catalogue";

    private static object Board(string name, params string[] sockets) =>
        new { format = "zygotome-catalogue/1", boards = new[] { new { name, sockets } } };

    private Task<(HttpStatusCode Status, JsonElement Answer)> Take(object catalogue) =>
        Client.Send(HttpMethod.Post, Path, JsonSerializer.Serialize(catalogue));

    private static string[] Named(JsonElement catalogue, string family) =>
        [.. catalogue.GetProperty(family).EnumerateArray().Select(k => k.GetProperty("name").GetString()!)];

    [Fact]
    public async Task What_is_given_out_can_be_taken_in_and_changes_nothing()
    {
        var given = await Client.Get(Path);
        var (status, taken) = await Take(given);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(given.ToString(), (await Client.Get(Path)).ToString());
        Assert.Contains("eight-way with light outlets", Named(taken, "boards"));
    }

    [Fact]
    public async Task A_board_is_listed_put_right_offered_and_struck_by_a_lead()
    {
        await Take(Board("new board", "1", "2"));
        await Take(Board("New board", "A", "B", "C"));
        var board = (await Client.Get("/api/shop"))
            .GetProperty("boards")
            .EnumerateArray()
            .Single(b => b.GetProperty("name").GetString() == "New board");
        Assert.Equal(3, board.GetProperty("sockets").GetArrayLength());
        var (refused, _) = await Client.Send(HttpMethod.Delete, $"{Path}/board/New%20board", "");
        Assert.Equal(HttpStatusCode.Forbidden, refused);
        using var lead = await Api.SignedIn(Application, "ithorne");
        var (struck, left) = await lead.Send(HttpMethod.Delete, $"{Path}/board/New%20board", "");
        Assert.Equal(HttpStatusCode.OK, struck);
        Assert.DoesNotContain("New board", Named(left, "boards"));
    }

    [Theory]
    [InlineData("""{"format":"zygotome-catalogue/9"}""", "format")]
    [InlineData("""{"format":"zygotome-catalogue/1","boards":[{"name":"x","sockets":[]}]}""", "boards[0].sockets")]
    [InlineData(
        """{"format":"zygotome-catalogue/1","receivers":[{"name":"x","channels":4,"ports":4,"bindPort":5}]}""",
        "receivers[0].bindPort"
    )]
    [InlineData("""{"format":"zygotome-catalogue/1","connectors":[{"name":"x","amps":0}]}""", "connectors[0].amps")]
    [InlineData("""{"format":"zygotome-catalogue/1","boards":null}""", "")]
    [InlineData("""{"format":"zygotome-catalogue/1","plugs":[]}""", "")]
    [InlineData("""[]""", "")]
    public async Task A_file_that_cannot_be_is_refused_with_its_place_and_changes_nothing(string file, string where)
    {
        var before = (await Client.Get(Path)).ToString();
        var (status, answer) = await Take(JsonDocument.Parse(file).RootElement);
        Assert.InRange((int)status, 400, 422);
        if (where.Length > 0)
        {
            Assert.Equal(where, answer.GetProperty("where").GetString());
        }

        Assert.Equal(before, (await Client.Get(Path)).ToString());
    }

    [Fact]
    public async Task A_job_keeps_its_board_as_it_was_when_the_list_changes()
    {
        await Take(Board("mine", "1", "2"));
        var (_, opened) = await Client.Receive("opened", "T. Marram", "carrow-mail-1900");
        var job = opened.GetProperty("jobId").GetString()!;
        (await Client.Record(job, "wire/device", new { of = "board", kind = "mine" })).Status.Ok();
        await Take(Board("mine", "1", "2", "3"));
        Assert.Equal(2, Application.Job(job).State.Wire.Devices["board"].Sockets.Length);
        var (status, refused) = await Client.Record(job, "wire/device", new { of = "board", kind = "nobody's" });
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Equal("entry/not-listed", refused.GetProperty("code").GetString());
    }

    [Fact]
    public async Task Labels_name_every_lead_with_its_port_and_the_card_every_port()
    {
        var wire = await Client.Get("/api/jobs/J-0147/wire");
        using var labels = PdfDocument.Open(await Pdf("labels"));
        using var card = PdfDocument.Open(await Pdf("port-map"));
        var (onLabels, onCard) = (Text(labels), Text(card));
        foreach (var lead in wire.GetProperty("leads").EnumerateArray())
        {
            Assert.Contains(Plain(lead.GetProperty("name").GetString()!), onLabels, StringComparison.Ordinal);
            Assert.Contains(Plain($"to {lead.GetProperty("to").GetString()}"), onLabels, StringComparison.Ordinal);
        }

        foreach (
            var socket in wire.GetProperty("devices").EnumerateArray().Last().GetProperty("sockets").EnumerateArray()
        )
        {
            Assert.Contains(Plain(socket.GetProperty("print").GetString()!), onCard, StringComparison.Ordinal);
        }

        Assert.Contains(Plain("50 mm: measure it"), onLabels, StringComparison.Ordinal);
        Assert.Contains(Plain("50 mm: measure it"), onCard, StringComparison.Ordinal);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await Client.Client.GetAsync(new Uri("/api/jobs/J-9999/wire/labels.pdf", UriKind.Relative))).StatusCode
        );
    }

    private Task<byte[]> Pdf(string name) =>
        Client.Client.GetByteArrayAsync(new Uri($"/api/jobs/J-0147/wire/{name}.pdf", UriKind.Relative));

    private static string Text(PdfDocument pdf) => Plain(string.Concat(pdf.GetPages().Select(p => p.Text)));

    // Spaces of a PDF are gaps between letters.
    private static string Plain(string text) => string.Concat(text.Where(c => !char.IsWhiteSpace(c)));
}
