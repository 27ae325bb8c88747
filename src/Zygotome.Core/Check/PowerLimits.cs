using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Check;

/// <summary>One limit of a full-power run.</summary>
/// <param name="Of">"the controller's rating".</param>
/// <param name="IsAmps">At most so many A; else at least so many V.</param>
public sealed record PowerLimit(string Of, double Value, bool IsAmps)
{
    /// <summary>Whether the run kept it.</summary>
    public bool Holds(PowerRun run) =>
        IsAmps ? Numbers.Round(run.Amps - Value) <= 0 : Numbers.Round(run.Volts - Value) >= 0;

    /// <summary>"45 A, the controller's rating".</summary>
    public string Words => $"{Numbers.Say(Math.Round(Value, 1))} {(IsAmps ? "A" : "V")}, {Of}";
}

/// <summary>What a full-power run is judged by: what draws may draw, what carries it may carry.</summary>
public static class PowerLimits
{
    /// <summary>V a cell under full load, under which the pack is too weak for this draw: the shop's limit.</summary>
    internal const double CellUnderLoad = 3.3;

    /// <summary>The tightest of each kind first; none that nothing is known of.</summary>
    public static ImmutableArray<PowerLimit> Of(JobState state)
    {
        var sheet = state.Sheet;
        var found = new List<PowerLimit>();
        if (state.Aboard.MostDraw(sheet) is { } most)
        {
            found.Add(new("the most the sheet says it draws", most, true));
        }

        var ratings = sheet.Power.Controllers.Select(c => c.Says(PowerFields.Controller.Rating).Likely).ToArray();
        if (ratings.Length > 0 && ratings.All(r => r is not null))
        {
            found.Add(
                new(
                    ratings.Length == 1 ? "the controller's rating" : "what the controllers carry together",
                    ratings.Sum(r => (double)r!.Nominal),
                    true
                )
            );
        }

        if (state.Aboard.Battery is { CRating: { } c } battery)
        {
            found.Add(new("what the pack gives", c * battery.Capacity.Value / 1000, true));
        }

        if (state.Aboard.Battery is { Cells: var cells })
        {
            found.Add(new($"{Numbers.Say(CellUnderLoad)} V a cell under load", CellUnderLoad * cells, false));
        }

        return [.. found.OrderByDescending(l => l.IsAmps).ThenBy(l => l.Value)];
    }
}
