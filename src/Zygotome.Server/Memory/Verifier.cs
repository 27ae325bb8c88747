using System.Diagnostics;
using Zygotome.Core.Journal;
using Zygotome.Store;

namespace Zygotome.Server.Memory;

/// <summary>One look at the whole shop.</summary>
public sealed record Verified(DateTimeOffset At, double Seconds, VerificationResult Result);

/// <summary>
/// Looks at the whole shop after the start and once a day, beside the work; whoever asks gets the last result.
/// </summary>
internal sealed partial class Verifier(Database database, EntryKinds kinds, TimeProvider clock, ILogger<Verifier> log)
    : BackgroundService
{
    private static readonly TimeSpan Daily = TimeSpan.FromDays(1);
    private readonly SemaphoreSlim _one = new(1, 1);

    /// <summary>Null until the first look is done.</summary>
    public Verified? Last { get; private set; }

    /// <summary>Looks now.</summary>
    public async Task<Verified> Look(CancellationToken stop = default)
    {
        await _one.WaitAsync(stop);
        try
        {
            var began = Stopwatch.GetTimestamp();
            var result = await Task.Run(() => Verification.Run(database.File, kinds), stop);
            Last = new Verified(clock.GetUtcNow(), Stopwatch.GetElapsedTime(began).TotalSeconds, result);
            if (!result.Sound)
            {
                NotSound(result.Words);
            }

            return Last;
        }
        finally
        {
            _one.Release();
        }
    }

    /// <summary>One job's chain, papers and pictures, before it is released.</summary>
    public VerificationResult OfJob(string job) => Verification.OfJob(database, kinds, job);

    public override void Dispose()
    {
        _one.Dispose();
        base.Dispose();
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        await Task.Yield();
        using var day = new PeriodicTimer(Daily, clock);
        do
        {
            try
            {
                await Look(stoppingToken);
            }
            catch (Exception e) when (e is not OperationCanceledException)
            {
                // A look that fails ends no work; Shop shows no result, and a lead can look again.
                NotLooked(e);
            }
        } while (await day.WaitForNextTickAsync(stoppingToken));
    }

    [LoggerMessage(LogLevel.Error, "The shop's memory could not be looked at.")]
    private partial void NotLooked(Exception e);

    [LoggerMessage(LogLevel.Error, "The shop's memory: {Words}")]
    private partial void NotSound(string words);
}
