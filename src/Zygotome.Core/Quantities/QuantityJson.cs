using System.Text.Json;
using System.Text.Json.Serialization;

namespace Zygotome.Core.Quantities;

/// <summary>Quantities are stored as the strings people typed, and read whatever they say.</summary>
public sealed class QuantityJson : JsonConverter<Quantity>
{
    private readonly LastRead<Quantity> _read = new(text => QuantityParser.ParseStored(text));

    public override Quantity Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        _read.Of(ref reader);

    public override void Write(Utf8JsonWriter writer, Quantity value, JsonSerializerOptions options) =>
        writer.WriteStringValue(value.Text);
}

/// <summary>
/// Each kind of <see cref="Measure"/> from the text somebody typed; by itself it reads what is stored, whatever it
/// says.
/// </summary>
public class MeasureJson : JsonConverterFactory
{
    private protected virtual bool Posted => false;

    public override bool CanConvert(Type typeToConvert) =>
        !typeToConvert.IsAbstract && typeof(Measure).IsAssignableFrom(typeToConvert);

    public override JsonConverter CreateConverter(Type typeToConvert, JsonSerializerOptions options) =>
        (JsonConverter)Activator.CreateInstance(typeof(Of<>).MakeGenericType(typeToConvert), args: [Posted])!;

    private sealed class Of<T>(bool posted) : JsonConverter<T>
        where T : Measure, IMeasure<T>
    {
        private readonly LastRead<T> _read = new(text =>
            (
                posted
                    ? T.Measurand.Read(text)
                    : QuantityParser.ParseStored(text, T.IsNumber ? T.Measurand.Units[0] : null)
            ).Match<Outcome<T>>(q => T.Of(q), refusal => refusal)
        );

        public override T Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            T.IsNumber && reader.TokenType == JsonTokenType.Number && reader.TryGetDecimal(out var number)
                ? T.Of(Quantity.Single(number, T.Measurand.Units[0]))
                : _read.Of(ref reader);

        public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options)
        {
            if (T.IsNumber)
            {
                writer.WriteNumberValue(value.Nominal);
            }
            else
            {
                writer.WriteStringValue(value.Text);
            }
        }
    }
}

/// <summary>For what somebody sends: refuses what the field does not take.</summary>
public sealed class PostedMeasureJson : MeasureJson
{
    private protected override bool Posted => true;
}

/// <summary>A text in a JSON that is no quantity of its field; the serialiser adds the place.</summary>
public sealed class QuantityRefusedException(Refusal refusal) : JsonException(refusal.Text)
{
    /// <summary>Its code and words; the place is the exception's path.</summary>
    public Refusal Refusal { get; } = refusal;
}

/// <summary>
/// The same text as the same value, as long as no other took its place: a rule's readings say little that is new.
/// </summary>
internal sealed class LastRead<T>(Func<string?, Outcome<T>> parse)
    where T : class
{
    private readonly Kept?[] _kept = new Kept?[1024];

    public T Of(ref Utf8JsonReader reader)
    {
        var text =
            reader.TokenType == JsonTokenType.String
                ? reader.GetString()!
                : throw new JsonException("A quantity is a text with its unit, such as \"12 mm\".");
        ref var place = ref _kept[(uint)text.GetHashCode(StringComparison.Ordinal) % (uint)_kept.Length];
        if (place is { } kept && kept.Text == text)
        {
            return kept.Value;
        }

        var value = parse(text).Match(v => v, refusal => throw new QuantityRefusedException(refusal));
        place = new Kept(text, value);
        return value;
    }

    // Taken and left in one piece, whoever else reads.
    private sealed record Kept(string Text, T Value);
}
