using System.Collections.Immutable;

namespace Zygotome.Core.Sheets;

/// <summary>What an adhesive is, as far as harm, preparation and procedure go.</summary>
public enum AdhesiveKind
{
    Epoxy,
    Contact,
    Instant,
    Wood,
    Canopy,
    HotMelt,
    Expanding,
    Bead,
    Tape,
    Solvent,
    ThreadLock,
    Other,
}

/// <summary>
/// What is usual for a kind at 20 °C, where a product's own times are not listed. Working time, waiting, handling and
/// full strength in minutes, holding in seconds; grams on 10 cm² of joint, both faces.
/// </summary>
public sealed record AdhesiveUsual(AdhesiveKind Kind, string Name, double Working, double Wait, double Hold)
{
    public required double Handle { get; init; }

    public required double Full { get; init; }

    public required double Grams { get; init; }

    /// <summary>How it is undone.</summary>
    public required string Undone { get; init; }
}

/// <summary>Kinds of adhesive, and what an adhesive of a list is.</summary>
public static class AdhesiveKinds
{
    private static readonly (string Word, AdhesiveKind Kind)[] Words =
    [
        ("hot melt", AdhesiveKind.HotMelt),
        ("epoxy", AdhesiveKind.Epoxy),
        ("contact", AdhesiveKind.Contact),
        ("instant", AdhesiveKind.Instant),
        ("cyanoacrylate", AdhesiveKind.Instant),
        ("canopy", AdhesiveKind.Canopy),
        ("expanding", AdhesiveKind.Expanding),
        ("bead", AdhesiveKind.Bead),
        ("tape", AdhesiveKind.Tape),
        ("solvent", AdhesiveKind.Solvent),
        ("thread-lock", AdhesiveKind.ThreadLock),
        ("wood", AdhesiveKind.Wood),
    ];

    /// <summary>Each kind once, in the order it is offered.</summary>
    public static ImmutableArray<AdhesiveUsual> All { get; } =
    [
        Usual(AdhesiveKind.Epoxy, "epoxy", 20, 0, 30, 60, 720, 1.3, "Cut along the joint; heat softens it."),
        Usual(AdhesiveKind.Contact, "contact", 15, 10, 20, 15, 240, 0.8, "Peels with a blade and its own solvent."),
        Usual(AdhesiveKind.Instant, "instant", 0.5, 0, 20, 1, 120, 0.3, "Cut; its debonder eats foam."),
        Usual(AdhesiveKind.Wood, "wood", 8, 0, 60, 40, 600, 0.7, "Not undone: cut beside it."),
        Usual(AdhesiveKind.Canopy, "canopy", 10, 0, 60, 60, 720, 0.8, "Rolls off clear plastic when warm."),
        Usual(AdhesiveKind.HotMelt, "hot melt", 0.4, 0, 30, 2, 10, 1.5, "Warm it, and it lets go."),
        Usual(AdhesiveKind.Expanding, "expanding", 15, 0, 60, 90, 480, 0.6, "Cut."),
        Usual(AdhesiveKind.Bead, "removable bead", 5, 0, 10, 5, 30, 0.5, "Rolled off by thumb."),
        Usual(AdhesiveKind.Tape, "tape", 60, 0, 10, 0.1, 0.1, 0.4, "Pulled off flat, slowly."),
        Usual(AdhesiveKind.Solvent, "solvent", 3, 0, 30, 20, 720, 0.3, "Not undone."),
        Usual(AdhesiveKind.ThreadLock, "thread-lock", 5, 0, 0, 20, 1440, 0.05, "By tool; hot where it is strong."),
        Usual(AdhesiveKind.Other, "other", 5, 0, 60, 60, 1440, 1, "As its label says."),
    ];

    /// <summary>What is usual for a kind.</summary>
    public static AdhesiveUsual Of(AdhesiveKind kind) => All.First(u => u.Kind == kind);

    /// <summary>What it is called: "hot melt".</summary>
    public static string Say(AdhesiveKind kind) => Of(kind).Name;

    extension(Adhesive adhesive)
    {
        /// <summary>What it is: as listed, else as its name and times say.</summary>
        public AdhesiveKind Is() =>
            adhesive.Kind
            ?? (
                Words.FirstOrDefault(w => adhesive.Name.Contains(w.Word, StringComparison.OrdinalIgnoreCase))
                    is { Word: not null } word
                    ? word.Kind
                : adhesive.Epoxy ? AdhesiveKind.Epoxy
                : AdhesiveKind.Other
            );

        /// <summary>Whether polystyrene bears it, as far as anybody says.</summary>
        public bool IsFoamSafe() =>
            adhesive.FoamSafe ?? adhesive.Name.Contains("foam-safe", StringComparison.OrdinalIgnoreCase);

        /// <summary>Minutes it can be worked at that bench temperature; an epoxy's go by the doubling rule.</summary>
        public double Working(double celsius) =>
            (adhesive.WorkingMinutes ?? Of(adhesive.Is()).Working) * Curing.Factor(adhesive, celsius);

        /// <summary>Minutes its coats wait before they meet.</summary>
        public double Wait() => adhesive.WaitMinutes ?? Of(adhesive.Is()).Wait;

        /// <summary>Seconds it is held.</summary>
        public double Hold() => adhesive.HoldSeconds ?? Of(adhesive.Is()).Hold;
    }

    private static AdhesiveUsual Usual(
        AdhesiveKind kind,
        string name,
        double working,
        double wait,
        double hold,
        double handle,
        double full,
        double grams,
        string undone
    ) =>
        new(kind, name, working, wait, hold)
        {
            Handle = handle,
            Full = full,
            Grams = grams,
            Undone = undone,
        };
}
