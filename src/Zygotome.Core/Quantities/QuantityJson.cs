using System.Text.Json;
using System.Text.Json.Serialization;

namespace Zygotome.Core.Quantities;

/// <summary>
/// Quantities travel as the strings people typed. By itself it reads what is stored, whatever it says.
/// </summary>
public class QuantityJson : JsonConverter<Quantity>
{
    public override Quantity Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        var text =
            reader.TokenType == JsonTokenType.String
                ? reader.GetString()
                : throw new JsonException("A quantity is a text with its unit, such as \"12 mm\".");
        return Parse(text).Match(q => q, r => throw new JsonException(r.Text));
    }

    public override void Write(Utf8JsonWriter writer, Quantity value, JsonSerializerOptions options) =>
        writer.WriteStringValue(value.Text);

    // The same text as the same quantity, as long as no other took its place: a rule's readings say little that is new.
    protected virtual Outcome<Quantity> Parse(string? text)
    {
        ref var place = ref _kept[(uint)(text ?? "").GetHashCode(StringComparison.Ordinal) % (uint)_kept.Length];
        if (place is { } kept && kept.Text == text)
        {
            return kept;
        }

        var parsed = QuantityParser.ParseStored(text);
        place = parsed.Try(out var quantity, out _) ? quantity : place;
        return parsed;
    }

    private readonly Quantity?[] _kept = new Quantity?[1024];
}

/// <summary>For what somebody sends: refuses what no quantity can be.</summary>
public sealed class PostedQuantityJson : QuantityJson
{
    protected override Outcome<Quantity> Parse(string? text) => QuantityParser.Parse(text);
}
