using System.Collections.Immutable;
using System.Text.Json.Nodes;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>A short text that names, refers or tells.</summary>
/// <param name="Or">What holds where nothing is said.</param>
public sealed record TextField(string Name, string Label, string Or = "") : PlainField<string>(Name, Label)
{
    /// <summary>Small letters, digits and hyphens only.</summary>
    public bool IsId { get; init; }

    /// <summary>Where in the manual its row or section stands.</summary>
    public bool IsPage { get; init; }

    public override bool IsName
    {
        get => field || IsId || IsPage;
        init;
    }

    public override FieldKind Kind => FieldKind.Text;

    public override string Takes =>
        IsId ? "an id"
        : Refers is { } to ? $"the id of a {to.Noun}"
        : "a text";

    internal override JsonObject Schema() =>
        IsId ? new() { ["type"] = "string", ["pattern"] = "^[a-z0-9-]+$" } : SchemaPieces.Ref("text");

    private protected override string Nothing => Or;

    internal override IEnumerable<(string Below, string Name)> Named(object kept) => [("", (string)kept)];

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

/// <summary>A short text that something is judged by.</summary>
public sealed record WordsField(string Name, string Label) : PrintedField<string>(Name, Label)
{
    public override FieldKind Kind => FieldKind.Text;

    public override string Takes => "a text";

    internal override JsonObject Schema() => SchemaPieces.Ref("text");

    internal override bool TryRead(SheetNode node, out string value)
    {
        value = node.Text();
        return value.Length > 0;
    }
}

/// <summary>One of a closed list of words.</summary>
/// <param name="Or">What holds where nothing is said; empty where that is a word of its own.</param>
public sealed record ChoiceField(string Name, string Label, string Or, params ImmutableArray<string> Choices)
    : PlainField<string>(Name, Label),
        IChoice
{
    public override FieldKind Kind => FieldKind.Choice;

    public override string Takes => SchemaPieces.OneOf(Choices);

    internal override JsonObject Schema() => SchemaPieces.Enum(Choices);

    private protected override string Nothing => Or;

    internal override string Read(SheetNode owner)
    {
        var node = At(owner);
        return !node.Exists || (Or.Length == 0 && node.IsEmptyText) ? Or : node.OneOf(Or, [.. Choices]);
    }
}

/// <summary>A field with a closed list of words.</summary>
public interface IChoice
{
    string Or { get; }

    ImmutableArray<string> Choices { get; }
}

/// <summary>One of a closed list of words, each of which means something to rules.</summary>
/// <param name="Or">The word that holds where nothing is said.</param>
public sealed record MeaningField<T>(
    string Name,
    string Label,
    string Or,
    params ImmutableArray<(string Word, T Meaning)> Words
) : PlainField<T>(Name, Label), IChoice
{
    public ImmutableArray<string> Choices => [.. Words.Select(w => w.Word).Where(w => w.Length > 0)];

    public override FieldKind Kind => FieldKind.Choice;

    public override string Takes => SchemaPieces.OneOf(Choices);

    internal override JsonObject Schema() => SchemaPieces.Enum(Choices);

    private protected override T Nothing => Meaning(Or);

    internal override T Read(SheetNode owner)
    {
        var node = At(owner);
        return Meaning(!node.Exists || (Or.Length == 0 && node.IsEmptyText) ? Or : node.OneOf(Or, [.. Choices]));
    }

    private T Meaning(string word) => Words.First(w => w.Word == word).Meaning;
}

/// <summary>Several short texts.</summary>
public sealed record TextsField(string Name, string Label) : PlainField<ImmutableArray<string>>(Name, Label)
{
    public override FieldKind Kind => FieldKind.Texts;

    public override string Takes => Refers is { } to ? $"ids, each of a {to.Noun}" : "texts";

    internal override JsonObject Schema() => new() { ["type"] = "array", ["items"] = SchemaPieces.Ref("text") };

    private protected override ImmutableArray<string> Nothing => [];

    internal override IEnumerable<(string Below, string Name)> Named(object kept) =>
        ((ImmutableArray<string>)kept).Select((name, i) => ($"[{i}]", name));

    internal override ImmutableArray<string> Read(SheetNode owner) => At(owner).Texts();
}

/// <summary>What is disturbed, each in its word: <c>throw:rudder</c>, <c>mass</c>.</summary>
public sealed record AspectsField(string Name, string Label) : PlainField<ImmutableArray<Aspect>>(Name, Label)
{
    private const string Pattern =
        "^((mass|balance|failsafe|bind|range|trueness)|(neutral|throw|direction|freedom):.+)$";

    public override FieldKind Kind => FieldKind.Texts;

    public override string Takes => "texts";

    internal override JsonObject Schema() =>
        new()
        {
            ["type"] = "array",
            ["items"] = new JsonObject { ["type"] = "string", ["pattern"] = Pattern },
        };

    private protected override ImmutableArray<Aspect> Nothing => [];

    internal override ImmutableArray<Aspect> Read(SheetNode owner) => [.. At(owner).Each(One).OfType<Aspect>()];

    private static Aspect? One(SheetNode n)
    {
        if (Aspect.Parse(n.Text(required: true)).Try(out var aspect, out var refusal))
        {
            return aspect;
        }

        n.Wrong(refusal.Text);
        return null;
    }
}

/// <summary>Yes or no: stated or not stated, never assumed by itself.</summary>
public sealed record FlagField(string Name, string Label) : PrintedField<bool>(Name, Label)
{
    public override FieldKind Kind => FieldKind.Flag;

    public override string Takes => "true or false";

    // What would be assumed of it could not be told from the mark of a row.
    internal override JsonObject Schema() =>
        new()
        {
            ["anyOf"] = new JsonArray(
                new JsonObject { ["type"] = "boolean" },
                new JsonObject { ["type"] = "object", ["required"] = new JsonArray("notStated") },
                new JsonObject { ["type"] = "object", ["required"] = new JsonArray("notHere") },
                SchemaPieces.Ref("contradicted")
            ),
        };

    internal override bool TryRead(SheetNode node, out bool value)
    {
        value = node.Flag();
        return true;
    }
}

/// <summary>Words by name: <c>{ "tail-fixing": "screws" }</c>.</summary>
public record PairsField(string Name, string Label) : PlainField<ImmutableSortedDictionary<string, string>>(Name, Label)
{
    public override FieldKind Kind => FieldKind.Pairs;

    public override string Takes => Refers is { } to ? $"a word for each {to.Noun}" : "a word for each name";

    internal override JsonObject Schema() =>
        new()
        {
            ["type"] = "object",
            ["additionalProperties"] = new JsonObject { ["type"] = "string" },
        };

    private protected override ImmutableSortedDictionary<string, string> Nothing => Ordered.ById<string>();

    internal override IEnumerable<(string Below, string Name)> Named(object kept) =>
        ((ImmutableSortedDictionary<string, string>)kept).Keys.Select(name => ($".{name}", name));

    internal override ImmutableSortedDictionary<string, string> Read(SheetNode owner) =>
        At(owner)
            .Fields()
            .ToImmutableSortedDictionary(f => f.Name, f => f.Node.Text(required: true), StringComparer.Ordinal);
}

/// <summary>
/// With which choices of the kit's options a row is there: <c>{ "gear": "retracts" }</c>. It is nowhere in a job that
/// chose otherwise, and asked about by none of its lines.
/// </summary>
public sealed record WhenField : PairsField
{
    public WhenField()
        : base("when", "only with")
    {
        Means = "Options of the kit, each with the choice with which this row is there.";
        Refers = Reference.Option;
    }
}
