using System.Collections.Frozen;
using System.Collections.Immutable;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Jobs;

/// <summary>
/// How a kind of entry is written down: <c>stage/name</c>, version, body and, for older versions, how to read them as
/// this one.
/// </summary>
public sealed record EntryKind(
    string Type,
    Type Body,
    int Version = 1,
    Func<JsonObject, int, JsonObject>? UpCast = null
)
{
    /// <summary>
    /// Replay honours a retraction of it. More kinds could once be retracted than may be withdrawn today; what older
    /// journals took back stays taken back.
    /// </summary>
    public bool Retractable { get; init; } = true;

    /// <summary>On the closed list of what may be withdrawn as a mistake of record; everything else is said anew.</summary>
    public bool Withdrawable { get; init; }

    /// <summary>Made by the server at a door of its own; the entries' door refuses it.</summary>
    public bool OwnDoor { get; init; }

    public required Posters By { get; init; }

    /// <summary>Fields the server looks up or says itself; see <see cref="ShopLists.Fill"/>.</summary>
    public ImmutableArray<LookedUp> LooksUp { get; init; } = [];

    /// <summary>On the closed list that a released job still takes.</summary>
    public bool AfterRelease { get; init; }

    public static EntryKind Of<T>(string type, Posters by)
        where T : EntryBody => new(type, typeof(T)) { By = by };
}

/// <summary>The kinds known, composed at the root from each stage's own list.</summary>
public sealed class EntryKinds
{
    private readonly FrozenDictionary<string, EntryKind> _byType;
    private readonly FrozenDictionary<Type, EntryKind> _byBody;

    public EntryKinds(IEnumerable<EntryKind> kinds)
    {
        All = [.. kinds];
        _byType = All.ToFrozenDictionary(k => k.Type, StringComparer.Ordinal);
        _byBody = All.ToFrozenDictionary(k => k.Body);
    }

    public IReadOnlyList<EntryKind> All { get; }

    public EntryKind? Find(string type) => _byType.GetValueOrDefault(type);

    /// <summary>The kind with this body, which must be one of them.</summary>
    public EntryKind Of<T>()
        where T : EntryBody => _byBody[typeof(T)];

    public EntryKind? Of(EntryBody body) => _byBody.GetValueOrDefault(body.GetType());

    public string TypeOf(EntryBody body) => body is UnknownEntry u ? u.Type : _byBody[body.GetType()].Type;

    /// <summary>
    /// A posted body, with what the shop knows better looked up; unknown and missing fields are refused with their path.
    /// </summary>
    /// <param name="lists">Asked for only where the kind looks something up.</param>
    public Outcome<EntryBody> ReadPosted(string type, JsonElement body, Func<ShopLists> lists) =>
        Find(type) is not { } kind ? new Refusal("entry/unknown-type", $"\"{type}\" is not a kind of entry.", "type")
        : kind.LooksUp.IsEmpty ? Read(kind, body)
        : lists().Fill(kind, body).Match(filled => Read(kind, filled), r => r);

    private static Outcome<EntryBody> Read(EntryKind kind, JsonElement body)
    {
        try
        {
            return body.Deserialize(kind.Body, EntryJson.Strict) is EntryBody read
                ? read
                : new Refusal("entry/body", $"The body of {kind.Type} is missing.", "body");
        }
        catch (JsonException e)
        {
            var path = (e.Path ?? "$").TrimStart('$').TrimStart('.');
            return new Refusal("entry/body", EntryJson.InWords(e), path.Length > 0 ? $"body.{path}" : "body");
        }
    }

    /// <summary>
    /// A stored body. What cannot be read becomes an <see cref="UnknownEntry"/>: it blocks release and breaks nothing.
    /// </summary>
    public EntryBody ReadStored(string type, int version, JsonElement body)
    {
        try
        {
            if (Find(type) is { } kind && version <= kind.Version)
            {
                return version < kind.Version && kind.UpCast is { } up
                    ? (EntryBody)up(JsonObject.Create(body)!, version).Deserialize(kind.Body, EntryJson.Lenient)!
                    : (EntryBody)body.Deserialize(kind.Body, EntryJson.Lenient)!;
            }
        }
        catch (JsonException)
        {
            // Falls through: a body this version cannot read is as unknown as a type it does not know.
        }

        return new UnknownEntry(type, version);
    }
}

/// <summary>
/// How entry bodies are written as JSON: camel case, enums by name, quantities as the strings people typed.
/// </summary>
public static class EntryJson
{
    public static readonly JsonSerializerOptions Lenient = Make(
        JsonUnmappedMemberHandling.Skip,
        new DefaultJsonTypeInfoResolver(),
        new QuantityJson()
    );
    public static readonly JsonSerializerOptions Strict = Make(
        JsonUnmappedMemberHandling.Disallow,
        new DefaultJsonTypeInfoResolver { Modifiers = { ListsWithoutNulls.Modify } },
        new PostedQuantityJson()
    );

    private static JsonSerializerOptions Make(
        JsonUnmappedMemberHandling unmapped,
        IJsonTypeInfoResolver resolver,
        QuantityJson quantities
    ) =>
        new(JsonSerializerDefaults.Web)
        {
            NumberHandling = JsonNumberHandling.Strict,
            UnmappedMemberHandling = unmapped,
            RespectNullableAnnotations = true,
            RespectRequiredConstructorParameters = true,
            TypeInfoResolver = resolver,
            Converters =
            {
                new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false),
                quantities,
            },
        };

    // The serialiser's own words name CLR types; people get ours, except where a converter of ours spoke.
    internal static string InWords(JsonException e)
    {
        var text = e.Message.Split(" Path:")[0];
        return text switch
        {
            _ when text.Contains("missing required", StringComparison.Ordinal) => "A field is missing: "
                + text[(text.IndexOf("including:", StringComparison.Ordinal) + 10)..].Trim(),
            _ when text.Contains("could not be mapped", StringComparison.Ordinal) => "A field is not known: "
                + text.Split('\'').ElementAtOrDefault(1),
            _ when text.Contains("could not be converted", StringComparison.Ordinal) =>
                "The value here is of the wrong kind.",
            _ when text.Contains("The JSON", StringComparison.Ordinal)
                    || text.Contains("Zygotome", StringComparison.Ordinal) => "The value here cannot be read.",
            _ => text,
        };
    }
}
