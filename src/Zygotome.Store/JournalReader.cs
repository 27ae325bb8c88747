using System.Collections.Concurrent;
using System.Collections.Immutable;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.Jobs;

namespace Zygotome.Store;

/// <summary>Committed jobs, replayed once and kept. The writer publishes each new snapshot after its commit.</summary>
public sealed class JournalReader(Database database, SheetStore sheets, EntryKinds kinds)
{
    private readonly ConcurrentDictionary<string, JobSnapshot> _cache = new(StringComparer.Ordinal);

    private sealed record Row(byte[] Bytes, byte[] Hash);

    public IReadOnlyList<string> JobIds()
    {
        using var connection = database.Connect();
        return [.. connection.Query<string>("SELECT job FROM journal WHERE seq = 1 ORDER BY shop_seq")];
    }

    /// <summary>The job, or null when nothing was ever recorded of it.</summary>
    public JobSnapshot? Find(string jobId)
    {
        if (_cache.TryGetValue(jobId, out var cached))
        {
            return cached;
        }

        using var connection = database.Connect();
        return Load(connection, jobId) is { } loaded ? _cache.GetOrAdd(jobId, loaded) : null;
    }

    /// <summary>An entry of any job, by its id; null when nothing was recorded under it.</summary>
    public Entry? Entry(string entryId)
    {
        using var connection = database.Connect();
        return
            connection.QueryFirstOrDefault<byte[]>(
                "SELECT bytes FROM journal WHERE entry_id = @entryId",
                new { entryId }
            )
                is { } bytes
            ? Envelope.Read(bytes, kinds)
            : null;
    }

    internal void Publish(JobSnapshot snapshot) => _cache[snapshot.State.JobId] = snapshot;

    internal void Forget() => _cache.Clear();

    private JobSnapshot? Load(SqliteConnection connection, string jobId)
    {
        var rows = connection
            .Query<Row>("SELECT bytes, hash FROM journal WHERE job = @jobId ORDER BY seq", new { jobId })
            .AsList();
        if (rows.Count == 0)
        {
            return null;
        }

        var entries = rows.Select(r => Envelope.Read(r.Bytes, kinds)).ToImmutableList();
        var opened =
            entries[0].Body as Core.Receive.JobOpened
            ?? throw new InvalidOperationException($"Job {jobId} does not begin with its opening.");
        var sheet =
            sheets.Find(opened.SheetHash)
            ?? throw new InvalidOperationException(
                $"Job {jobId} names sheet {opened.SheetHash}, which is not on file."
            );
        var revisions = entries
            .Select(e => e.Body)
            .OfType<Core.Receive.SheetMoved>()
            .Select(m => sheets.Find(m.SheetHash))
            .Where(s => s is not null)
            .DistinctBy(s => s!.Hash)
            .ToImmutableDictionary(s => s!.Hash, s => s!);
        return new JobSnapshot(Replay.Of(sheet, entries, revisions), entries, rows[^1].Hash);
    }
}
