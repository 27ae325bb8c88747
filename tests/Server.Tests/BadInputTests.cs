using System.Net;
using System.Text.Json;
using Xunit;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>
/// A client's mistakes get a clear answer that says what and where; nothing is recorded and nothing is a 5xx.
/// </summary>
public sealed class BadInputTests : WithServer
{
    private static void IsClear(JsonElement answer, string code, string where)
    {
        Assert.Equal((code, where), (answer.GetProperty("code").GetString(), answer.GetProperty("where").GetString()));
        Assert.True(answer.GetProperty("title").GetString()!.Length > 10);
        var text = answer.GetRawText();
        Assert.DoesNotContain("   at ", text, StringComparison.Ordinal);
        Assert.DoesNotContain("Exception", text, StringComparison.Ordinal);
        Assert.DoesNotContain("System.", text, StringComparison.Ordinal);
    }

    private async Task Refused(string job, string type, object body, string code, string where)
    {
        var before = Application.Job(job).State.Seq;
        var (status, answer) = await Client.Record(job, type, body, before);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        IsClear(answer, code, where);
        Assert.Equal(before, Application.Job(job).State.Seq);
    }

    private static object Read(string reading) =>
        new
        {
            target = "throw/rudder/rudder/high/left",
            readings = new[] { reading },
            measure = "uprightRuler",
            instrument = "rule",
            travel = 100,
        };

    [Fact]
    public async Task An_impossible_reading_is_refused_and_says_where()
    {
        await Client.Power("J-0147");
        await Refused("J-0147", "throws/read", Read("400 mm"), "throws/impossible", "entries[0].body.readings[0]");
        await Refused("J-0147", "throws/read", Read("abc"), "quantity/not-understood", "entries[0].body.readings[0]");
        await Refused("J-0147", "throws/read", Read("1,500"), "quantity/ambiguous", "entries[0].body.readings[0]");
    }

    /// <summary>An outbox that got no answer sends again what it sent.</summary>
    [Fact]
    public async Task A_bare_number_sent_twice_is_recorded_once()
    {
        await Client.Power("J-0147");
        var id = Guid.NewGuid().ToString();
        var (first, _) = await Client.Record("J-0147", "throws/read", Read("25"), id: id);
        var (again, answer) = await Client.Record("J-0147", "throws/read", Read("25"), id: id);
        Assert.True((first, again) == (HttpStatusCode.OK, HttpStatusCode.OK), $"{answer}");
        var (_, other) = await Client.Record("J-0147", "throws/read", Read("26"), id: id);
        IsClear(other, "entry/id-used", "entryId");
    }

    [Fact]
    public Task A_negative_mass_is_refused() =>
        Refused(
            "J-0147",
            "receive/battery",
            new
            {
                battery = new
                {
                    mass = "-250 g",
                    length = "105 mm",
                    width = "34 mm",
                    height = "30 mm",
                    cells = 4,
                    capacity = "2400 mAh",
                },
            },
            "quantity/impossible",
            "entries[0].body.battery.mass"
        );

    [Fact]
    public Task An_unknown_surface_is_refused() =>
        Refused(
            "J-0147",
            "throws/freedom",
            new
            {
                surface = "canard",
                free = true,
                note = "",
            },
            "surface/unknown",
            "entries[0].body.surface"
        );

    [Fact]
    public Task An_unknown_kind_of_entry_is_refused() =>
        Refused("J-0147", "throws/guessed", new { }, "entry/unknown-type", "entries[0].type");

    [Fact]
    public Task A_missing_field_is_named() =>
        Refused("J-0147", "throws/freedom", new { free = true }, "entry/body", "entries[0].body");

    [Fact]
    public Task An_unknown_field_is_named() =>
        Refused(
            "J-0147",
            "unpack/papers",
            new { paper = "manual", colour = "blue" },
            "entry/body",
            "entries[0].body.colour"
        );

