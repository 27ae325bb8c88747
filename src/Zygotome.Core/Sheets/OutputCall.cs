using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>From where it is seen what is called.</summary>
public enum SeenFrom
{
    Behind,
    Below,
}

/// <summary>
/// One call of something that is no surface, or of a position of a switch as a whole: what is done at the transmitter,
/// and what must be seen.
/// </summary>
/// <param name="Of">The output's id, or the command whose position it is.</param>
/// <param name="At">The position of stick or switch.</param>
/// <param name="Call">"Gear switch: up".</param>
/// <param name="Expected">"main left, main right and nose go in, doors close".</param>
public sealed record OutputCall(string Of, string At, string Call, string Expected)
{
    /// <summary>"Nose wheel"; "Flap position landing".</summary>
    public required string Name { get; init; }

    /// <summary>The channel or command.</summary>
    public required string Function { get; init; }

    /// <summary>It is a position of several surfaces, and no output.</summary>
    public bool IsPosition { get; init; }

    /// <summary>What it does is never conceded.</summary>
    public bool IsVital { get; init; }

    /// <summary>It is seen only while motors turn: bare shafts, throttle live.</summary>
    public bool TurnsMotors { get; init; }

    public SeenFrom From { get; init; }

    /// <summary>
    /// How long it takes, when it begins, what holds it back, as printed; empty where it is not said.
    /// </summary>
    public string Note { get; init; } = "";

    /// <summary>How long it may take, s; null where the sheet does not say.</summary>
    public Band? Takes { get; init; }

    /// <summary>Surfaces that move, by id, with the way of each.</summary>
    public ImmutableSortedDictionary<string, Movement> Picture { get; init; } =
        ImmutableSortedDictionary<string, Movement>.Empty;

    /// <summary>Motors by id.</summary>
    public ImmutableArray<string> Motors { get; init; } = [];

    /// <summary>What moves, as the drawing calls it: surfaces, wheels, motors.</summary>
    public ImmutableArray<string> Parts { get; init; } = [];

    public string Page { get; init; } = "";
}
