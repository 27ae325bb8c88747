using System.Text.Json;
using System.Text.Json.Serialization;

namespace Zygotome.Core.Journal;

/// <summary>
/// Reads what is equal as the same record, as long as no other took its place: few people and few instruments make a
/// journal.
/// </summary>
/// <param name="plain">How one is read and written.</param>
internal sealed class SharedRecord<T>(JsonSerializerOptions plain) : JsonConverter<T>
    where T : class
{
    private readonly T?[] _kept = new T?[64];

    public override T? Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (JsonSerializer.Deserialize<T>(ref reader, plain) is not { } read)
        {
            return null;
        }

        ref var place = ref _kept[(uint)read.GetHashCode() % (uint)_kept.Length];
        return place is { } kept && kept.Equals(read) ? kept : place = read;
    }

    public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) =>
        JsonSerializer.Serialize(writer, value, plain);
}
