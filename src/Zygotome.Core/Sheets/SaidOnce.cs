using System.Collections.Immutable;

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
            Rates = First(sheet.Rates, r => r.Name),
            Geometry = sheet.Geometry with
            {
                Lifting = First(sheet.Geometry.Lifting, l => l.Id),
                BallastStations = First(sheet.Geometry.BallastStations, s => s.Name),
            },
            Balance = sheet.Balance with { Configurations = First(sheet.Balance.Configurations, c => c.Name) },
            Power = sheet.Power with
            {
                Motors = First(sheet.Power.Motors, m => m.Id),
                Controllers = First(sheet.Power.Controllers, c => c.Id),
            },
        };

    private static ImmutableArray<T> First<T>(ImmutableArray<T> rows, Func<T, string> id) => [.. rows.DistinctBy(id)];
}
