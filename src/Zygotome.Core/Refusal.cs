namespace Zygotome.Core;

/// <summary>
/// Why something was not taken: a code for programs, words for people (what, what it got, what it needs) and where.
/// </summary>
/// <param name="Code">Stable, lower case, <c>stage/what</c>.</param>
/// <param name="Where">The field or place, such as <c>body.readings[0]</c>; empty when it is the act as a
/// whole.</param>
public sealed record Refusal(string Code, string Text, string Where = "")
{
    /// <summary>The lamp to look at first, by its key; empty where none is in the way.</summary>
    public string Lamp { get; init; } = "";
}
