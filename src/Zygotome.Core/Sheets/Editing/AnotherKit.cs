using System.Text.Json;
using System.Text.Json.Nodes;
using Zygotome.Core.Sheets.Archetypes;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Editing;

/// <summary>
/// Begins a kit's sheet from another's, as a start for one that is much like it. Nothing copied is this maker's until
/// somebody confirms it against the paper: values stand as assumed, rows as a whole.
/// </summary>
public static class AnotherKit
{
    /// <summary>The new kit's file, revision 1, under an id made of its name; the given file stays as it is.</summary>
    public static Outcome<JsonObject> Begin(JsonObject other, string name, string maker)
    {
        if ((Texts.Fits(name, "name", 100) ?? Texts.Fits(maker, "maker", 100)) is { } unfit)
        {
            return unfit;
        }

        if (string.IsNullOrWhiteSpace(name))
        {
            return new Refusal("text/missing", "The kit needs its name.", "name");
        }

        var file = (JsonObject)other.DeepClone();
        foreach (var field in SheetTable.Pages.SelectMany(p => p.Fields))
        {
            // A yes or no is this kit's, or nobody's.
            if (field is FlagField)
            {
                _ = JsonPath.Set(file, $"$.{field.Name}", null);
            }
            else
            {
                Assume(file, $"$.{field.Name}");
            }
        }

        foreach (var list in SheetTable.Pages.SelectMany(p => p.Lists))
        {
            var rows = JsonPath.Get(file, $"$.{list.Name}");
            foreach (var row in ((rows as JsonArray) ?? ((rows as JsonObject)?["assumed"] as JsonArray) ?? []))
            {
                if (row is JsonObject of)
                {
                    of["assumed"] = true;
                }
            }
        }

        file["kit"] = new JsonObject
        {
            ["id"] = ArchetypeSheet.IdOf(name),
            ["name"] = name.Trim(),
            ["maker"] = maker.Trim(),
            ["revision"] = 1,
            ["class"] = file["kit"]?["class"]?.DeepClone(),
            ["source"] = "",
            ["material"] = file["kit"]?["material"]?.DeepClone(),
        };
        return file;
    }

    // What was assumed or looked for in vain there says nothing else here; of what was said twice, the decision.
    private static void Assume(JsonObject file, string path)
    {
        if (path.EndsWith(']') || JsonPath.Get(file, path) is not { } value || IsMarked(value))
        {
            return;
        }

        _ = JsonPath.Set(file, path, new JsonObject { ["assumed"] = value.DeepClone() });
    }

    private static bool IsMarked(JsonNode value) =>
        value is JsonObject o && (o.ContainsKey("assumed") || o["notStated"]?.GetValueKind() == JsonValueKind.True);
}
