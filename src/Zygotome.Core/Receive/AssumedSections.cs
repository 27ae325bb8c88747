using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>Sections of a sheet that nobody's evidence judges and that hold assumed values.</summary>
public static class AssumedSections
{
    /// <summary>Sections that other computations rest on and that hold assumed values, with their paths.</summary>
    public static IEnumerable<(string Section, string Words, string[] Paths)> Of(SpecSheet sheet) =>
        from section in Sections
        let paths = sheet.Assumed.Where(p => p.StartsWith($"$.{section.Key}", StringComparison.Ordinal)).ToArray()
        where paths.Length > 0
        select (section.Key, section.Words, paths);

    private static readonly (string Key, string Words)[] Sections =
    [
        ("geometry", "the geometry"),
        ("surfaces", "control surfaces and their chords"),
        ("power", "power"),
        ("radio", "radio functions"),
        ("servos", "servos"),
        ("parts", "the parts list"),
        ("steps", "steps"),
    ];
}
