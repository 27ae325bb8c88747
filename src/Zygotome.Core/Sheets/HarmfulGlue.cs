namespace Zygotome.Core.Sheets;

/// <summary>What an adhesive does to the materials of a joint that it must not.</summary>
public static class HarmfulGlue
{
    /// <summary>What it does there; null where nothing is known against it.</summary>
    /// <param name="hotMeltAnywhere">The job takes hot melt wherever nothing else holds as fast.</param>
    /// <param name="epoxyOnFoam">The job takes the manual's epoxy on flexing foam.</param>
    /// <param name="heat">What grows hot beside the joint: motor, controller; empty where nothing is known to.</param>
    public static string? Of(
        Adhesive adhesive,
        BondSpec bond,
        bool hotMeltAnywhere = false,
        bool epoxyOnFoam = false,
        string heat = ""
    )
    {
        var kind = adhesive.Is();
        var hard = Touches(bond, AdhesiveAdviser.HardFoams);
        return kind switch
        {
            AdhesiveKind.Instant when bond.Kind == "canopy" || Either(bond, "clear canopy plastic") =>
                "its fumes cloud clear plastic",
            AdhesiveKind.HotMelt when hard => "it melts polystyrene",
            AdhesiveKind.Instant or AdhesiveKind.Contact or AdhesiveKind.Solvent when hard && !adhesive.IsFoamSafe() =>
                "its solvent eats polystyrene",
            AdhesiveKind.HotMelt when heat.Length > 0 => $"it softens beside the {heat}",
            AdhesiveKind.HotMelt when !hotMeltAnywhere && bond.Kind is ("structural" or "hinge") =>
                "it lets go in sun and heat: nothing that carries is held by it",
            AdhesiveKind.Expanding when bond.KeepsClear =>
                "it grows into what must stay free: nobody can hold it back in a closed joint",
            AdhesiveKind.ThreadLock when !Both(bond, ["metal"]) => "it cracks plastic and holds nothing but metal",
            AdhesiveKind.Instant when bond.Kind == "hinge" && Both(bond, AdhesiveAdviser.SoftFoams) =>
                "it runs into the gap, and a foam hinge cracks there",
            _ when adhesive.Epoxy || kind == AdhesiveKind.Epoxy => Brittle(bond, epoxyOnFoam),
            _ => null,
        };
    }

    private static string? Brittle(BondSpec bond, bool epoxyOnFoam) =>
        bond.Kind == "hinge" ? "it is brittle, and a hinge flexes"
        : !epoxyOnFoam && Both(bond, AdhesiveAdviser.SoftFoams) ? "it is brittle, and this foam flexes"
        : null;

    private static bool Either(BondSpec bond, string material) => Touches(bond, [material]);

    private static bool Touches(BondSpec bond, string[] materials) =>
        materials.Contains(bond.A, StringComparer.OrdinalIgnoreCase)
        || materials.Contains(bond.B, StringComparer.OrdinalIgnoreCase);

    private static bool Both(BondSpec bond, string[] materials) =>
        materials.Contains(bond.A, StringComparer.OrdinalIgnoreCase)
        && materials.Contains(bond.B, StringComparer.OrdinalIgnoreCase);
}
