using System.Collections.Immutable;
using System.Text.Json;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;

namespace Zygotome.Core.Journal;

/// <summary>
/// What a shop lists, as it is now. An entry names a thing by its id and holds a copy of what the list said then: times
/// and uncertainties are the shop's, not the sender's.
/// </summary>
/// <param name="BenchCelsius">How warm the bench usually is.</param>
public sealed record ShopLists(
    ImmutableArray<Adhesive> Adhesives,
    ImmutableArray<Instrument> Instruments,
    ImmutableArray<Supplier> Suppliers,
    ImmutableArray<string> Leads,
    double BenchCelsius
)
{
    // What nobody looked at is taken to be cold: glue said to hold too late harms nobody.
    private const double Unsaid = 18;

    /// <summary>What the shop knows of receivers, boards, stabilisers and connectors.</summary>
    public ShopCatalogue Catalogue { get; init; } = new(ShopCatalogue.Current);

    /// <summary>
    /// A posted body with what it names looked up and copied in, and with what the server says itself. Refused where a
    /// name is not listed, where a copy was sent in its place, or where the server's own was sent.
    /// </summary>
    public Outcome<JsonElement> Fill(EntryKind kind, JsonElement body)
    {
        if (kind.LooksUp.IsEmpty || body.ValueKind != JsonValueKind.Object)
        {
            return body;
        }

        var fields = new Dictionary<string, JsonElement>(StringComparer.Ordinal);
        foreach (var field in body.EnumerateObject())
        {
            fields[field.Name] = field.Value;
        }

        foreach (var looked in kind.LooksUp)
        {
            var posted =
                fields.TryGetValue(looked.Field, out var sent) && sent.ValueKind != JsonValueKind.Null
                    ? sent
                    : (JsonElement?)null;
            if (Refused(looked, posted) is { } refusal)
            {
                return refusal;
            }

            if (Filled(looked.Fact, posted, fields) is { } filled)
            {
                fields[looked.Field] = JsonSerializer.SerializeToElement(filled, EntryJson.Lenient);
            }
        }

        return JsonSerializer.SerializeToElement(fields, EntryJson.Lenient);
    }

    private Refusal? Refused(LookedUp looked, JsonElement? posted) =>
        posted is not { } sent ? null
        : looked.ServerSays
            ? new Refusal(
                "entry/server-says",
                $"\"{looked.Field}\" is written by the server alone.",
                $"body.{looked.Field}"
            )
        : !looked.ById ? null
        : sent.ValueKind != JsonValueKind.String
            ? new Refusal(
                "entry/by-id",
                $"Name the {Word(looked.Fact)} by its id; what the shop lists of it is copied in.",
                $"body.{looked.Field}"
            )
        : Find(looked.Fact, sent.GetString()!) is null
            ? new Refusal(
                "entry/not-listed",
                $"The shop lists no {Word(looked.Fact)} \"{sent.GetString()}\".",
                $"body.{looked.Field}"
            )
        : null;

    private object? Filled(ShopFact fact, JsonElement? posted, Dictionary<string, JsonElement> fields) =>
        fact switch
        {
            ShopFact.Leads => Leads,
            ShopFact.BenchTemperature => posted is null
            && fields.TryGetValue("adhesive", out var glue)
            && glue.ValueKind != JsonValueKind.Null
                ? Math.Min(Unsaid, BenchCelsius)
                : null,
            ShopFact.OlderOnly or ShopFact.Job => null,
            _ => posted is { } sent ? Find(fact, sent.GetString()!) : null,
        };

    private object? Find(ShopFact fact, string id) =>
        fact switch
        {
            ShopFact.Adhesive => Adhesives.FirstOrDefault(a => a.Id == id),
            ShopFact.Instrument => id == Instrument.Transmitter.Id
                ? Instrument.Transmitter
                : Instruments.FirstOrDefault(i => i.Id == id),
            ShopFact.Device => Catalogue.Boards.Concat(Catalogue.Stabilisers).FirstOrDefault(d => d.Name == id),
            ShopFact.Connector => Catalogue.Connectors.FirstOrDefault(c => c.Name == id),
            _ => Suppliers.FirstOrDefault(s => s.Id == id),
        };

    private static string Word(ShopFact fact) =>
        fact switch
        {
            ShopFact.Adhesive => "adhesive",
            ShopFact.Instrument => "instrument",
            ShopFact.Device => "board or stabiliser",
            ShopFact.Connector => "connector",
            _ => "supplier",
        };
}
