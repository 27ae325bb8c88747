using System.Collections.Immutable;
using System.Text.Json.Nodes;

namespace Zygotome.Core.Sheets.Table;

/// <summary>A short text.</summary>
/// <param name="Or">What holds where nothing is said.</param>
public sealed record TextField(string Name, string Label, string Or = "") : SheetField<string>(Name, Label)
{
    /// <summary>Small letters, digits and hyphens only.</summary>
    public bool IsId { get; init; }

    /// <summary>Where in the manual its row or section stands.</summary>
    public bool IsPage { get; init; }

    public override FieldKind Kind => FieldKind.Text;

    public override string Takes => IsId ? "an id" : "a text";

    internal override JsonObject Schema() =>
        IsId ? new() { ["type"] = "string", ["pattern"] = "^[a-z0-9-]+$" } : SchemaPieces.Ref("text");

    internal override string Read(SheetNode owner)
    {
        var node = At(owner);
        var text = node.Text(Or, IsMissed(owner));
        if (IsId && text.Any(c => !char.IsAsciiLetterLower(c) && !char.IsAsciiDigit(c) && c != '-'))
        {
            node.Wrong("An id has small letters, digits and hyphens only.");
        }

        return text;
    }
}

/// <summary>One of a closed list of words.</summary>
/// <param name="Or">What holds where nothing is said; empty where that is a word of its own.</param>
public sealed record ChoiceField(string Name, string Label, string Or, params ImmutableArray<string> Choices)
    : SheetField<string>(Name, Label)
{
    public override FieldKind Kind => FieldKind.Choice;

    public override string Takes => SchemaPieces.OneOf(Choices);

    internal override JsonObject Schema() =>
        new() { ["enum"] = new JsonArray([.. Choices.Select(c => (JsonNode)JsonValue.Create(c))]) };

    internal override string Read(SheetNode owner)
    {
        var node = At(owner);
        return !node.Exists || (Or.Length == 0 && node.IsEmptyText) ? Or : node.OneOf(Or, [.. Choices]);
    }
}

/// <summary>Several short texts.</summary>
public sealed record TextsField(string Name, string Label) : SheetField<ImmutableArray<string>>(Name, Label)
{
    /// <summary>What each of them has to look like; null where any text will do.</summary>
    public string? Pattern { get; init; }

    public override FieldKind Kind => FieldKind.Texts;

    public override string Takes => "texts";

    internal override JsonObject Schema() =>
        new()
        {
            ["type"] = "array",
            ["items"] = Pattern is { } pattern
                ? new JsonObject { ["type"] = "string", ["pattern"] = pattern }
                : SchemaPieces.Ref("text"),
        };

    internal override ImmutableArray<string> Read(SheetNode owner) => At(owner).Texts();
}

/// <summary>Yes or no: stated or not stated, never assumed by itself.</summary>
public sealed record FlagField(string Name, string Label) : SheetField<bool?>(Name, Label)
{
    public override FieldKind Kind => FieldKind.Flag;

    public override string Takes => "true or false";

    // What would be assumed of it could not be told from the mark of a row.
    internal override JsonObject Schema() =>
        new()
        {
            ["anyOf"] = new JsonArray(
                new JsonObject { ["type"] = "boolean" },
                new JsonObject { ["type"] = "object", ["required"] = new JsonArray("notStated") }
            ),
        };

    /// <summary>Null where nothing is said.</summary>
    internal override bool? Read(SheetNode owner) => At(owner) is { Exists: true } node ? node.Flag() : null;
}

/// <summary>Words by name: <c>{ "tail-fixing": "screws" }</c>.</summary>
public sealed record PairsField(string Name, string Label)
    : SheetField<ImmutableSortedDictionary<string, string>>(Name, Label)
{
    public override FieldKind Kind => FieldKind.Pairs;

    public override string Takes => "a word for each name";

    internal override JsonObject Schema() =>
        new()
        {
            ["type"] = "object",
            ["additionalProperties"] = new JsonObject { ["type"] = "string" },
        };

    internal override ImmutableSortedDictionary<string, string> Read(SheetNode owner) =>
        At(owner)
            .Fields()
            .ToImmutableSortedDictionary(f => f.Name, f => f.Node.Text(required: true), StringComparer.Ordinal);
}
