using System.Globalization;
using System.Text.RegularExpressions;

namespace Zygotome.Core.Sheets.Plausibility;

/// <summary>
/// Where a doubted number is, by what its row is called: a row taken out above it does not ask the same question again.
/// </summary>
internal static partial class FlagPlaces
{
    /// <summary>
    /// The path with its first index replaced by the row's name; the path itself where rows have no name or share one.
    /// </summary>
    public static string Of(SpecSheet sheet, string path)
    {
        if (
            Indexed().Match(path) is not { Success: true } match
            || !int.TryParse(
                match.Groups["index"].ValueSpan,
                NumberStyles.None,
                CultureInfo.InvariantCulture,
                out var index
            )
        )
        {
            return path;
        }

        var names = Names(sheet, match.Groups["list"].Value);
        var name = names.ElementAtOrDefault(index);
        return string.IsNullOrWhiteSpace(name) || names.Count(n => n == name) > 1
            ? path
            : $"$.{match.Groups["list"].Value}[{name}]{match.Groups["rest"].Value}";
    }

    private static string[] Names(SpecSheet sheet, string list) =>
        list switch
        {
            "throws" => [.. sheet.Throws.Select(t => $"{t.Surfaces} {t.Function} {t.Rate} {t.Position}".TrimEnd())],
            "parts" => [.. sheet.Parts.Select(p => p.Id)],
            "surfaces" => [.. sheet.Surfaces.Select(s => s.Id)],
            "steps" => [.. sheet.Steps.Select(s => s.Id)],
            "servos" => [.. sheet.Servos.Select(s => s.Id)],
            "outputs" => [.. sheet.Outputs.Select(o => o.Id)],
            "positions" => [.. sheet.Positions.Select(p => $"{p.Function} {p.Name}")],
            "geometry.wheels" => [.. sheet.Geometry.Wheels.Select(w => w.Name)],
            "rates" => [.. sheet.Rates.Select(r => r.Name)],
            "geometry.lifting" => [.. sheet.Geometry.Lifting.Select(l => l.Id)],
            "balance.configurations" => [.. sheet.Balance.Configurations.Select(c => c.Name)],
            "power.motors" => [.. sheet.Power.Motors.Select(m => m.Id)],
            "power.controllers" => [.. sheet.Power.Controllers.Select(c => c.Id)],
            _ => [],
        };

    [GeneratedRegex(@"^\$\.(?<list>[a-zA-Z.]+)\[(?<index>\d+)\](?<rest>.*)$")]
    private static partial Regex Indexed();
}
