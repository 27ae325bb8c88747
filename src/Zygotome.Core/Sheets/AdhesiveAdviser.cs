using System.Collections.Immutable;

namespace Zygotome.Core.Sheets;

/// <summary>
/// Materials of both sides and the job of the joint → what works, what harms. Names are generic kinds; times are usual
/// ones, a product's own come first.
/// </summary>
public static class AdhesiveAdviser
{
    private static readonly string[] SoftFoams = ["EPO", "EPP", "expanded polyolefin", "polypropylene"],
        HardFoams = ["EPS", "polystyrene", "foam board"],
        Woods = ["balsa", "plywood", "balsa and film"];

    public static AdhesiveAdvice For(string a, string b, string job)
    {
        bool Any(string[] kinds) =>
            kinds.Contains(a, StringComparer.OrdinalIgnoreCase) || kinds.Contains(b, StringComparer.OrdinalIgnoreCase);
        bool Both(string[] kinds) =>
            kinds.Contains(a, StringComparer.OrdinalIgnoreCase) && kinds.Contains(b, StringComparer.OrdinalIgnoreCase);
        if (job == "canopy" || a == "clear canopy plastic" || b == "clear canopy plastic")
        {
            return new(
                "canopy glue",
                job,
                "Dry fit, tape, then",
                ["cyanoacrylate fumes on clear plastic"],
                60,
                720,
                0.8
            );
        }

        if (job == "servo")
        {
            return new(
                "removable bead",
                job,
                "A bead each side,",
                ["hot melt near heat", "anything that can creep into the gears"],
                5,
                30,
                1
            );
        }

        if (job == "hinge")
        {
            return new(
                "foam-safe contact",
                job,
                "Thin, both faces, kept off the gap:",
                ["brittle epoxy on a flexing hinge"],
                15,
                240,
                0.7
            );
        }

        if (Any(HardFoams))
        {
            return new(
                "foam-safe epoxy",
                job,
                "Roughen, then",
                ["solvent glue on polystyrene", "hot melt on polystyrene"],
                30,
                480,
                1.2
            );
        }

        if (Both(SoftFoams))
        {
            return new(
                "foam-safe contact",
                job,
                "Both faces thin, wait, join:",
                ["brittle epoxy on flexing foam", "expanding glue in a closed socket"],
                15,
                240,
                0.8
            );
        }

        return Both(Woods)
            ? new("wood glue", job, "Clamp along the grain,", ["cyanoacrylate where the joint flexes"], 40, 600, 0.7)
            : new(
                "slow epoxy",
                job,
                "Roughen, degrease, then",
                ["hot glue near heat", "anything creeping to a wire guide"],
                60,
                720,
                1.3
            );
    }
}
