using System.Net;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

public sealed class DraftTests : WithServer
{
    private async Task<JsonElement> Post(string path, object body, HttpStatusCode expected = HttpStatusCode.OK)
    {
        var (status, answer) = await Client.Send(HttpMethod.Post, path, JsonSerializer.Serialize(body));
        Assert.True(status == expected, $"{path}: {status} {answer}");
        return answer;
    }

    private Task<JsonElement> Begun(string name = "Server Heron") =>
        Post(
            "/api/drafts/archetype",
            new
            {
                @class = "low-wing",
                name,
                maker = "",
                span = "1200",
                length = "39 in",
                emptyWeight = "900 g",
                material = "EPO",
                fitted = Array.Empty<string>(),
            }
        );

    /// <summary>743 g on the lid is not 745 g, and 35 1/2 in is not 902 mm.</summary>
    [Fact]
    public async Task What_was_typed_from_the_lid_stands_as_it_was_typed()
    {
        var draft = await Post(
            "/api/drafts/archetype",
            new
            {
                @class = "low-wing",
                name = "As typed",
                maker = "",
                span = "35 1/2 in",
                length = "738",
                emptyWeight = "743 g",
                material = "EPO",
                fitted = Array.Empty<string>(),
            }
        );
        var file = await Client.Get($"/api/drafts/{draft.GetProperty("id").GetString()}/file");
        var kit = file.GetProperty("kit");
        Assert.Equal(
            ("35 1/2 in", "738 mm", "743 g"),
            (
                kit.GetProperty("span").GetString(),
                kit.GetProperty("length").GetString(),
                file.GetProperty("balance").GetProperty("empty").GetProperty("mass").GetString()
            )
        );
    }

    [Fact]
    public async Task A_kit_begun_from_another_has_its_numbers_and_none_of_them_is_its_makers()
    {
        var draft = await Post(
            "/api/drafts/another-kit",
            new
            {
                id = "plimsey-1400",
                revision = 1,
                name = "Plimsey 1600",
                maker = "Somebody else",
            }
        );
        var id = draft.GetProperty("id").GetString();
        var bytes = await Client.Client.GetByteArrayAsync($"/api/drafts/{id}/file");
        var sheet = Core.Sheets.SheetReader.Read(bytes).Sheet!;
        Assert.Equal(("plimsey-1600", "Somebody else", 1), (sheet.Kit.Id, sheet.Kit.Maker, sheet.Kit.Revision));
        Assert.All(sheet.Throws.SelectMany(t => t.Ways), w => Assert.IsType<Printed<Quantity>.Assumed>(w.Value));
        Assert.All(sheet.Balance.Configurations, c => Assert.IsType<Printed<Quantity>.Assumed>(c.Range));
        Assert.All(sheet.Neutral, n => Assert.IsType<Printed<Quantity>.Assumed>(n.Offset));
        Assert.All(
            [
                sheet.Balance.Says(BalanceFields.AllUpWeight),
                sheet.Balance.Says(BalanceFields.Lateral),
                sheet.Defaults.Says(ThrowFields.Tolerance),
            ],
            said => Assert.IsType<Printed<Quantity>.Assumed>(said)
        );

        // What was said of that manual is not said of this one.
        Assert.All(sheet.Throws, t => Assert.Equal("", t.Page));
        Assert.All(sheet.Steps, s => Assert.Equal("", s.Page));
        Assert.DoesNotContain("notStated", System.Text.Encoding.UTF8.GetString(bytes), StringComparison.Ordinal);
        Assert.Empty(sheet.Undecided);
        Assert.Null(sheet.Radio.Stabiliser.Counts);

        // What keeps hands whole comes over with its step.
        var like = Core
            .Sheets.SheetReader.Read(await Client.Client.GetByteArrayAsync("/api/sheets/plimsey-1400/1"))
            .Sheet!;
        Assert.Equal(
            like.Steps.Select(s => (s.Id, s.Needs, s.Power, string.Join(' ', s.Readies))),
            sheet.Steps.Select(s => (s.Id, s.Needs, s.Power, string.Join(' ', s.Readies)))
        );
        Assert.Contains(sheet.Steps, s => s.Power is not null);

        // Confirmed one by one against the paper, it is the maker's; the rest stays as it is.
        var (status, edited) = await Client.Send(
            HttpMethod.Post,
            $"/api/drafts/{id}/edits",
            JsonSerializer.Serialize(
                new
                {
                    version = 1,
                    edits = new[]
                    {
                        new
                        {
                            path = "$.throws[0]",
                            act = "confirm",
                            text = "",
                            page = "",
                            reason = "",
                        },
                    },
                }
            )
        );
        Assert.True(status == HttpStatusCode.OK, $"{edited}");
        sheet = Core.Sheets.SheetReader.Read(await Client.Client.GetByteArrayAsync($"/api/drafts/{id}/file")).Sheet!;
        Assert.All(sheet.Throws[0].Ways, w => Assert.NotNull(w.Value.Counts));
        Assert.All(sheet.Throws[1].Ways, w => Assert.IsType<Printed<Quantity>.Assumed>(w.Value));
        await Post(
            "/api/drafts/another-kit",
            new
            {
                id = "plimsey-1400",
                revision = 1,
                name = " ",
                maker = "",
            },
            HttpStatusCode.UnprocessableEntity
        );
    }

