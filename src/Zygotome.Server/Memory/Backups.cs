using System.Data.Common;
using Zygotome.Core.Journal;
using Zygotome.Store;

namespace Zygotome.Server.Memory;

/// <summary>A backup on file.</summary>
public sealed record BackupView(string File, DateTimeOffset At, long Bytes, bool Sound, string Words)
{
    internal static BackupView Of(Backup b) => new(Path.GetFileName(b.File), b.At, b.Bytes, b.Sound, b.Words);
}

/// <param name="Folder">Null where none are taken.</param>
/// <param name="Beside">They lie with the shop's own file: lost with it.</param>
/// <param name="Failed">Why the last one could not be taken; null when it could.</param>
public sealed record BackupsView(string? Folder, bool Beside, IReadOnlyList<BackupView> Taken, string? Failed);

/// <summary>
/// Takes a backup each day that something was recorded, keeps those worth keeping, and says how they stand.
/// </summary>
internal sealed partial class Backups(
    Database database,
    EntryKinds kinds,
    ServerOptions options,
    TimeProvider clock,
    ILogger<Backups> log
) : BackgroundService
{
    private static readonly TimeSpan Looked = TimeSpan.FromHours(1),
        Daily = TimeSpan.FromHours(24);

    private readonly SemaphoreSlim _one = new(1, 1);
    private string? _failed;

    public BackupsView View =>
        new(
            options.Backups,
            options.Backups is { } folder
                && Path.GetFullPath(folder).StartsWith(Path.GetFullPath(options.Data), StringComparison.Ordinal),
            options.Backups is { } from ? [.. Backup.In(from).Select(BackupView.Of)] : [],
            _failed
        );

    /// <summary>Takes one now.</summary>
    /// <exception cref="IOException">There is no folder for it, or it cannot be written.</exception>
    public async Task<Backup> Take(CancellationToken stop = default)
    {
        var folder =
            options.Backups ?? throw new IOException("This server takes no backups; it is told where with --backups.");
        await _one.WaitAsync(stop);
        try
        {
            var backup = await Task.Run(() => Backup.Take(database.File, folder, clock.GetUtcNow(), kinds), stop);
            Backup.Rotate(folder);
            _failed = null;
            return backup;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException or DbException)
        {
            _failed = e.Message;
            throw new IOException($"No backup was taken: {e.Message}", e);
        }
        finally
        {
            _one.Release();
        }
    }

    public override void Dispose()
    {
        _one.Dispose();
        base.Dispose();
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (options.Backups is not { } folder)
        {
            return;
        }

        using var hour = new PeriodicTimer(Looked, clock);
        while (await hour.WaitForNextTickAsync(stoppingToken))
        {
            await TakeWhereDue(folder, stoppingToken);
        }
    }

    private async Task TakeWhereDue(string folder, CancellationToken stop)
    {
        try
        {
            var last = Backup.In(folder) is [var latest, ..] ? latest : null;
            if (database.LastSeal!.JournalSeq > 0 && (last is null || clock.GetUtcNow() - last.At >= Daily))
            {
                await Take(stop);
            }
        }
        catch (Exception e) when (e is not OperationCanceledException)
        {
            // Shown in Shop; tried again in an hour.
            NotTaken(e.Message);
        }
    }

    [LoggerMessage(LogLevel.Error, "{Why}")]
    private partial void NotTaken(string why);
}
