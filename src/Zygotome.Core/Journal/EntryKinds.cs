using System.Collections.Frozen;
using System.Collections.Immutable;
using System.Text.Json;
using System.Text.Json.Nodes;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

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

    /// <summary>The kind written as this; null when there is none.</summary>
    public EntryKind? Find(string type) => _byType.GetValueOrDefault(type);

    /// <summary>The kind with this body, which must be one of them.</summary>
    public EntryKind Of<T>()
        where T : EntryBody => _byBody[typeof(T)];

    /// <summary>The kind of this body; null of one that cannot be read.</summary>
    public EntryKind? Of(EntryBody body) => _byBody.GetValueOrDefault(body.GetType());

    /// <summary>As it is written, of one that cannot be read too.</summary>
    public string TypeOf(EntryBody body) => body is UnknownEntry u ? u.Type : _byBody[body.GetType()].Type;

    /// <summary>
    /// A posted body, with what the shop knows better looked up; unknown and missing fields are refused with their
    /// path.
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
            var where = path.Length > 0 ? $"body.{path}" : "body";
            return e is QuantityRefusedException quantity
                ? quantity.Refusal with
                {
                    Where = where,
                }
                : new Refusal("entry/body", EntryJson.InWords(e), where);
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