    [Fact]
    public async Task A_list_with_nothing_in_one_place_is_refused_by_its_name()
    {
        var (status, answer) = await Client.Send(
            HttpMethod.Post,
            "/api/jobs/J-0147/entries",
            """{"entries": [null], "look": "l"}"""
        );
        Assert.Equal(HttpStatusCode.BadRequest, status);
        IsClear(answer, "request/json", "entries");
        var seq = Application.Job("J-0150").State.Seq;
        (status, answer) = await Client.Ask(
            "J-0150",
            "claims",
            new
            {
                findings = new string?[] { null },
                parts = Array.Empty<string>(),
                wish = "",
            },
            seq
        );
        Assert.Equal(HttpStatusCode.BadRequest, status);
        IsClear(answer, "request/json", "findings");
    }

    [Fact]
    public async Task A_broken_body_a_wrong_type_and_a_wrong_medium_are_client_errors()
    {
        const string Path = "/api/jobs/J-0147/entries";
        Assert.Equal(HttpStatusCode.BadRequest, (await Client.Send(HttpMethod.Post, Path, "{ not json")).Status);
        Assert.Equal(
            HttpStatusCode.BadRequest,
            (await Client.Send(HttpMethod.Post, Path, """{"entries": 5, "look": "l"}""")).Status
        );
        Assert.Equal(HttpStatusCode.BadRequest, (await Client.Send(HttpMethod.Post, Path, """{"look": "l"}""")).Status);
        Assert.Equal(HttpStatusCode.BadRequest, (await Client.Send(HttpMethod.Post, Path, "")).Status);
        Assert.Equal(
            HttpStatusCode.UnsupportedMediaType,
            (await Client.Send(HttpMethod.Post, Path, "x", "text/plain")).Status
        );
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await Client.Send(HttpMethod.Post, Path, """{"entries": [], "look": "l"}""")).Status
        );
        Assert.Equal(
            HttpStatusCode.BadRequest,
            (await Client.Send(HttpMethod.Post, "/api/jobs", """{"entryId": null}""")).Status
        );
    }

    [Fact]
    public async Task A_body_of_20_megabytes_is_refused_as_too_large()
    {
        var (status, answer) = await Client.Send(HttpMethod.Post, "/api/sheets", new string(' ', 20_000_000));
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, status);
        IsClear(answer, "request/too-large", "body");
        (status, _) = await Client.Send(
            HttpMethod.Post,
            "/api/jobs/J-0147/entries",
            $$"""{"look": "{{new string('x', 20_000_000)}}"}"""
        );
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, status);
    }

    [Fact]
    public async Task A_wrong_method_and_an_unknown_route_are_told_apart()
    {
        var (status, answer) = await Client.Send(HttpMethod.Delete, "/api/jobs", "");
        Assert.Equal(HttpStatusCode.MethodNotAllowed, status);
        IsClear(answer, "request/method", "method");
        using var response = await Client.Client.GetAsync("/api/nothing-here");
        Assert.Equal(HttpStatusCode.NotFound, response.StatusCode);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await Client.Record("J-9999", "unpack/papers", new { paper = "manual" })).Status
        );
    }

    [Fact]
    public async Task A_broken_sheet_file_lists_every_mistake_with_its_path()
    {
        var text = await File.ReadAllTextAsync(ProjectFolder.File("demo", "sheets", "skerrow-64.sheet.json"));
        var broken = text.Replace("\"420 mm\"", "\"420 furlongs\"", StringComparison.Ordinal)
            .Replace("\"chord\": \"48 mm\"", "\"chord\": -3", StringComparison.Ordinal);
        var (status, answer) = await Client.Send(HttpMethod.Post, "/api/sheets", broken);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Equal(
            ["$.geometry.lifting[0].panels[0].root", "$.surfaces[0].chord", "$.surfaces[1].chord"],
            answer.GetProperty("mistakes").EnumerateArray().Select(m => m.GetProperty("path").GetString()!)
        );
        (status, answer) = await Client.Send(HttpMethod.Post, "/api/sheets", text + " ");
        Assert.Equal((HttpStatusCode.Conflict, "sheet/revision"), (status, answer.GetProperty("code").GetString()!));
    }

    [Fact]
    public async Task Names_with_markup_and_right_to_left_text_come_back_as_they_were_written()
    {
        const string Name = "<img src=x onerror=alert(1)> שלום";
        var (status, opened) = await Client.Receive("new-1", Name);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(
            Name,
            (await Client.Get($"/api/jobs/{opened.GetProperty("jobId").GetString()}"))
                .GetProperty("customer")
                .GetString()
        );
    }
}
