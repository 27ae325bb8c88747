using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Store;

/// <summary>
/// Committed jobs, replayed once and kept while they are used. The writer publishes each new snapshot after its commit.
/// </summary>
/// <param name="mostBytes">How many bytes of journals are kept replayed; in memory they take about as much
/// (docs/performance.md).</param>
public sealed class JournalReader(
    Database database,
    SheetStore sheets,
    EntryKinds kinds,
    long mostBytes = JournalReader.MostBytes
)
{
    public const long MostBytes = 64 << 20;

    private readonly SnapshotCache _cache = new(mostBytes);

    private sealed record Row(byte[] Bytes, byte[] Hash);

    public IReadOnlyList<string> JobIds()
    {
        using var connection = database.Connect();
        return [.. connection.Query<string>("SELECT job FROM journal WHERE seq = 1 ORDER BY shop_seq")];
    }

    /// <summary>The job, or null when nothing was ever recorded of it.</summary>
    /// <exception cref="UnreadableJobException">It is on file, but no state can be made of it.</exception>
    public JobSnapshot? Find(string jobId)
    {
        while (true)
        {
            if (_cache.Find(jobId) is { } kept)
            {
                return kept;
            }

            using var connection = database.Connect();
            var loaded = Load(connection, jobId);
            if (loaded is null || _cache.Keep(loaded))
            {
                return loaded;
            }
        }
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

    internal void Publish(JobSnapshot snapshot) => _cache.Publish(snapshot);

    internal void Forget(string job) => _cache.Forget(job);

    /// <summary>Keeps the job at hand while a post of it is under way.</summary>
    internal IDisposable Hold(string job) => _cache.Hold(job);

    private JobSnapshot? Load(SqliteConnection connection, string jobId)
    {
        var rows = connection
            .Query<Row>("SELECT bytes, hash FROM journal WHERE job = @jobId ORDER BY seq", new { jobId })
            .AsList();
        if (rows.Count == 0)
        {
            return null;
        }

        try
        {
            return Made(
                jobId,
                [.. rows.Select(r => Envelope.Read(r.Bytes, kinds))],
                rows[^1].Hash,
                rows.Sum(r => (long)r.Bytes.Length)
            );
        }
        catch (Exception e) when (e is not (UnreadableJobException or SqliteException))
        {
            throw new UnreadableJobException(jobId, "a rule of this program fails on what was recorded.", e);
        }
    }

    private JobSnapshot Made(string jobId, Log<Entry> entries, byte[] lastHash, long bytes)
    {
        var opened =
            entries[0].Body as Core.Receive.JobOpened
            ?? throw new UnreadableJobException(jobId, "it does not begin with its opening.");
        var sheet =
            sheets.Find(opened.SheetHash)
            ?? throw new UnreadableJobException(
                jobId,
                $"its sheet, {opened.SheetId} revision {opened.SheetRevision}, cannot be read."
            );
        var revisions = entries
            .Select(e => e.Body)
            .OfType<Core.Receive.SheetMoved>()
            .Select(m => sheets.Find(m.SheetHash))
            .Where(s => s is not null)
            .ById(s => s!.Hash, s => s!);
        return new JobSnapshot(Replay.Of(Stages.Unopened(sheet, revisions), entries), lastHash, bytes);
    }
}
