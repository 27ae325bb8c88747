using System.Text.Json.Serialization;

namespace Zygotome.Core.Sheets;

/// <summary>An adhesive's times as the shop lists them, minutes at 20 °C; copied into the entry that used it.</summary>
/// <param name="Epoxy">Whether the times follow the bench temperature by the doubling rule.</param>
public sealed record Adhesive(string Id, string Name, double HandleMinutes, double FullMinutes, bool Epoxy)
{
    /// <summary>What it is; null in older lists, where its name says it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public AdhesiveKind? Kind { get; init; }

    /// <summary>Made for polystyrene; null where nobody said, and its name says it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public bool? FoamSafe { get; init; }

    /// <summary>How long it can be worked once it is open, minutes at 20 °C; null: usual for its kind.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? WorkingMinutes { get; init; }

    /// <summary>How long both coats wait before they meet, minutes; null: usual for its kind.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? WaitMinutes { get; init; }

    /// <summary>How long it is held, seconds; null: usual for its kind.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? HoldSeconds { get; init; }

    /// <summary>Of hot melt: how hot it leaves the gun, °C; null where nobody said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? MeltCelsius { get; init; }
}
