using System.Text.Json;
using System.Text.Json.Nodes;
using Zygotome.Core.Sheets.Archetypes;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Editing;

/// <summary>
/// Begins a kit's sheet from another's, as a start for one that is much like it. Nothing copied is this maker's until
/// somebody confirms it against the paper: values stand as assumed, rows as a whole, without the pages of a manual that
/// is not theirs.
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
        file.Remove("sources");
        var kit = file["kit"];
        file["kit"] = new JsonObject
        {
            ["id"] = ArchetypeSheet.IdOf(name),
            ["name"] = name.Trim(),
            ["maker"] = maker.Trim(),
            ["revision"] = 1,
            ["class"] = kit?["class"]?.DeepClone(),
            ["source"] = "",
            ["material"] = kit?["material"]?.DeepClone(),
        };
        if (kit?["options"] is { } options)
        {
            file["kit"]!["options"] = options.DeepClone();
            Rows(file, KitFields.Option.List);
        }

        foreach (var page in SheetTable.Pages.Where(p => p.Key != "kit"))
        {
            foreach (var field in page.Fields)
            {
                Take(file, field);
                Assume(file, field);
            }

            foreach (var list in page.Lists)
            {
                Rows(file, list);
            }
        }

        return file;
    }

    private static void Rows(JsonObject owner, SheetList list)
    {
        var rows = JsonPath.Get(owner, $"$.{list.Name}");
        foreach (var row in ((rows as JsonArray) ?? ((rows as JsonObject)?["assumed"] as JsonArray) ?? []))
        {
            if (row is not JsonObject of)
            {
                continue;
            }

            foreach (var field in list.Fields)
            {
                Take(of, field);
            }

            foreach (var inner in list.Inners)
            {
                Rows(of, inner);
            }

            of["assumed"] = true;
        }
    }

    // What that manual does not state, this one may; where it contradicts itself, what was taken is the start. A page
    // leads nowhere here.
    private static void Take(JsonObject owner, SheetField field)
    {
        var path = $"$.{field.Name}";
        switch (JsonPath.Get(owner, path))
        {
            case null:
                break;
            case JsonObject o when Is(o, "notStated") || Is(o, "notHere"):
            case not null when field is TextField { IsPage: true }:
                _ = JsonPath.Set(owner, path, null);
                break;
            case JsonObject o when o["statements"] is JsonArray said:
                _ = JsonPath.Set(owner, path, (o["taken"] ?? said[0]?["text"])?.DeepClone());
                break;
        }
    }

    private static bool Is(JsonObject o, string word) => o[word]?.GetValueKind() == JsonValueKind.True;

    // A yes or no that stands alone cannot be marked, and is this kit's or nobody's.
    private static void Assume(JsonObject file, SheetField field)
    {
        var path = $"$.{field.Name}";
        if (field is FlagField)
        {
            _ = JsonPath.Set(file, path, null);
        }
        else if (JsonPath.Get(file, path) is { } value && value is not JsonObject { Count: 1 })
        {
            _ = JsonPath.Set(file, path, new JsonObject { ["assumed"] = value.DeepClone() });
        }
    }
}
