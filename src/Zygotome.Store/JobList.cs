using System.Collections.Concurrent;
using Dapper;
using Microsoft.Data.Sqlite;

namespace Zygotome.Store;

/// <summary>
/// The list of all jobs: rows that follow from the journal and can be made anew from it at any time. A commit only
/// marks the job's row behind. One worker makes rows after it, some at a time and between two commits; whoever reads a
/// list makes at most those that are still behind. A row holds facts and instants; where its time is over, or another
/// program made it, the line is made for the reader and the row left to the worker.
/// </summary>
public sealed class JobList : IAsyncDisposable
{
    private const int RowsAtOnce = 64;

    // Entries come in bursts; a job measured every few seconds is not worked out for each.
    private static readonly TimeSpan Quiet = TimeSpan.FromMilliseconds(150);

    private readonly Database _database;
    private readonly JournalReader _reader;
    private readonly JournalWriter _writer;
    private readonly TimeProvider _clock;

    /// <summary>Jobs that moved since their row was made.</summary>
    private readonly ConcurrentDictionary<string, bool> _moved = new(StringComparer.Ordinal);

    /// <summary>Rows that an older file or another program left behind; no reader waits for all of these.</summary>
    private readonly ConcurrentQueue<string> _old = new();

    private readonly Lock _making = new();
    private readonly SemaphoreSlim _wanted = new(0, 1);
    private readonly CancellationTokenSource _stop = new();
    private Task _worker = Task.CompletedTask;

    public JobList(Database database, JournalReader reader, JournalWriter writer, TimeProvider clock)
    {
        (_database, _reader, _writer, _clock) = (database, reader, writer, clock);
        _writer.Recorded += Behind;
    }

    /// <summary>Told of each job of which no row could be made, and of rows that could not be written.</summary>
    public event Action<string, Exception>? Failed;

    /// <summary>Starts the worker.</summary>
    public void Start()
    {
        _worker = Task.Run(Work);
        Wake();
    }

    /// <summary>
    /// Makes every row that is behind: of jobs that moved, then what an older file lacks or another program made.
    /// </summary>
    public void CatchUp()
    {
        MarkOld();
        while (Make(_moved.Keys.Concat(_old).Distinct().Take(RowsAtOnce)) > 0 && !_stop.IsCancellationRequested)
        {
            // Some at a time, so that entries are recorded between.
        }
    }

    // The newest jobs first: they are looked for. Whoever reads a list meanwhile has those it shows made for it.
    private void MarkOld()
    {
        using var connection = _database.Connect();
        const string Old = """
            SELECT j.job
            FROM (SELECT job, MAX(seq) AS seq, MIN(shop_seq) AS opened FROM journal GROUP BY job) j
            LEFT JOIN job_facts f ON f.job = j.job
            WHERE f.job IS NULL OR f.seq <> j.seq OR f.made_by <> @Program
            ORDER BY j.opened DESC
            """;
        foreach (var job in connection.Query<string>(Old, new { KeptFacts.Program }))
        {
            _old.Enqueue(job);
        }
    }

    /// <summary>Jobs, unreleased first by promised date, of at most so many; and how many there are in all.</summary>
    /// <param name="find">Words of job, kit, shelf, order or customer; empty for all.</param>
    public (IReadOnlyList<JobLine> Jobs, long All) Find(string? find, int most)
    {
        if (FullText.Query(find) is not { } query)
        {
            return string.IsNullOrWhiteSpace(find)
                ? (Lines($"ORDER BY released, promised, job LIMIT {most}"), Count("job_list"))
                : ([], 0);
        }

        const string Found = """
            SELECT rowid FROM job_words WHERE job_words MATCH @query
            UNION
            SELECT j.rowid
            FROM customer_words w JOIN customer c ON c.rowid = w.rowid JOIN job_list j ON j.customer = c.id
            WHERE customer_words MATCH @query
            """;
        var lines = Lines($"WHERE rowid IN ({Found}) ORDER BY released, promised, job LIMIT {most}", new { query });
        return (lines, lines.Count < most ? lines.Count : Count($"({Found})", new { query }));
    }

    /// <summary>Jobs with glue that was used.</summary>
    public IReadOnlyList<JobLine> Curing() => Lines("WHERE curing = 1 ORDER BY job");

    /// <summary>Jobs with something to claim that was not claimed yet, the nearest window first.</summary>
    public IReadOnlyList<JobLine> Claiming() =>
        Lines("WHERE claim_until IS NOT NULL ORDER BY claim_until, job LIMIT 200");

    /// <summary>Jobs that wait for parts a supplier promised, the nearest day first.</summary>
    public IReadOnlyList<JobLine> Awaiting() => Lines("WHERE parts_due IS NOT NULL ORDER BY parts_due, job LIMIT 200");

    /// <summary>Jobs handed over together.</summary>
    public IReadOnlyList<JobLine> InOrder(string order) =>
        Lines("WHERE order_id = @order AND order_id <> '' ORDER BY job", new { order });

    /// <summary>Open jobs built to a revision of a sheet.</summary>
    public IReadOnlyList<string> OpenOn(string sheetHash) =>
        [
            .. Lines(
                    "WHERE released = 0 AND job IN (SELECT job FROM job_facts WHERE json_extract(facts, "
                        + "'$.sheetHash') = "
                        + "@sheetHash) ORDER BY job",
                    new { sheetHash }
                )
                .Where(l => l.Facts.SheetHash == sheetHash)
                .Select(l => l.Job),
        ];

