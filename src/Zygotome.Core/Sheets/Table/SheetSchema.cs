using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace Zygotome.Core.Sheets.Table;

/// <summary>
/// The published JSON Schema (2020-12) of the format, made from the table. It says less than the reader checks:
/// references and quantities are texts to it.
/// </summary>
public static class SheetSchema
{
    private static readonly JsonSerializerOptions Readable = new()
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <summary>As it is published, with a line end.</summary>
    public static string Written() => Make().ToJsonString(Readable) + "\n";

    private static JsonObject Make()
    {
        var root = new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["$id"] = "urn:zygotome:spec-sheet-1",
            ["title"] = "Zygotome spec sheet, format 1",
            ["description"] =
                "A kit revision's numbers, in the manual's own units and words. Unknown fields are kept and passed "
                + "through. Made from the table of fields; see spec-sheet.md.",
            ["type"] = "object",
            ["required"] = new JsonArray("format", "kit", "geometry"),
            ["properties"] = new JsonObject
            {
                ["$schema"] = new JsonObject { ["type"] = "string" },
                ["format"] = new JsonObject { ["type"] = "string", ["pattern"] = "^zygotome-spec-sheet/1(\\..*)?$" },
            },
        };
        foreach (var page in SheetTable.Pages)
        {
            foreach (var field in page.Fields)
            {
                Put(root, field);
            }

            foreach (var list in page.Lists)
            {
                Put(root, list);
            }
        }

        root["$defs"] = Definitions();
        return root;
    }

    private static void Put(JsonObject owner, SheetField field)
    {
        var (at, name) = Within(owner, field.Name);
        var schema = field.Schema();
        if (field.Means.Length > 0)
        {
            schema["description"] = field.Means;
        }

        if (Pair(name) is not { } pair)
        {
            At(
                at,
                name,
                field.IsName || schema.ContainsKey("$ref") || field is FlagField
                    ? schema
                    : Or(schema, "contradicted", "notTheMakers"),
                field.Required
            );
            return;
        }

        if (!at["properties"]!.AsObject().ContainsKey(pair))
        {
            var both = new JsonObject
            {
                ["type"] = "array",
                ["items"] = schema,
                ["minItems"] = 1,
                ["maxItems"] = 2,
            };
            At(at, pair, both, field.Required);
        }
    }

    private static void Put(JsonObject owner, SheetList list)
    {
        var (at, name) = Within(owner, list.Name);
        var row = Object();
        foreach (var field in list.Fields)
        {
            Put(row, field);
        }

        foreach (var inner in list.Inners)
        {
            Put(row, inner);
        }

        if (list.OneOf.Length > 0)
        {
            row["anyOf"] = new JsonArray([
                .. list.OneOf.Select(f => new JsonObject { ["required"] = new JsonArray(f.Name) }),
            ]);
        }

        var rows = new JsonObject
        {
            ["type"] = "array",
            ["maxItems"] = list.Most,
            ["items"] = row,
        };
        At(at, name, Or(rows, "notTheMakers"), list.Required);
    }

    private static void At(JsonObject owner, string name, JsonObject schema, bool required)
    {
        owner["properties"]!.AsObject()[name] = schema;
        if (required)
        {
            owner["required"] ??= new JsonArray();
            owner["required"]!.AsArray().Add(name);
        }
    }

    // The object that a name with dots stands in, made on the way.
    private static (JsonObject At, string Name) Within(JsonObject owner, string name)
    {
        var pieces = name.Split('.');
        foreach (var piece in pieces[..^1])
        {
            var properties = owner["properties"]!.AsObject();
            properties[piece] ??= Object();
            owner = properties[piece]!.AsObject();
        }

        return (owner, pieces[^1]);
    }

    private static string? Pair(string name) => name.EndsWith(']') ? name[..name.IndexOf('[')] : null;

    private static JsonObject Object() => new() { ["type"] = "object", ["properties"] = new JsonObject() };

    private static JsonObject Or(JsonObject schema, params ReadOnlySpan<string> others)
    {
        var any = new JsonArray(schema);
        foreach (var other in others)
        {
            any.Add(SchemaPieces.Ref(other));
        }

        var said = new JsonObject { ["anyOf"] = any };
        if (schema["description"] is { } means)
        {
            schema.Remove("description");
            said["description"] = means;
        }

        return said;
    }

    private static JsonObject Definitions() =>
        new()
        {
            ["notTheMakers"] = NotTheMakers(),
            ["contradicted"] = Contradicted(),
            ["text"] = new JsonObject
            {
                ["anyOf"] = new JsonArray(SchemaPieces.Text(), Contradicted(), NotTheMakers()),
            },
            ["quantity"] = new JsonObject
            {
                ["description"] =
                    "A number with its unit as the manual prints it: \"12 mm\", \"1 5/8 in\", \"14 mm to 18 mm\", "
                    + "\"12 mm ± 1 mm\", \"3 mm down\".",
                ["anyOf"] = new JsonArray(Printed(), Contradicted(), NotTheMakers()),
            },
        };

    private static JsonObject NotTheMakers() =>
        new()
        {
            ["description"] =
                "In proportion or by custom, the maker does not state it: assumed. Looked for in vain: notStated. "
                + "Not on this aircraft: notHere.",
            ["type"] = "object",
            ["anyOf"] = new JsonArray(
                new JsonObject { ["required"] = new JsonArray("assumed") },
                new JsonObject
                {
                    ["required"] = new JsonArray("notStated"),
                    ["properties"] = new JsonObject { ["notStated"] = new JsonObject { ["type"] = "boolean" } },
                },
                new JsonObject
                {
                    ["required"] = new JsonArray("notHere"),
                    ["properties"] = new JsonObject { ["notHere"] = new JsonObject { ["type"] = "boolean" } },
                }
            ),
        };

    private static JsonObject Contradicted() =>
        new()
        {
            ["description"] =
                "Where the manual contradicts itself: its statements, each what would stand here, with the decision "
                + "taken.",
            ["type"] = "object",
            ["required"] = new JsonArray("statements"),
            ["properties"] = new JsonObject
            {
                ["statements"] = new JsonObject
                {
                    ["type"] = "array",
                    ["minItems"] = 1,
                    ["items"] = new JsonObject
                    {
                        ["type"] = "object",
                        ["required"] = new JsonArray("text"),
                        ["properties"] = new JsonObject
                        {
                            ["text"] = new JsonObject(),
                            ["page"] = SchemaPieces.Text(),
                            ["source"] = SchemaPieces.Text(),
                        },
                    },
                },
                ["taken"] = new JsonObject(),
                ["reason"] = SchemaPieces.Text(),
                ["by"] = SchemaPieces.Text(),
            },
        };

    private static JsonObject Printed() =>
        new()
        {
            ["type"] = "string",
            ["minLength"] = 1,
            ["maxLength"] = 100,
        };
}
