using System.Collections.Immutable;

namespace Zygotome.Core.Sheets;

/// <summary>
/// Materials of both sides and the job of the joint → what works, what harms. Names are generic kinds; times are usual
/// ones, a product's own come first.
/// </summary>
public static class AdhesiveAdviser
{
    private static readonly string[] Woods = ["balsa", "plywood", "balsa and film"];

    /// <summary>Foams that flex.</summary>
    internal static string[] SoftFoams { get; } = ["EPO", "EPP", "expanded polyolefin", "polypropylene"];

    /// <summary>Foams that solvents eat and heat melts.</summary>
    internal static string[] HardFoams { get; } = ["EPS", "polystyrene", "foam board"];

    /// <summary>
    /// For two materials and the joint's job: minutes at 20 °C, grams as a factor; slow epoxy where no rule fits.
    /// </summary>
    public static AdhesiveAdvice For(string a, string b, string job)
    {
        bool Any(string[] kinds) =>
            kinds.Contains(a, StringComparer.OrdinalIgnoreCase) || kinds.Contains(b, StringComparer.OrdinalIgnoreCase);
        bool Both(string[] kinds) =>
            kinds.Contains(a, StringComparer.OrdinalIgnoreCase) && kinds.Contains(b, StringComparer.OrdinalIgnoreCase);
        if (job == "canopy" || a == "clear canopy plastic" || b == "clear canopy plastic")
        {
            return new(
                Name: "canopy glue",
                Job: job,
                Preparation: "Dry fit, tape, then",
                Harms: ["cyanoacrylate fumes on clear plastic"],
                HandleMinutes: 60,
                FullMinutes: 720,
                GramsFactor: 0.8
            );
        }

        if (job == "servo")
        {
            return new(
                Name: "removable bead",
                Job: job,
                Preparation: "A bead each side,",
                Harms: ["hot melt near heat", "anything that can creep into the gears"],
                HandleMinutes: 5,
                FullMinutes: 30,
                GramsFactor: 1
            );
        }

        if (job == "hinge")
        {
            return new(
                Name: "foam-safe contact",
                Job: job,
                Preparation: "Thin, both faces, kept off the gap:",
                Harms: ["brittle epoxy on a flexing hinge"],
                HandleMinutes: 15,
                FullMinutes: 240,
                GramsFactor: 0.7
            );
        }

        if (Any(HardFoams))
        {
            return new(
                Name: "foam-safe epoxy",
                Job: job,
                Preparation: "Roughen, then",
                Harms: ["solvent glue on polystyrene", "hot melt on polystyrene"],
                HandleMinutes: 30,
                FullMinutes: 480,
                GramsFactor: 1.2
            );
        }

        if (Both(SoftFoams))
        {
            return new(
                Name: "foam-safe contact",
                Job: job,
                Preparation: "Both faces thin, wait, join:",
                Harms: ["brittle epoxy on flexing foam", "expanding glue in a closed socket"],
                HandleMinutes: 15,
                FullMinutes: 240,
                GramsFactor: 0.8
            );
        }

        return Both(Woods)
            ? new(
                Name: "wood glue",
                Job: job,
                Preparation: "Clamp along the grain,",
                Harms: ["cyanoacrylate where the joint flexes"],
                HandleMinutes: 40,
                FullMinutes: 600,
                GramsFactor: 0.7
            )
            : new(
                Name: "slow epoxy",
                Job: job,
                Preparation: "Roughen, degrease, then",
                Harms: ["hot glue near heat", "anything creeping to a wire guide"],
                HandleMinutes: 60,
                FullMinutes: 720,
                GramsFactor: 1.3
            );
    }
}
