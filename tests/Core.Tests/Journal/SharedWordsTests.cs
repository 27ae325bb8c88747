using System.Text.Json;
using CsCheck;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Tests.Journal;

/// <summary>What is read over and over is kept once, and nothing is ever read as something else.</summary>
public sealed class SharedWordsTests
{
    private sealed record Note(
        string Text,
        Person By,
        Instrument With,
        Quantity Read,
        Dictionary<string, string?> More
    );

    private static Note Read(string json) => JsonSerializer.Deserialize<Note>(json, EntryJson.Lenient)!;

    [Fact]
    public void Whatever_was_written_is_read() =>
        Gen.Select(Gen.String[0, 120], Gen.String[0, 12], Gen.Int[0, 4000], Gen.Double[0.1, 5])
            .Sample(
                (text, name, tenths, u) =>
                {
                    var note = new Note(
                        text,
                        new Person(name, text, Role.Lead) { Alone = tenths % 2 == 0 },
                        new Instrument(name, u),
                        Bench.Q($"{tenths / 10}.{tenths % 10} mm"),
                        new() { ["a"] = text, [$"{name}!"] = null }
                    );
                    var read = Read(JsonSerializer.Serialize(note, EntryJson.Lenient));

                    // A lone half of a surrogate pair cannot be written.
                    Assert.Equal(JsonSerializer.Serialize(note), JsonSerializer.Serialize(read));
                    Assert.Equal(note.Read.Text, read.Read.Text);
                }
            );

    [Fact]
    public void The_same_person_instrument_and_words_are_kept_once()
    {
        const string Json = """
            {"text":"wing-left","by":{"id":"rvane","name":"R. Vane","role":"lead"},"with":{"name":"rule","u":0.5},
            "read":"14.5 mm","more":{}}
            """;
        var (one, other) = (Read(Json), Read(Json));
        Assert.Same(one.Text, other.Text);
        Assert.Same(one.By, other.By);
        Assert.Same(one.With, other.With);
        Assert.Same(one.Read, other.Read);
    }
}
