using System.Text.Json;
using System.Text.Json.Serialization;

namespace Zygotome.Core.Journal;

/// <summary>
/// Reads the same short text as the same string, as long as nothing else took its place: journals name the same
/// surfaces, people and looks over and over, and are kept by the hundred.
/// </summary>
internal sealed class SharedText : JsonConverter<string>
{
    private const int Longest = 80,
        Places = 4096;

    private readonly string?[] _kept = new string?[Places];

    public override string? Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (
            reader.TokenType != JsonTokenType.String
            || reader.HasValueSequence
            || reader.ValueSpan.Length is 0 or > Longest
        )
        {
            return reader.GetString();
        }

        Span<char> read = stackalloc char[Longest];
        ReadOnlySpan<char> text = read[..reader.CopyString(read)];
        ref var place = ref _kept[(uint)string.GetHashCode(text) % Places];
        return place is { } kept && text.SequenceEqual(kept) ? kept : place = text.ToString();
    }

    public override void Write(Utf8JsonWriter writer, string value, JsonSerializerOptions options) =>
        writer.WriteStringValue(value);
}
