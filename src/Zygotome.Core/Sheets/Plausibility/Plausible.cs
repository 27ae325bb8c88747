namespace Zygotome.Core.Sheets.Plausibility;

/// <summary>
/// Every number of a sheet that is hard to believe, in the order of the file. Total: whatever could be read can be
/// asked.
/// </summary>
public static class Plausible
{
    /// <summary>What is odd about a sheet, in its order; a doubt refuses nothing.</summary>
    public static IReadOnlyList<Flag> Of(SpecSheet sheet) =>
        [
            .. new[]
            {
                GeometryFlags.Of(sheet),
                PairFlags.Of(sheet),
                ThrowFlags.Of(sheet),
                BalanceFlags.Of(sheet),
                PowerFlags.Of(sheet),
                RadioFlags.Of(sheet),
                OutputFlags.Of(sheet),
                PartFlags.Of(sheet),
            }
                .SelectMany(f => f)
                .Select(f => f.At(FlagPlaces.Of(sheet, f.Path))),
        ];

    /// <summary>How a doubt was answered.</summary>
    public static string Words(FlagAnswer answer) =>
        answer switch
        {
            FlagAnswer.AsPrinted => "as printed",
            FlagAnswer.ConfirmedWithMaker => "confirmed with the maker",
            _ => "corrected",
        };
}
