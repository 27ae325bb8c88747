using System.Collections.Immutable;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>
/// What a sheet on file says twice counts once, as it was said first, so that nothing of a job has two lines of one
/// name. Import refuses such a sheet; on one that is on file already each second saying is a line of its jobs.
/// </summary>
internal static class SaidOnce
{
    public static SpecSheet Of(SpecSheet sheet) =>
        sheet with
        {
            Surfaces = First(sheet.Surfaces, s => s.Id),
            Parts = First(sheet.Parts, p => p.Id),
            Steps = First(sheet.Steps, s => s.Id),
            Servos = First(sheet.Servos, s => s.Id),
            Leads = First(sheet.Leads, l => l.Id),
            Outputs = First(sheet.Outputs, o => o.Id),
            Positions = First(sheet.Positions, p => p.Name),
            Rates = First(sheet.Rates, r => r.Name),
            Geometry = sheet
                .Geometry.With(GeometryFields.Lifting.List.Is(First(sheet.Geometry.Lifting, l => l.Id)))
                .With(GeometryFields.BallastStation.List.Is(First(sheet.Geometry.BallastStations, s => s.Name)))
                .With(GeometryFields.Fin.List.Is(FirstNamed(sheet.Geometry.Fins, f => f.Id)))
                .With(GeometryFields.Wheel.List.Is(FirstNamed(sheet.Geometry.Wheels, w => w.Id)))
                .With(GeometryFields.Place.List.Is(First(sheet.Geometry.Placed, p => p.Id))),
            Balance = sheet.Balance.With(
                BalanceFields.Configuration.List.Is(NotBoth(sheet.Balance.Configurations, c => c.Name))
            ),
            Power = sheet
                .Power.With(PowerFields.Motor.List.Is(First(sheet.Power.Motors, m => m.Id)))
                .With(PowerFields.Controller.List.Is(First(sheet.Power.Controllers, c => c.Id))),
        };

    // Of one name there may be several where no job can have both.
    private static ImmutableArray<T> NotBoth<T>(ImmutableArray<T> rows, Func<T, string> id)
        where T : SheetObject =>
        [.. rows.Where((r, i) => rows.Take(i).All(before => id(before) != id(r) || KitChoices.Exclude(before, r)))];

    // What the sheet gives no name is known by its place, and said once.
    private static ImmutableArray<T> FirstNamed<T>(ImmutableArray<T> rows, Func<T, string> id) =>
        [.. rows.Where((r, i) => id(r).Length == 0 || rows.Take(i).All(before => id(before) != id(r)))];

    private static ImmutableArray<T> First<T>(ImmutableArray<T> rows, Func<T, string> id) => [.. rows.DistinctBy(id)];
}
