namespace Zygotome.Core.Journal;

/// <summary>Kinds of entry that belong to no stage.</summary>
public static class CommonEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [EntryKind.Of<Retracted>("job/retracted", Posters.Anybody) with { Decides = Decides.Always, Retractable = false }];
}
