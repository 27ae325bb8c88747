namespace Zygotome.Core.Sheets;

/// <summary>What moves or switches, beside surfaces.</summary>
public enum OutputKind
{
    /// <summary>Motors on two sides turning at different speeds.</summary>
    DifferentialThrust,

    /// <summary>A wheel or water rudder that is steered.</summary>
    Steering,

    /// <summary>Legs that go in and out, with their doors.</summary>
    Retract,

    Doors,
    Brake,

    /// <summary>A motor that turns backwards for braking or backing.</summary>
    ReverseThrust,

    Light,

    /// <summary>A hook or latch that lets go.</summary>
    Release,

    Hatch,
    Camera,

    /// <summary>A pilot's head, a turning radar, a moving figure.</summary>
    Figure,

    Other,
}

/// <summary>Kinds of output as sheets say them.</summary>
public static class OutputWords
{
    internal static (string Word, OutputKind Kind)[] All { get; } =
    [
        ("differential thrust", OutputKind.DifferentialThrust),
        ("steering", OutputKind.Steering),
        ("retract", OutputKind.Retract),
        ("doors", OutputKind.Doors),
        ("brake", OutputKind.Brake),
        ("reverse thrust", OutputKind.ReverseThrust),
        ("light", OutputKind.Light),
        ("release", OutputKind.Release),
        ("hatch", OutputKind.Hatch),
        ("camera", OutputKind.Camera),
        ("figure", OutputKind.Figure),
        ("other", OutputKind.Other),
    ];

    /// <summary>"differential thrust".</summary>
    public static string Of(OutputKind kind) => All.First(w => w.Kind == kind).Word;
}
