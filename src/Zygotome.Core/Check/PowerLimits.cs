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
    /// <summary>The motor that it is of; empty where it is of all together.</summary>
    public string Motor { get; init; } = "";

    /// <summary>Whether the run kept it; what was not read by itself is not judged by itself.</summary>
    public bool Holds(PowerRun run) =>
        !IsAmps
            ? Numbers.Round(run.Volts - Value) >= 0
            : (Motor.Length > 0 ? run.Of(Motor) : run.Together) is not { } amps || Numbers.Round(amps - Value) <= 0;

    /// <summary>"45 A, the controller's rating".</summary>
    public string Words => $"{Numbers.Say(Math.Round(Value, 1))} {(IsAmps ? "A" : "V")}, {Of}";
}

/// <summary>What a full-power run is judged by: what draws may draw, what carries it may carry.</summary>
public static class PowerLimits
{
    /// <summary>V a cell under full load, under which the pack is too weak for this draw: the shop's limit.</summary>
    internal const double CellUnderLoad = 3.3;

    // Of its likes' mean, by which a motor may draw more or less than they: the shop's limit.
    private const double Alike = 0.15;

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

        if (sheet.Power.Motors.Length > 1)
        {
            found.AddRange(
                from motor in sheet.Power.Motors
                let controller = sheet.Power.Controllers.FirstOrDefault(c => c.Id == motor.Controller)
                let rating = controller?.Says(PowerFields.Controller.Rating).Likely
                // One controller of several motors carries them together.
                where rating is not null && sheet.Power.Motors.Count(m => m.Controller == motor.Controller) == 1
                select new PowerLimit($"the controller of {motor.Id}", (double)rating.Nominal, true)
                {
                    Motor = motor.Id,
                }
            );
        }

        return [.. found.OrderByDescending(l => l.IsAmps).ThenBy(l => l.Value)];
    }

    /// <summary>As people say them, the same of each motor once: "at most 30 A, the controller of each".</summary>
    public static ImmutableArray<string> Said(JobState state)
    {
        var limits = Of(state);
        var alike = limits.Where(l => l.Motor.Length > 0).Select(l => l.Value).Distinct().Count() == 1;
        return
        [
            .. limits
                .Select(l => l.Motor.Length > 0 && alike ? l with { Of = "the controller of each" } : l)
                .Select(l => $"{(l.IsAmps ? "at most" : "at least")} {l.Words}")
                .Distinct(),
        ];
    }

    /// <summary>
    /// Motors that draw otherwise than those with the same propeller, each with what it and they draw: "left draws
    /// 14 A, its likes 20 A"; none where each was not read.
    /// </summary>
    public static ImmutableArray<string> Unlike(SpecSheet sheet, PowerRun run) =>
        [
            .. from motor in sheet.Power.Motors
            let amps = run.Of(motor.Id)
            let likes = sheet
                .Power.Motors.Where(m => m.Id != motor.Id && m.Propeller == motor.Propeller && m.Kind == motor.Kind)
                .Select(m => run.Of(m.Id))
                .OfType<double>()
                .ToArray()
            where amps is not null && likes.Length > 0
            let mean = (likes.Sum() + amps.Value) / (likes.Length + 1)
            where Numbers.Round(Math.Abs(amps.Value - mean) - (Alike * mean)) > 0
            select $"{motor.Id} draws {Numbers.Say(amps.Value)} A, "
                + $"{(likes.Length > 1 ? "its likes" : "the other")} {Numbers.Say(likes.Average())} A",
        ];
}
