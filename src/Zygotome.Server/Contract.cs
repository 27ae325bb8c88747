using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Mvc.ApiExplorer;
using Microsoft.OpenApi;
using Zygotome.Core;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;

namespace Zygotome.Server;

/// <summary>Marks the endpoint at which one kind of entry is asked for, because the server writes it itself.</summary>
internal sealed record DoorOf(EntryKind Kind);

/// <summary>
/// What the document says beyond schemas, as extensions of its root: <c>x-entries</c>, every kind of entry that a
/// client posts of a job, with its door, body, who may and whether it is a decision; <c>x-stages</c>, the ten in order;
/// <c>x-words</c>, the words of enums.
/// </summary>
internal static class Contract
{
    /// <summary>The format of a text that is a quantity.</summary>
    public const string QuantityFormat = "quantity";

    private const string EntriesDoor = "/api/jobs/{id}/entries";

    /// <summary>The name under which a kind's body stands among the schemas.</summary>
    public static string SchemaOf(EntryKind kind) => $"Entry.{kind.Body.Name}";

    public static void Add(OpenApiDocument document, IEnumerable<ApiDescription> endpoints)
    {
        var doors = endpoints
            .Select(e => (Of: e.ActionDescriptor.EndpointMetadata.OfType<DoorOf>().FirstOrDefault(), Endpoint: e))
            .Where(d => d.Of is not null)
            .ToDictionary(d => d.Of!.Kind.Type, d => d.Endpoint, StringComparer.Ordinal);
        var entries = Core
            .Job.Stages.Kinds.All.Where(kind => !kind.OwnDoor || doors.ContainsKey(kind.Type))
            .Select(kind => Entry(kind, doors.GetValueOrDefault(kind.Type)));
        Say(document, "x-entries", new JsonArray([.. entries]));
        Say(document, "x-stages", new JsonArray([.. StageNames.All.Select(Stage)]));
        Say(
            document,
            "x-words",
            new JsonObject(EnumWords.All.Select(e => new KeyValuePair<string, JsonNode?>(e.Name, Words(e))))
        );
    }

    private static void Say(OpenApiDocument document, string name, JsonNode what)
    {
        document.Extensions ??= new Dictionary<string, IOpenApiExtension>();
        document.Extensions[name] = new JsonNodeExtension(what);
    }

    // What is asked for at a door of its own says less than what is then recorded.
    private static JsonObject Entry(EntryKind kind, ApiDescription? own) =>
        new()
        {
            ["type"] = kind.Type,
            ["door"] = own is null ? EntriesDoor : $"/{own.RelativePath}",
            ["schema"] = own?.ParameterDescriptions.Single(p => p.Source.Id == "Body").Type.Name ?? SchemaOf(kind),
            ["stage"] = Core.Job.Stages.All.StageOf(kind) is { } stage ? Name(stage) : null,
            ["by"] = Name(kind.By),
            ["decides"] = Name(kind.Decides),
        };

    private static JsonObject Stage(Stage stage) =>
        new()
        {
            ["stage"] = Name(stage),
            ["key"] = stage.Key(),
            ["title"] = stage.Title(),
        };

    private static JsonObject Words(EnumWords of) =>
        new(of.Words.Select(w => new KeyValuePair<string, JsonNode?>(w.Name, w.Words)));

    private static string Name<T>(T value)
        where T : struct, Enum => System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(value.ToString());
}
