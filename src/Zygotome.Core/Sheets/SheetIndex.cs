namespace Zygotome.Core.Sheets;

/// <summary>What a sheet names, by its ids. What is on file may say one twice: the first counts.</summary>
internal sealed record SheetIndex(
    IReadOnlyDictionary<string, Surface> Surfaces,
    IReadOnlyDictionary<string, StepSpec> Steps,
    IReadOnlyDictionary<string, PartSpec> Parts
)
{
    public static SheetIndex Of(SpecSheet sheet) =>
        new(First(sheet.Surfaces, s => s.Id), First(sheet.Steps, s => s.Id), First(sheet.Parts, p => p.Id));

    private static Dictionary<string, T> First<T>(IReadOnlyCollection<T> all, Func<T, string> id)
    {
        var first = new Dictionary<string, T>(all.Count, StringComparer.Ordinal);
        foreach (var one in all)
        {
            first.TryAdd(id(one), one);
        }

        return first;
    }
}
