using System.Buffers;
using System.Security.Cryptography;
using System.Text.Json;
using Zygotome.Core.Journal;

namespace Zygotome.Store;

/// <summary>
/// The bytes of an entry: written once, stored and hashed as they are, never written again from the parsed entry.
/// </summary>
public static class Envelope
{
    public static readonly byte[] Beginning = new byte[32];

    private sealed record Written(
        string Job,
        long Seq,
        string EntryId,
        string Type,
        int Version,
        Person By,
        DateTimeOffset ObservedAt,
        DateTimeOffset RecordedAt,
        string Look,
        JsonElement Body,
        double? WaitedSeconds = null
    );

    public static byte[] Write(Entry entry, EntryKinds kinds)
    {
        var kind =
            kinds.Of(entry.Body)
            ?? throw new ArgumentException(
                $"{entry.Body.GetType().Name} is not a registered kind of entry.",
                nameof(entry)
            );
        var buffer = new ArrayBufferWriter<byte>(512);
        using (var json = new Utf8JsonWriter(buffer))
        {
            json.WriteStartObject();
            json.WriteString("job", entry.JobId);
            json.WriteNumber("seq", entry.Seq);
            json.WriteString("entryId", entry.EntryId);
            json.WriteString("type", kind.Type);
            json.WriteNumber("version", kind.Version);
            json.WritePropertyName("by");
            JsonSerializer.Serialize(json, entry.By, EntryJson.Lenient);
            json.WriteString("observedAt", entry.ObservedAt);
            json.WriteString("recordedAt", entry.RecordedAt);
            json.WriteString("look", entry.Look);
            if (entry.Waited is { } waited)
            {
                json.WriteNumber("waitedSeconds", waited.TotalSeconds);
            }

            json.WritePropertyName("body");
            JsonSerializer.Serialize(json, entry.Body, entry.Body.GetType(), EntryJson.Lenient);
            json.WriteEndObject();
        }

        return buffer.WrittenSpan.ToArray();
    }

    public static Entry Read(byte[] bytes, EntryKinds kinds)
    {
        var w = JsonSerializer.Deserialize<Written>(bytes, EntryJson.Lenient)!;
        return new Entry(
            JobId: w.Job,
            Seq: w.Seq,
            EntryId: w.EntryId,
            Body: kinds.ReadStored(w.Type, w.Version, w.Body),
            By: w.By,
            ObservedAt: w.ObservedAt,
            RecordedAt: w.RecordedAt,
            Look: w.Look
        )
        {
            Waited = w.WaitedSeconds is { } s ? TimeSpan.FromSeconds(s) : null,
        };
    }

    /// <summary>SHA-256 of the previous hash of the chain followed by the bytes.</summary>
    public static byte[] Chain(ReadOnlySpan<byte> previous, ReadOnlySpan<byte> bytes)
    {
        // One call on one piece: a hash built up of two costs more than the hashing.
        var length = previous.Length + bytes.Length;
        var joined = ArrayPool<byte>.Shared.Rent(length);
        previous.CopyTo(joined);
        bytes.CopyTo(joined.AsSpan(previous.Length));
        var hash = SHA256.HashData(joined.AsSpan(0, length));
        ArrayPool<byte>.Shared.Return(joined);
        return hash;
    }
}
