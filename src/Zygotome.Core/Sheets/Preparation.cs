namespace Zygotome.Core.Sheets;

/// <summary>How a face is made ready for glue, by its material.</summary>
public static class Preparation
{
    private static readonly Dictionary<string, string> Faces = new(StringComparer.OrdinalIgnoreCase)
    {
        ["EPO"] = "wiped free of release agent, pricked all over",
        ["expanded polyolefin"] = "wiped free of release agent, pricked all over",
        ["EPP"] = "wiped, roughened with a coarse cloth",
        ["polypropylene"] = "wiped, roughened, primed where the glue asks for it",
        ["EPS"] = "roughened lightly, dust brushed off, no solvent",
        ["polystyrene"] = "roughened lightly, dust brushed off, no solvent",
        ["foam board"] = "paper scraped off where it is glued, foam roughened",
        ["balsa"] = "bare wood, sanded, dust off",
        ["balsa and film"] = "film cut back to bare wood, not into it",
        ["plywood"] = "paint scraped off, sanded, dust off",
        ["carbon"] = "roughened all round, wiped with spirit",
        ["glass laminate"] = "roughened inside, wiped with spirit",
        ["hard plastic"] = "paint scraped off, roughened, wiped",
        ["clear canopy plastic"] = "only the rim dulled, washed with soap",
        ["metal"] = "roughened, wiped free of oil",
    };

    /// <summary>Of one face: "bare wood, sanded, dust off"; of a material nobody knows the least there is.</summary>
    public static string Of(string material) => Faces.GetValueOrDefault(material, "roughened, wiped clean");
}
