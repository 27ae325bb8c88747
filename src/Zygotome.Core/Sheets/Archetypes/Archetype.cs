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

    /// <summary>It has no moving surface: its motors steer it, and climb it.</summary>
    public bool SteeredByMotors { get; init; }

    public ImmutableArray<string> Cautions { get; init; } = [];
}

/// <summary>The classes a sheet can be begun from.</summary>
public static class ArchetypeList
{
    public static ImmutableArray<Archetype> All { get; } =
    [
        new(
            Key: "high-wing",
            Name: "high-wing trainer",
            Layout: Layout.Tail,
            Aspect: 6.5,
            Taper: 0.9,
            Sweep: 1,
            NoseShare: 0.26,
            WingHeight: 1.0,
            Dihedral: 2.5,
            TailVolume: 0.55,
            Range: (0.26, 0.33),
            Motors: 1
        ),
        new(
            Key: "low-wing",
            Name: "low-wing sport",
            Layout: Layout.Tail,
            Aspect: 6.0,
            Taper: 0.75,
            Sweep: 2,
            NoseShare: 0.27,
            WingHeight: -0.6,
            Dihedral: 4,
            TailVolume: 0.50,
            Range: (0.24, 0.31),
            Motors: 1
        ),
        new(
            Key: "parasol",
            Name: "parasol wing",
            Layout: Layout.Tail,
            Aspect: 6.3,
            Taper: 0.95,
            Sweep: 1,
            NoseShare: 0.25,
            WingHeight: 1.6,
            Dihedral: 2,
            TailVolume: 0.55,
            Range: (0.26, 0.33),
            Motors: 1
        )
        {
            Cautions = ["Cabane struts set the incidence: measure it before the screws are tight."],
        },
        new(
            Key: "biplane",
            Name: "biplane",
            Layout: Layout.Tail,
            Aspect: 5.2,
            Taper: 0.95,
            Sweep: 2,
            NoseShare: 0.27,
            WingHeight: 1.3,
            Dihedral: 1.5,
            TailVolume: 0.50,
            Range: (0.22, 0.29),
            Motors: 1
        )
        {
            Wings = 2,
            Cautions = ["Rigging and struts fix incidence and decalage: measure both wings."],
        },
        new(
            Key: "twin",
            Name: "twin",
            Layout: Layout.Tail,
            Aspect: 7.0,
            Taper: 0.65,
            Sweep: 3,
            NoseShare: 0.27,
            WingHeight: 0.5,
            Dihedral: 2.5,
            TailVolume: 0.55,
            Range: (0.25, 0.32),
            Motors: 2
        )
        {
            Cautions = ["Two propellers: either may start first. Keep clear of both discs."],
        },
        new(
            Key: "three-motor",
            Name: "three-motor transport",
            Layout: Layout.Tail,
            Aspect: 7.5,
            Taper: 0.7,
            Sweep: 3,
            NoseShare: 0.28,
            WingHeight: 0.8,
            Dihedral: 3,
            TailVolume: 0.55,
            Range: (0.25, 0.32),
            Motors: 3
        )
        {
            Cautions = ["Three propellers: any may start first. Keep clear of all discs."],
        },
        new(
            Key: "ducted-fan",
            Name: "ducted-fan jet",
            Layout: Layout.Tail,
            Aspect: 4.2,
            Taper: 0.5,
            Sweep: 22,
            NoseShare: 0.40,
            WingHeight: 0.2,
            Dihedral: 0,
            TailVolume: 0.40,
            Range: (0.20, 0.28),
            Motors: 1
        )
        {
            MotorKind = "fan",
            Cautions = ["Intake clear and nothing loose in reach before the fan runs."],
        },
        new(
            Key: "delta",
            Name: "delta",
            Layout: Layout.Tailless,
            Aspect: 2.4,
            Taper: 0.25,
            Sweep: 42,
            NoseShare: 0.18,
            WingHeight: 0,
            Dihedral: 0,
            TailVolume: 0,
            Range: (0.16, 0.20),
            Motors: 1
        )
        {
            Pusher = true,
            Fins = 1,
        },
        new(
            Key: "flying-wing",
            Name: "flying wing",
            Layout: Layout.Tailless,
            Aspect: 6.5,
            Taper: 0.6,
            Sweep: 24,
            NoseShare: 0.10,
            WingHeight: 0,
            Dihedral: 1,
            TailVolume: 0,
            Range: (0.14, 0.18),
            Motors: 1
        )
        {
            Pusher = true,
            Fins = 2,
        },
        new(
            Key: "plank",
            Name: "plank",
            Layout: Layout.Tailless,
            Aspect: 7.5,
            Taper: 0.9,
            Sweep: 0,
            NoseShare: 0.35,
            WingHeight: 0,
            Dihedral: 1,
            TailVolume: 0,
            Range: (0.15, 0.19),
            Motors: 1
        )
        {
            Cautions = ["Unswept and tailless: it flies on its reflex. Never without the maker's figure for it."],
        },
        new(
            Key: "v-tail",
            Name: "V-tail",
            Layout: Layout.VTail,
            Aspect: 9,
            Taper: 0.7,
            Sweep: 2,
            NoseShare: 0.28,
            WingHeight: 0.4,
            Dihedral: 3,
            TailVolume: 0.55,
            Range: (0.27, 0.34),
            Motors: 1
        )
        {
            MotorKind = "folding",
        },
        new(
            Key: "sailplane",
            Name: "sailplane",
            Layout: Layout.Tail,
            Aspect: 14,
            Taper: 0.55,
            Sweep: 1,
            NoseShare: 0.27,
            WingHeight: 0.6,
            Dihedral: 3,
            TailVolume: 0.55,
            Range: (0.30, 0.37),
            Motors: 0
        ),
        new(
            Key: "canard",
            Name: "canard",
            Layout: Layout.Canard,
            Aspect: 7.0,
            Taper: 0.7,
            Sweep: 12,
            NoseShare: 0.62,
            WingHeight: 0.2,
            Dihedral: 1,
            TailVolume: 0.35,
            Range: (0, 0),
            Motors: 1
        )
        {
            Pusher = true,
            Fins = 2,
            Cautions = ["Balance lies ahead of the wing: never move it aft to save ballast."],
        },
        new(
            Key: "flying-boat",
            Name: "flying boat",
            Layout: Layout.Tail,
            Aspect: 7.0,
            Taper: 0.8,
            Sweep: 1,
            NoseShare: 0.28,
            WingHeight: 1.2,
            Dihedral: 2,
            TailVolume: 0.60,
            Range: (0.25, 0.32),
            Motors: 1
        )
        {
            Cautions =
            [
                "Electrics and water: let it dry open, and look for water in the hull before each flight.",
                "Reverse thrust only on the water.",
            ],
        },
        new(
            Key: "motor-steered",
            Name: "motor-steered flyer",
            Layout: Layout.Tail,
            Aspect: 4.5,
            Taper: 0.9,
            Sweep: 2,
            NoseShare: 0.3,
            WingHeight: 0.8,
            Dihedral: 6,
            TailVolume: 0.6,
            Range: (0.3, 0.38),
            Motors: 2
        )
        {
            SteeredByMotors = true,
            Cautions = ["Two propellers, and either alone turns it: keep clear of both discs."],
        },
        new(
            Key: "profile",
            Name: "profile, foam-board",
            Layout: Layout.Tail,
            Aspect: 4.8,
            Taper: 0.85,
            Sweep: 6,
            NoseShare: 0.30,
            WingHeight: 0,
            Dihedral: 0,
            TailVolume: 0.45,
            Range: (0.24, 0.31),
            Motors: 1
        )
        {
            Cautions = ["Foam board: hot melt and solvents harm it; try on an offcut."],
        },
    ];

    /// <summary>The archetype of this key; null when there is none.</summary>
    public static Archetype? Find(string key) => All.FirstOrDefault(a => a.Key == key);
}

/// <summary>What somebody knows from the lid of the box.</summary>
/// <param name="Span">Tip to tip, mm. <paramref name="Length"/>: over all, mm. <paramref name="EmptyWeight"/>: without
/// pack, g.</param>
/// <param name="Fitted">Of <see cref="ArchetypeSheet.Fittings"/>; what is not named is not in the sheet.</param>
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
    /// <summary>The first number that cannot be, with its place; null when all can.</summary>
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
                ?? Fitted
                    .Where(f => !ArchetypeSheet.Fittings.Contains(f))
                    .Select(f => new Refusal(
                        "sheet/fitted",
                        $"\"{f}\" is not known here; known are {string.Join(", ", ArchetypeSheet.Fittings)}.",
                        "fitted"
                    ))
                    .FirstOrDefault()
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
