using System.Text.Json;
using Xunit;
using Zygotome.Core.Journal;

namespace Zygotome.Server.Tests;

/// <summary>What the document says of entries, stages and words is what the rules do.</summary>
public sealed class ContractTests : WithServer
{
    private Task<JsonElement> Document() => Client.Get("/openapi/v1.json");

    [Fact]
    public async Task Every_kind_of_entry_that_a_job_takes_is_in_the_contract_with_who_may_and_whether_it_decides()
    {
        var entries = (await Document()).GetProperty("x-entries").EnumerateArray().ToArray();
        static string Of(JsonElement entry, string name) => entry.GetProperty(name).GetString()!;
        Assert.Equal(
            Core.Job.Stages.Kinds.All.Select(k => k.Type).Except(["receive/opened", "receive/sheet-confirmed"]),
            entries.Select(e => Of(e, "type"))
        );
        Assert.All(
            entries,
            e =>
            {
                var kind = Core.Job.Stages.Kinds.Find(Of(e, "type"))!;
                Assert.Equal(kind.By.ToString(), Of(e, "by"), ignoreCase: true);
                Assert.Equal(kind.Decides.ToString(), Of(e, "decides"), ignoreCase: true);
                Assert.Equal(kind.OwnDoor, Of(e, "door") != "/api/jobs/{id}/entries");
            }
        );
    }

    [Fact]
    public async Task Every_door_of_the_contract_is_there_and_takes_the_body_it_names()
    {
        var document = await Document();
        foreach (var entry in document.GetProperty("x-entries").EnumerateArray())
        {
            var door = document.GetProperty("paths").GetProperty(entry.GetProperty("door").GetString()!);
            Assert.True(door.TryGetProperty("post", out _));
            var schema = entry.GetProperty("schema").GetString()!;
            Assert.True(
                document.GetProperty("components").GetProperty("schemas").TryGetProperty(schema, out _),
                schema
            );
        }
    }

    [Fact]
    public async Task Every_stage_has_its_key_and_every_name_its_words()
    {
        var document = await Document();
        Assert.Equal(
            Core.StageNames.All.Select(Core.StageNames.Key),
            document.GetProperty("x-stages").EnumerateArray().Select(s => s.GetProperty("key").GetString())
        );
        foreach (var names in document.GetProperty("x-words").EnumerateObject())
        {
            var words = names.Value.EnumerateObject().Select(w => w.Value.GetString()!).ToArray();
            Assert.All(words, w => Assert.Matches("^[A-Za-z][A-Za-z :,-]+$", w));
            Assert.Equal(words.Length, words.Distinct().Count());
        }
    }

    /// <summary>What was seen, told to whoever keeps it on a device until the network is back.</summary>
    [Fact]
    public async Task A_refusal_says_what_was_refused_and_which_lamp_is_in_the_way()
    {
        var (_, read) = await Client.Record(
            "J-0147",
            "throws/read",
            new
            {
                target = "throw/aileron-left/aileron/high/up",
                readings = new[] { "12 mm" },
                measure = "uprightRuler",
                instrument = "rule",
            }
        );
        Assert.Equal("lamps/not-known", read.GetProperty("code").GetString());
        Assert.StartsWith("lamps.", read.GetProperty("lamp").GetString(), StringComparison.Ordinal);
        Assert.Contains("12", read.GetProperty("said").GetString(), StringComparison.Ordinal);
        var (_, count) = await Client.Record("J-0152", "unpack/counted", new { part = "hatch-latch", delta = -5000 });
        Assert.Contains("Hatch latch", count.GetProperty("said").GetString(), StringComparison.Ordinal);
        Assert.False(count.TryGetProperty("lamp", out _));
    }

    [Fact]
    public void Only_a_pack_that_is_connected_makes_a_decision_of_a_look_at_the_lamps()
    {
        var kind = Core.Job.Stages.Kinds.Find("build/lamps")!;
        Assert.Equal(Decides.WhenConnecting, kind.Decides);
        Assert.All(
            Enum.GetValues<Core.Safety.LampIs>(),
            seen =>
                Assert.Equal(
                    seen == Core.Safety.LampIs.Connected,
                    kind.IsDecision(Core.Safety.LampsSaid.Of((new(Core.Safety.LampKind.Pack), seen)))
                )
        );
    }
}
