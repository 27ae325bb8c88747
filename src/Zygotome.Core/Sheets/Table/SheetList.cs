using System.Collections.Immutable;

namespace Zygotome.Core.Sheets.Table;

/// <summary>A list of rows that can be added to.</summary>
/// <param name="Name">Where it stands, from the top of the file; of an inner list, within its row.</param>
/// <param name="One">One of its rows, as the form names it: "add a panel".</param>
/// <param name="Fresh">The JSON of a new row.</param>
public sealed record SheetList(string Name, string One, string Fresh, ImmutableArray<SheetField> Fields)
{
    /// <summary>What its order says, where it says something.</summary>
    public string Means { get; init; } = "";

    /// <summary>Within each of its rows.</summary>
    public SheetList? Inner { get; init; }

    /// <summary>A sheet without it cannot be drawn.</summary>
    public bool Required { get; init; }

    public int Most { get; init; } = 500;

    /// <summary>A row says at least one of these; empty where it need not.</summary>
    public ImmutableArray<SheetField> OneOf { get; init; } = [];

    internal ImmutableArray<T> Read<T>(SheetNode owner, Func<SheetNode, T> row) =>
        owner.At(Name).Each(row, Required, Most);
}

/// <summary>A page of the paper manual.</summary>
public sealed record SheetPage(
    string Key,
    string Title,
    ImmutableArray<SheetField> Fields,
    ImmutableArray<SheetList> Lists
);
