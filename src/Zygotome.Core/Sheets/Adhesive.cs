namespace Zygotome.Core.Sheets;

/// <summary>An adhesive's times as the shop lists them, minutes at 20 °C; copied into the entry that used it.</summary>
/// <param name="Epoxy">Whether the times follow the bench temperature by the doubling rule.</param>
public sealed record Adhesive(string Id, string Name, double HandleMinutes, double FullMinutes, bool Epoxy);
