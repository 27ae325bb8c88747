namespace Zygotome.Core.Sheets;

/// <summary>Whether a fastener goes where the sheet puts one, with the numbers said.</summary>
/// <param name="Least">Shortest that holds, mm; <paramref name="Most"/>: longest that does not bottom. Both under the
/// head.</param>
public sealed record FastenerVerdict(bool Fits, string Why, double? Least, double? Most);
