using System.Text.Json.Nodes;
using CsCheck;
using Xunit;
using Zygotome.Core.Sheets.Editing;

namespace Zygotome.Core.Tests.Sheets;

/// <summary>
/// A place in a sheet file is found, filled and emptied by its path, and what is no path changes nothing.
/// </summary>
public sealed class JsonPathTests
{
    private static JsonObject File_() =>
        JsonNode
            .Parse(
                """
                {
                  "kit": { "name": "Heron" },
                  "throws": [{ "up": "12 mm" }, { "up": { "assumed": "9 mm" } }],
                  "servos": { "assumed": [{ "id": "a" }] }
                }
                """
            )!
            .AsObject();

    [Theory]
    [InlineData("$.kit.name", "Heron")]
    [InlineData("$.throws[0].up", "12 mm")]
    [InlineData("$.throws[1].up.assumed", "9 mm")]
    [InlineData("$.servos[0].id", "a")]
    [InlineData("$.throws[7].up", null)]
    [InlineData("$.kit[0]", null)]
    [InlineData("$.nowhere.at.all", null)]
    public void What_is_at_a_path_is_found_through_what_is_assumed(string path, string? found) =>
        Assert.Equal(found, JsonPath.Get(File_(), path)?.ToString());

    [Theory]
    [InlineData("")]
    [InlineData("kit.name")]
    [InlineData("$")]
    [InlineData("$.throws[x].up")]
    [InlineData("$.throws[-1].up")]
    [InlineData("$.throws[99999999999].up")]
    [InlineData("$.throws[20000].up")]
    public void What_is_no_path_is_none_and_changes_nothing(string path)
    {
        var file = File_();
        Assert.Null(JsonPath.Steps(path));
        Assert.False(JsonPath.Set(file, path, "x"));
        Assert.True(JsonNode.DeepEquals(File_(), file));
        Assert.Null(JsonPath.Steps("$." + new string('a', 300)));
    }

    [Fact]
    public void Objects_and_lists_are_made_on_the_way_and_a_row_only_after_the_last()
    {
        var file = new JsonObject();
        Assert.True(JsonPath.Set(file, "$.balance.empty.mass", "900 g"));
        Assert.True(JsonPath.Set(file, "$.throws[0].up", "12 mm"));
        Assert.False(JsonPath.Set(file, "$.throws[2]", "no row before it"));
        Assert.Equal("""{"balance":{"empty":{"mass":"900 g"}},"throws":[{"up":"12 mm"}]}""", file.ToJsonString());
        Assert.True(JsonPath.Set(file, "$.throws[0]", null));
        Assert.True(JsonPath.Set(file, "$.balance.empty", null));
        Assert.True(JsonPath.Set(file, "$.nothing.here", null));
        Assert.Equal("""{"balance":{},"throws":[]}""", file.ToJsonString());
        Assert.False(JsonPath.Set(file, "$.throws.name", "a list has no names"));
    }

    [Fact]
    public void What_was_put_somewhere_is_found_there()
    {
        var name = Gen.Char['a', 'e'].Select(c => c.ToString());
        Gen.Select(name, Gen.Int[0, 1], name, name)
            .Sample(
                (a, i, b, c) =>
                {
                    var file = new JsonObject { [a] = new JsonArray(new JsonObject(), new JsonObject()) };
                    var path = $"$.{a}[{i}].{b}.{c}";
                    Assert.True(JsonPath.Set(file, path, "there"));
                    Assert.Equal("there", JsonPath.Get(file, path)!.ToString());
                    Assert.Equal($"$.{a}.{b}.{c}", JsonPath.WithoutIndices(path));
                }
            );
    }
}
