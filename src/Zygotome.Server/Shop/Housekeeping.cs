using System.Data.Common;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>Once a day throws away what nobody will ask for: pictures that nothing names, drafts taken away.</summary>
internal sealed partial class Housekeeping(
    PhotoStore photos,
    DraftStore drafts,
    Database database,
    TimeProvider clock,
    ILogger<Housekeeping> log
) : BackgroundService
{
    private static readonly TimeSpan Daily = TimeSpan.FromDays(1);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var day = new PeriodicTimer(Daily, clock);
        do
        {
            Sweep();
        } while (await day.WaitForNextTickAsync(stoppingToken));
    }

    private void Sweep()
    {
        if (database.Cut is not null)
        {
            return;
        }

        try
        {
            var now = clock.GetUtcNow();
            photos.Sweep(now);
            drafts.Sweep(now);
        }
        catch (DbException e)
        {
            // What is left lies there until tomorrow.
            NotSwept(e);
        }
    }

    [LoggerMessage(LogLevel.Warning, "What nobody asks for could not be thrown away.")]
    private partial void NotSwept(Exception e);
}