    /// <summary>The rows as they are on file, whether behind or not.</summary>
    public IReadOnlyList<(ListedJob Listed, KeptFacts Facts)> Rows()
    {
        using var connection = _database.Connect();
        return
        [
            .. connection
                .Query<ListedJob>(
                    """
                    SELECT job, number, customer, kit, order_id AS orderId, promised, released,
                      claim_until AS claimUntil, parts_due AS partsDue, curing, words
                    FROM job_list ORDER BY job
                    """
                )
                .Zip(connection.Query<KeptFacts>($"{SelectFacts} ORDER BY job")),
        ];
    }

    public async ValueTask DisposeAsync()
    {
        _writer.Recorded -= Behind;
        await _stop.CancelAsync();
        await _worker;
        _stop.Dispose();
        _wanted.Dispose();
    }

    private void Behind(string job)
    {
        _moved[job] = true;
        Wake();
    }

    private void Wake()
    {
        lock (_wanted)
        {
            if (_wanted.CurrentCount == 0)
            {
                _wanted.Release();
            }
        }
    }

    private async Task Work()
    {
        try
        {
            CatchUp();
        }
        catch (SqliteException e)
        {
            Failed?.Invoke("of an older file", e);
        }

        try
        {
            while (true)
            {
                await _wanted.WaitAsync(_stop.Token);
                await Task.Delay(Quiet, _stop.Token);
                Make(_moved.Keys);
            }
        }
        catch (OperationCanceledException)
        {
            // Rows still behind are found at the next start.
        }
    }

    // A mark is taken away before its row is made: what moves meanwhile is marked again.
    private int Make(IEnumerable<string> behind)
    {
        lock (_making)
        {
            var jobs = behind.ToArray();
            foreach (var job in jobs)
            {
                _moved.TryRemove(job, out _);
            }

            while (_old.TryPeek(out var first) && jobs.Contains(first))
            {
                _old.TryDequeue(out _);
            }

            if (jobs.Length == 0)
            {
                return 0;
            }

            try
            {
                var rows = jobs.Select(MadeAnew).ToArray();
                _writer.Between(() => Put(rows));
                return jobs.Length;
            }
            catch (SqliteException e)
            {
                Failed?.Invoke(string.Join(", ", jobs), e);
                Array.ForEach(jobs, job => _moved[job] = true);
                return 0;
            }
        }
    }

    private JobRow MadeAnew(string job) => MadeAnew(job, _clock.GetUtcNow());

    private JobRow MadeAnew(string job, DateTimeOffset now)
    {
        try
        {
            return JobRow.Of(_reader.Find(job)!.State, now);
        }
        catch (UnreadableJobException e)
        {
            return JobRow.Broken(job, LastSeq(job), e.Why);
        }
        catch (Exception e) when (e is not SqliteException)
        {
            Failed?.Invoke(job, e);
            return JobRow.Broken(job, LastSeq(job), "a rule of this program fails on it.");
        }
    }

    private long LastSeq(string job)
    {
        using var connection = _database.Connect();
        return connection.ExecuteScalar<long>("SELECT MAX(seq) FROM journal WHERE job = @job", new { job });
    }

    // Rows can be made anew, so they wait for no disk of their own: the next entry's commit takes them along.
    private void Put(JobRow[] rows)
    {
        using var connection = _database.Connect();
        connection.Execute("PRAGMA synchronous = NORMAL");
        using var transaction = connection.BeginTransaction(deferred: false);
        connection.Execute(UpsertListed, rows.Select(r => r.Listed), transaction);
        connection.Execute(UpsertFacts, rows.Select(r => r.Kept), transaction);
        transaction.Commit();
    }

    private List<JobLine> Lines(string where, object? with = null)
    {
        Make(_moved.Keys.Take(RowsAtOnce));
        using var connection = _database.Connect();
        var jobs = connection.Query<string>($"SELECT job FROM job_list {where}", with).AsList();
        var kept = connection
            .Query<KeptFacts>($"{SelectFacts} WHERE job IN @jobs", new { jobs })
            .ToDictionary(f => f.Job, StringComparer.Ordinal);
        var now = _clock.GetUtcNow();
        return [.. jobs.Select(job => Kept(job) ?? MadeForReading(job, now))];

        JobLine? Kept(string job) => _moved.ContainsKey(job) ? null : kept.GetValueOrDefault(job)?.LineAt(now);
    }

    private JobLine MadeForReading(string job, DateTimeOffset now)
    {
        Behind(job);
        return MadeAnew(job, now).Kept.LineAt(now)!;
    }

    private long Count(string from, object? with = null)
    {
        using var connection = _database.Connect();
        return connection.ExecuteScalar<long>($"SELECT COUNT(*) FROM {from}", with);
    }

    private const string SelectFacts = "SELECT job, seq, made_by AS madeBy, facts, unreadable FROM job_facts";

    private const string UpsertFacts = """
        INSERT INTO job_facts (job, seq, made_by, facts, unreadable)
        VALUES (@Job, @Seq, @MadeBy, @Facts, @Unreadable)
        ON CONFLICT (job) DO UPDATE SET seq = @Seq, made_by = @MadeBy, facts = @Facts, unreadable = @Unreadable
        """;

    private const string UpsertListed = """
        INSERT INTO job_list (
          job, number, customer, kit, order_id, promised, released, claim_until, parts_due, curing, words
        ) VALUES (
          @Job, @Number, @Customer, @Kit, @OrderId, @Promised, @Released, @ClaimUntil, @PartsDue, @Curing, @Words
        )
        ON CONFLICT (job) DO UPDATE SET
          number = @Number, customer = @Customer, kit = @Kit, order_id = @OrderId, promised = @Promised,
          released = @Released, claim_until = @ClaimUntil, parts_due = @PartsDue, curing = @Curing, words = @Words
        """;
}
