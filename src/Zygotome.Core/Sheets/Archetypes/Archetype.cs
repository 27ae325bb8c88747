using System.Collections.Immutable;

namespace Zygotome.Core.Sheets.Archetypes;

/// <summary>How pitch and roll are made.</summary>
public enum Layout
{
    Tail,
    VTail,
    Canard,
    Tailless,
}

/// <summary>
/// Proportions of a class of aircraft, from which a sheet is begun. They are custom, nobody's specification.
/// </summary>
/// <param name="Aspect">Span² over area of the main wing.</param>
/// <param name="Taper">Tip over root chord.</param>
/// <param name="Sweep">Of the leading edge, degrees.</param>
/// <param name="NoseShare">Share of the length ahead of the root leading edge.</param>
/// <param name="WingHeight">Above the fuselage line as a share of body width; below is negative.</param>
/// <param name="Dihedral">Degrees.</param>
/// <param name="TailVolume">Tail area × arm over wing area × mean chord.</param>
/// <param name="Range">Balance range as shares of the mean chord behind its leading edge.</param>
public sealed record Archetype(
    string Key,
    string Name,
    Layout Layout,
    double Aspect,
    double Taper,
    double Sweep,
    double NoseShare,
    double WingHeight,
    double Dihedral,
    double TailVolume,
    (double From, double To) Range,
    int Motors
)
{
    public int Wings { get; init; } = 1;

    public int Fins { get; init; } = 1;

    public string MotorKind { get; init; } = "propeller";

    public bool Pusher { get; init; }

    public bool Gear { get; init; } = true;

    public ImmutableArray<string> Cautions { get; init; } = [];
}

/// <summary>The classes a sheet can be begun from.</summary>
public static class ArchetypeList
{
    public static ImmutableArray<Archetype> All { get; } =
    [
        new("high-wing", "high-wing trainer", Layout.Tail, 6.5, 0.9, 1, 0.26, 1.0, 2.5, 0.55, (0.26, 0.33), 1),
        new("low-wing", "low-wing sport", Layout.Tail, 6.0, 0.75, 2, 0.27, -0.6, 4, 0.50, (0.24, 0.31), 1),
        new("parasol", "parasol wing", Layout.Tail, 6.3, 0.95, 1, 0.25, 1.6, 2, 0.55, (0.26, 0.33), 1)
        {
            Cautions = ["Cabane struts set the incidence: measure it before the screws are tight."],
        },
        new("biplane", "biplane", Layout.Tail, 5.2, 0.95, 2, 0.27, 1.3, 1.5, 0.50, (0.22, 0.29), 1)
        {
            Wings = 2,
            Cautions = ["Rigging and struts fix incidence and decalage: measure both wings."],
        },
        new("twin", "twin", Layout.Tail, 7.0, 0.65, 3, 0.27, 0.5, 2.5, 0.55, (0.25, 0.32), 2)
        {
            Cautions = ["Two propellers: either may start first. Keep clear of both discs."],
        },
        new("three-motor", "three-motor transport", Layout.Tail, 7.5, 0.7, 3, 0.28, 0.8, 3, 0.55, (0.25, 0.32), 3)
        {
            Cautions = ["Three propellers: any may start first. Keep clear of all discs."],
        },
        new("ducted-fan", "ducted-fan jet", Layout.Tail, 4.2, 0.5, 22, 0.40, 0.2, 0, 0.40, (0.20, 0.28), 1)
        {
            MotorKind = "fan",
            Cautions = ["Intake clear and nothing loose in reach before the fan runs."],
        },
        new("delta", "delta", Layout.Tailless, 2.4, 0.25, 42, 0.18, 0, 0, 0, (0.16, 0.20), 1)
        {
            Pusher = true,
            Fins = 1,
            Gear = false,
        },
        new("flying-wing", "flying wing", Layout.Tailless, 6.5, 0.6, 24, 0.10, 0, 1, 0, (0.14, 0.18), 1)
        {
            Pusher = true,
            Fins = 2,
            Gear = false,
        },
        new("v-tail", "V-tail", Layout.VTail, 9, 0.7, 2, 0.28, 0.4, 3, 0.55, (0.27, 0.34), 1)
        {
            Gear = false,
            MotorKind = "folding",
        },
        new("sailplane", "sailplane", Layout.Tail, 14, 0.55, 1, 0.27, 0.6, 3, 0.55, (0.30, 0.37), 0) { Gear = false },
        new("canard", "canard", Layout.Canard, 7.0, 0.7, 12, 0.62, 0.2, 1, 0.35, (0, 0), 1)
        {
            Pusher = true,
            Fins = 2,
            Cautions = ["Balance lies ahead of the wing: never move it aft to save ballast."],
        },
        new("flying-boat", "flying boat", Layout.Tail, 7.0, 0.8, 1, 0.28, 1.2, 2, 0.60, (0.25, 0.32), 1)
        {
            Gear = false,
            Cautions =
            [
                "Electrics and water: let it dry open, and look for water in the hull before each flight.",
                "Reverse thrust only on the water.",
            ],
        },
        new("profile", "profile, foam-board", Layout.Tail, 4.8, 0.85, 6, 0.30, 0, 0, 0.45, (0.24, 0.31), 1)
        {
            Cautions = ["Foam board: hot melt and solvents harm it; try on an offcut."],
        },
    ];

    public static Archetype? Find(string key) => All.FirstOrDefault(a => a.Key == key);
}

/// <summary>What somebody knows from the lid of the box.</summary>
/// <param name="Span">Tip to tip, mm. <paramref name="Length"/>: over all, mm. <paramref name="EmptyWeight"/>: without
/// pack, g.</param>
/// <param name="Fitted">Of flaps, wheels, retracts, stabiliser, airbrakes, motor.</param>
public sealed record ArchetypeRequest(
    string Class,
    string Name,
    string Maker,
    double Span,
    double Length,
    double EmptyWeight,
    string Material,
    ImmutableArray<string> Fitted
)
{
    public Refusal? Refused() =>
        ArchetypeList.Find(Class) is null
            ? new Refusal(
                "sheet/class",
                $"\"{Class}\" is not a class; known are {string.Join(", ", ArchetypeList.All.Select(a => a.Key))}.",
                "class"
            )
            : Texts.Reason(Name, "name", "A kit has a name.")
                ?? Texts.Fits(Name, "name", 120)
                ?? Texts.Fits(Maker, "maker", 120)
                ?? Texts.Fits(Material, "material", 60)
                ?? Between(Span, 150, 8000, "mm of span", "span")
                ?? Between(Length, 120, 5000, "mm of length", "length")
                ?? Between(EmptyWeight, 10, 40_000, "g", "emptyWeight")
                ?? (
                    Length < Span * 0.2 || Length > Span * 3
                        ? new Refusal(
                            "sheet/proportion",
                            $"A length of {Length} mm on a span of {Span} mm is not an aircraft of this kind; one of "
                                + $"the two is misread.",
                            "length"
                        )
                        : null
                );

    private static Refusal? Between(double value, double least, double most, string what, string where) =>
        double.IsFinite(value) && value >= least && value <= most
            ? null
            : new Refusal("sheet/impossible", $"{value} {what} is not possible; {least} to {most} is.", where);
}
