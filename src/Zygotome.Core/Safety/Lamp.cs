using Zygotome.Core.Journal;

namespace Zygotome.Core.Safety;

/// <summary>
/// What can hurt, and is looked at. Propeller and wires are of each motor, the pack is each of several.
/// </summary>
public enum LampKind
{
    Propeller,

    /// <summary>The wires between a motor and its controller.</summary>
    Wires,
    Transmitter,
    Pack,
    Stabiliser,

    /// <summary>Of the transmitter: which aircraft it is set to. Asked once something was bound.</summary>
    Memory,
}

/// <summary>How it was seen to be. Which words a lamp takes, see <see cref="LampBoard"/>.</summary>
public enum LampIs
{
    On,
    Off,

    /// <summary>The yoke of a folding propeller is on its shaft, its blades are not.</summary>
    BladesOff,
    Out,
    InBay,
    Connected,

    /// <summary>On, throttle low, cut set; on, where there is no motor.</summary>
    CutSet,

    /// <summary>On, and the throttle stick would be answered.</summary>
    Live,
    FullStick,

    /// <summary>There is none in line.</summary>
    NotFitted,

    /// <summary>It must not be moved.</summary>
    Aligning,

    /// <summary>It answers movement.</summary>
    Awake,

    /// <summary>It holds the wings level.</summary>
    Levelling,

    /// <summary>Read off the transmitter: the memory that was bound.</summary>
    TheOneBound,

    /// <summary>Another aircraft's memory.</summary>
    Another,
}

/// <param name="Of">The motor's id, or which of several packs; else empty.</param>
public readonly record struct LampId(LampKind Kind, string Of = "")
{
    /// <summary>By kind, then by name: the same in every process.</summary>
    public static Comparer<LampId> Order { get; } =
        Comparer<LampId>.Create(
            (a, b) => a.Kind != b.Kind ? a.Kind.CompareTo(b.Kind) : string.CompareOrdinal(a.Of, b.Of)
        );

    /// <summary>Its key, and where a refusal leads: <c>lamps.propeller.left</c>.</summary>
    public string Where => $"lamps.{Kind.ToString().ToLowerInvariant()}{(Of is { Length: > 0 } of ? $".{of}" : "")}";

    /// <summary>The refusal of what waits until somebody has looked at this lamp, or said otherwise of it.</summary>
    public Refusal Refused(string code, string text) => new(code, text, Where) { Lamp = Where };
}

/// <summary>What somebody said about a thing that can hurt, and in which look.</summary>
/// <param name="Look">Empty once it has fallen: then it is only what was said last.</param>
public sealed record Lamp(LampIs Is, Evidence Said, string Look);