    [Fact]
    public async Task A_draft_is_taken_away_by_its_writer_or_a_lead_and_comes_back_for_a_day()
    {
        var id = (await Begun()).GetProperty("id").GetString();
        using var counter = await Api.SignedIn(Application, "msorrel");
        static async Task<(int Drafts, int Removed, bool Yours)> Listed(Api by)
        {
            var list = await by.Get("/api/drafts");
            var all = list.GetProperty("drafts").EnumerateArray().Concat(list.GetProperty("removed").EnumerateArray());
            return (
                list.GetProperty("drafts").GetArrayLength(),
                list.GetProperty("removed").GetArrayLength(),
                all.Any(d => d.GetProperty("yours").GetBoolean())
            );
        }

        var (status, refused) = await counter.Send(HttpMethod.Delete, $"/api/drafts/{id}", "");
        Assert.Equal((HttpStatusCode.Forbidden, "draft/writer"), (status, refused.GetProperty("code").GetString()));
        Assert.Equal((1, 0, false), await Listed(counter));

        Assert.Equal(HttpStatusCode.NoContent, (await Client.Client.DeleteAsync($"/api/drafts/{id}")).StatusCode);
        Assert.Equal((0, 1, true), await Listed(Client));
        Assert.Equal(HttpStatusCode.NotFound, (await Client.Client.GetAsync($"/api/drafts/{id}")).StatusCode);
        await Post($"/api/drafts/{id}/edits", Set("$.kit.maker", "Late", 1), HttpStatusCode.NotFound);
        using var lead = await Api.SignedIn(Application, "ithorne");
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await lead.Client.PostAsync($"/api/drafts/{id}/restore", null)).StatusCode
        );
        Assert.Equal((1, 0, true), await Listed(Client));

        Assert.Equal(HttpStatusCode.NoContent, (await lead.Client.DeleteAsync($"/api/drafts/{id}")).StatusCode);
        Application.Clock.Advance(TimeSpan.FromHours(25));
        await Application.Restart();
        using var later = await Api.SignedIn(Application);
        Assert.Equal((0, 0, false), await Listed(later));
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await later.Client.PostAsync($"/api/drafts/{id}/restore", null)).StatusCode
        );
    }

    private static object Set(string path, string text, long version) =>
        new
        {
            version,
            edits = new[]
            {
                new
                {
                    path,
                    act = "set",
                    text,
                    page = "",
                    reason = "",
                },
            },
        };

    [Fact]
    public async Task Two_people_typing_one_draft_do_not_overwrite_each_other_unseen()
    {
        var draft = await Begun();
        var path = $"/api/drafts/{draft.GetProperty("id").GetString()}/edits";
        await Post(path, Set("$.kit.maker", "First", 1));
        var answer = await Post(path, Set("$.kit.maker", "Second", 1), HttpStatusCode.Conflict);
        Assert.Equal("sheet/overtaken", answer.GetProperty("code").GetString());
        Assert.Equal(
            2,
            (await Client.Get($"/api/drafts/{draft.GetProperty("id").GetString()}")).GetProperty("version").GetInt64()
        );
    }

    [Fact]
    public async Task A_draft_with_a_mistake_is_not_put_on_file_and_says_where()
    {
        var draft = await Begun();
        var id = draft.GetProperty("id").GetString();
        await Post($"/api/drafts/{id}/edits", Set("$.steps[0].after", "no-such-step", 1));
        var answer = await Post($"/api/drafts/{id}/file-it", new { }, HttpStatusCode.UnprocessableEntity);
        Assert.Equal("$.steps[0].after[0]", answer.GetProperty("where").GetString());
        await Post($"/api/drafts/{id}/edits", Set("$.steps[0].after", "", 2));
        Assert.Equal("server-heron", (await Post($"/api/drafts/{id}/file-it", new { })).GetProperty("id").GetString());
        Assert.Equal(HttpStatusCode.NotFound, (await Client.Client.GetAsync($"/api/drafts/{id}")).StatusCode);
    }

    [Fact]
    public async Task Answers_to_doubts_go_on_file_with_the_sheet_and_are_there_for_the_next_revision()
    {
        var draft = await Post("/api/drafts/revision", new { id = "plimsey-1400", revision = 1 });
        var id = draft.GetProperty("id").GetString();
        Assert.Equal(1, draft.GetProperty("doubts").GetInt32());
        var flag = draft
            .GetProperty("sections")
            .EnumerateArray()
            .SelectMany(s => s.GetProperty("lists").EnumerateArray())
            .SelectMany(l => l.GetProperty("rows").EnumerateArray())
            .SelectMany(r => r.GetProperty("fields").EnumerateArray())
            .SelectMany(f => f.GetProperty("flags").EnumerateArray())
            .Single()
            .GetProperty("id")
            .GetString();
        draft = await Post(
            $"/api/drafts/{id}/answers",
            new
            {
                version = 1,
                flag,
                answer = "confirmedWithMaker",
                note = "By letter.",
                text = "",
            }
        );
        Assert.Equal(0, draft.GetProperty("doubts").GetInt32());
        await Post($"/api/drafts/{id}/file-it", new { });
        var onFile = await Client.Get("/api/sheets/plimsey-1400/2/flags");
        Assert.Equal(
            ("confirmedWithMaker", "R. Vane"),
            (
                onFile[0].GetProperty("answer").GetProperty("answer").GetString(),
                onFile[0].GetProperty("answer").GetProperty("by").GetString()
            )
        );
        Assert.Equal(
            0,
            (await Post("/api/drafts/revision", new { id = "plimsey-1400", revision = 2 }))
                .GetProperty("doubts")
                .GetInt32()
        );

        // On file nothing is corrected; it is said of it only.
        Assert.Equal("sheet/on-file", (
                await Post(
                    "/api/sheets/plimsey-1400/1/answers",
                    new
                    {
                        flag,
                        answer = "corrected",
                        note = "",
                    },
                    HttpStatusCode.UnprocessableEntity
                )
            ).GetProperty("code").GetString());
    }

    [Fact]
    public async Task A_file_that_goes_out_and_comes_back_under_another_name_says_the_same_with_unknown_fields_kept()
    {
        var file = JsonNode.Parse(await Client.Client.GetStringAsync("/api/sheets/saltern-1500/1"))!.AsObject();
        (file["kit"]!["id"], file["shopNotes"]) = (
            "saltern-again",
            new JsonObject { ["colour"] = "grey", ["deep"] = new JsonArray(1, "two") }
        );
        Assert.Equal(
            HttpStatusCode.OK,
            (await Client.Send(HttpMethod.Post, "/api/sheets", file.ToJsonString())).Status
        );
        Assert.Equal(
            file.ToJsonString(),
            JsonNode.Parse(await Client.Client.GetStringAsync("/api/sheets/saltern-again/1"))!.ToJsonString()
        );
        var draft = await Post("/api/drafts/revision", new { id = "saltern-again", revision = 1 });
        await Post(
            $"/api/drafts/{draft.GetProperty("id").GetString()}/edits",
            Set("$.kit.source", "second edition", 1)
        );
        await Post($"/api/drafts/{draft.GetProperty("id").GetString()}/file-it", new { });
        var second = JsonNode.Parse(await Client.Client.GetStringAsync("/api/sheets/saltern-again/2"))!;
        Assert.True(JsonNode.DeepEquals(file["shopNotes"], second["shopNotes"]));
        var difference = await Client.Get("/api/sheets/saltern-again/1/against/2");
        Assert.Equal(
            ["manual and edition", "revision"],
            difference
                .GetProperty("differences")
                .EnumerateArray()
                .Select(d => d.GetProperty("place").GetString()!)
                .Order(StringComparer.Ordinal)
        );
    }

    [Fact]
    public async Task The_schema_is_published_and_every_file_points_to_it()
    {
        using var response = await Client.Client.GetAsync("/api/sheets/wicken-1350/1");
        Assert.Contains("/api/sheets/schema", response.Headers.GetValues("Link").Single(), StringComparison.Ordinal);
        var schema = await NJsonSchema.JsonSchema.FromJsonAsync(
            await Client.Client.GetStringAsync("/api/sheets/schema")
        );
        Assert.Empty(schema.Validate(await response.Content.ReadAsStringAsync()));
    }

    [Fact]
    public async Task Tables_go_out_and_come_back_and_mistakes_are_listed_with_their_lines()
    {
        var table = await Client.Client.GetByteArrayAsync("/api/sheets/brindle-pair/1/parts.csv");
        var draft = await Begun();
        var path = $"/api/drafts/{draft.GetProperty("id").GetString()}/csv/parts";
        using var content = new ByteArrayContent(table);
        content.Headers.ContentType = new("text/csv");
        using var response = await Client.Client.PostAsync($"{path}?version=1", content);
        Assert.Equal(HttpStatusCode.OK, response.StatusCode);
        var (status, answer) = await Client.Send(
            HttpMethod.Post,
            $"{path}?version=2",
            "id,name,quantity\na,A,many\nb,B,few",
            "text/csv"
        );
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, 2),
            (status, answer.GetProperty("mistakes").GetArrayLength())
        );
        var long_ = new StringBuilder("id,name,quantity\n")
            .AppendJoin('\n', Enumerable.Range(0, 10_000).Select(i => $"p{i},Part {i},1"))
            .ToString();
        (status, answer) = await Client.Send(HttpMethod.Post, $"{path}?version=2", long_, "text/csv");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(
            "1000 lines",
            answer.GetProperty("mistakes")[0].GetProperty("text").GetString(),
            StringComparison.Ordinal
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await Client.Send(
                    HttpMethod.Post,
                    $"/api/drafts/{draft.GetProperty("id").GetString()}/csv/servos?version=2",
                    "id",
                    "text/csv"
                )
            ).Status
        );
    }

    [Theory]
    [InlineData("span", "twelve", "span")]
    [InlineData("span", "45 g", "span")]
    [InlineData("emptyWeight", "0 g", "emptyWeight")]
    [InlineData("class", "airship", "class")]
    public async Task A_number_nobody_can_mean_is_refused_with_its_field(string field, string value, string where)
    {
        var body = new Dictionary<string, object>
        {
            ["class"] = "twin",
            ["name"] = "X",
            ["maker"] = "",
            ["span"] = "1200",
            ["length"] = "1000",
            ["emptyWeight"] = "900",
            ["material"] = "EPO",
            ["fitted"] = Array.Empty<string>(),
        };
        body[field] = value;
        Assert.Equal(
            where,
            (await Post("/api/drafts/archetype", body, HttpStatusCode.UnprocessableEntity))
                .GetProperty("where")
                .GetString()
        );
    }

    [Fact]
    public async Task A_draft_whose_file_was_a_hand_written_one_with_forty_mistakes_lists_all_forty()
    {
        var file = JsonNode
            .Parse(await File.ReadAllTextAsync(ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json")))!
            .AsObject();
        file["parts"] = new JsonArray([
            .. Enumerable
                .Range(0, 40)
                .Select(i =>
                    (JsonNode)
                        new JsonObject
                        {
                            ["id"] = $"p{i}",
                            ["name"] = $"Part {i}",
                            ["quantity"] = -1,
                        }
                ),
        ]);
        file["steps"] = new JsonArray();
        file["trueness"] = new JsonArray();
        var (status, answer) = await Client.Send(HttpMethod.Post, "/api/sheets", file.ToJsonString());
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, 40),
            (status, answer.GetProperty("mistakes").GetArrayLength())
        );
        Assert.Equal("$.parts[39].quantity", answer.GetProperty("mistakes")[39].GetProperty("path").GetString());
    }

    [Fact]
    public async Task A_sheet_on_file_is_read_page_by_page_in_its_own_words()
    {
        var pages = await Client.Get("/api/sheets/skerrow-64/1/pages");
        var throws = pages.EnumerateArray().Single(p => p.GetProperty("key").GetString() == "throws");
        var fields = throws
            .GetProperty("lists")[0]
            .GetProperty("rows")
            .EnumerateArray()
            .SelectMany(r => r.GetProperty("fields").EnumerateArray())
            .ToArray();
        var pair = fields.Single(f => f.GetProperty("path").GetString() == "$.throws[2].down");
        Assert.Equal(
            ("contradicted", "9 mm to 12 mm"),
            (pair.GetProperty("standing").GetString(), pair.GetProperty("text").GetString())
        );
        Assert.Equal(
            ["12 mm to 9 mm", "10 mm"],
            pair.GetProperty("statements").EnumerateArray().Select(s => s.GetProperty("text").GetString())
        );
        Assert.Equal(
            "0.51 in, 0.47 to 0.55",
            fields.First(f => f.GetProperty("text").GetString() == "13 mm ± 1 mm").GetProperty("both").GetString()
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await Client.Client.GetAsync("/api/sheets/skerrow-64/9/pages")).StatusCode
        );
    }
}
