using System.Text.Json;
using System.Text.Json.Nodes;

namespace Zygotome.Core.Sheets.Editing;

/// <summary>What stands in one place of a sheet file, as people read it: the words, and whose they are.</summary>
/// <param name="Text">The value, or what was taken of several; empty where there is none.</param>
/// <param name="Statements">More than one only where they stand against each other.</param>
/// <param name="Reason">Why the one taken counts. <paramref name="By"/>: who decided.</param>
public sealed record SaidNode(
    string Text,
    FieldStanding Standing,
    IReadOnlyList<Statement> Statements,
    string Reason,
    string By
)
{
    private static readonly SaidNode Nothing = new("", FieldStanding.Empty, [], "", "");

    /// <summary>All of it in one line, for a table of differences: "12 mm (assumed)".</summary>
    public string Line =>
        Standing switch
        {
            FieldStanding.Assumed => $"{Text} (assumed)",
            FieldStanding.NotStated => "not stated",
            FieldStanding.NotHere => "not on this aircraft",
            FieldStanding.Contradicted => $"{Statement.Against(Statements)}; "
                + (Text.Length > 0 ? $"{Text} taken" : "undecided"),
            _ => Text,
        };

    /// <summary>Total: whatever stands there is said somehow.</summary>
    public static SaidNode Of(JsonNode? node)
    {
        switch (node)
        {
            case null:
                return Nothing;
            case JsonObject o when Is(o, "notStated"):
                return Nothing with { Standing = FieldStanding.NotStated };
            case JsonObject o when Is(o, "notHere"):
                return Nothing with { Standing = FieldStanding.NotHere };
            case JsonObject o when o["statements"] is JsonArray said:
                return new SaidNode(
                    Text: Plain(o["taken"]),
                    Standing: FieldStanding.Contradicted,
                    Statements:
                    [
                        .. said.OfType<JsonObject>()
                            .Select(s => new Statement(Plain(s["text"]), Plain(s["page"]))
                            {
                                Source = Plain(s["source"]),
                            }),
                    ],
                    Reason: Plain(o["reason"]),
                    By: Plain(o["by"])
                );
            case JsonObject o when Inner(o) is { } inner:
                return Of(inner) with { Standing = FieldStanding.Assumed };
            default:
                var text = Plain(node);
                return Nothing with
                {
                    Text = text,
                    Standing =
                        text.Length == 0 ? FieldStanding.Empty
                        : node is JsonArray list && list.Any(n => n is JsonObject o && Inner(o) is not null)
                            ? FieldStanding.Assumed
                        : FieldStanding.Stated,
                };
        }
    }

    private static bool Is(JsonObject o, string word) => o[word]?.GetValueKind() == JsonValueKind.True;

    /// <summary>The value within <c>{ "assumed": … }</c>; null where the mark is of a row or there is none.</summary>
    internal static JsonNode? Inner(JsonObject o) =>
        o["assumed"] is { } inner && inner.GetValueKind() is not (JsonValueKind.True or JsonValueKind.False)
            ? inner
            : null;

    private static string Plain(JsonNode? node) =>
        node switch
        {
            null => "",
            JsonArray a => string.Join("; ", a.Select(Plain)),
            JsonObject o when o["assumed"] is { } inner => Plain(inner),
            JsonObject o => string.Join("; ", o.Select(p => $"{p.Key} {Plain(p.Value)}")),
            _ => node.GetValueKind() switch
            {
                JsonValueKind.True => "yes",
                JsonValueKind.False => "no",
                _ => node.ToString(),
            },
        };
}
