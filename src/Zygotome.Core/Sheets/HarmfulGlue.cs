namespace Zygotome.Core.Sheets;

/// <summary>
/// What an adhesive does to the materials of a joint that it must not. Known by the words of its name, as the shop
/// lists it: of a name that says nothing of its kind nothing is known.
/// </summary>
public static class HarmfulGlue
{
    /// <summary>What it does there; null where nothing is known against it.</summary>
    /// <param name="hotMeltAnywhere">The job takes hot melt wherever nothing else holds as fast.</param>
    /// <param name="epoxyOnFoam">The job takes the manual's epoxy on flexing foam.</param>
    public static string? Of(Adhesive adhesive, BondSpec bond, bool hotMeltAnywhere = false, bool epoxyOnFoam = false)
    {
        bool Named(string word) => adhesive.Name.Contains(word, StringComparison.OrdinalIgnoreCase);
        var safe = Named("foam-safe");
        var (instant, hot, epoxy) = (
            Named("instant") || Named("cyanoacrylate"),
            Named("hot melt"),
            adhesive.Epoxy || Named("epoxy")
        );
        var clear = bond.Kind == "canopy" || Either(bond, "clear canopy plastic");
        return clear && instant ? "its fumes cloud clear plastic"
            : Of(bond, AdhesiveAdviser.HardFoams, all: false) && hot ? "it melts polystyrene"
            : Of(bond, AdhesiveAdviser.HardFoams, all: false)
            && !safe
            && (instant || Named("contact") || Named("solvent"))
                ? "its solvent eats polystyrene"
            : hot && !hotMeltAnywhere && bond.Kind is ("structural" or "hinge")
                ? "it lets go in sun and heat: nothing that carries is held by it"
            : epoxy && bond.Kind == "hinge" ? "it is brittle, and a hinge flexes"
            : epoxy && !epoxyOnFoam && Of(bond, AdhesiveAdviser.SoftFoams, all: true)
                ? "it is brittle, and this foam flexes"
            : null;
    }

    private static bool Either(BondSpec bond, string material) =>
        bond.A.Equals(material, StringComparison.OrdinalIgnoreCase)
        || bond.B.Equals(material, StringComparison.OrdinalIgnoreCase);

    private static bool Of(BondSpec bond, string[] materials, bool all)
    {
        var (a, b) = (
            materials.Contains(bond.A, StringComparer.OrdinalIgnoreCase),
            materials.Contains(bond.B, StringComparer.OrdinalIgnoreCase)
        );
        return all ? a && b : a || b;
    }
}
