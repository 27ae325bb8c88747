using BenchmarkDotNet.Attributes;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Unpack;
using Zygotome.Store;

namespace Zygotome.Bench;

/// <summary>
/// Durable appends, from so many writers at once, against a bare SQLite loop with the same pragmas in the same run.
/// Time is for one append; the ratio's inverse is how many times the bare loop's appends per second. The list of jobs
/// is kept up meanwhile, as in the running application.
/// </summary>
public class DurableAppends
{
    private const int Appends = 2048;

    private DirectoryInfo _folder = null!;
    private Database _database = null!;
    private JournalWriter _writer = null!;
    private JobList _list = null!;
    private SqliteConnection _bare = null!;
    private byte[] _bytes = [];
    private long _next;

    [Params(1, 8, 32)]
    public int Writers { get; set; }

    [IterationSetup]
    public void Setup()
    {
        _folder = Directory.CreateTempSubdirectory("zygotome-bench");
        _database = Database.Open(Path.Combine(_folder.FullName, "journal.db"));
        var sheets = new SheetStore(_database);
        sheets.Add(Shop.Sheet, Shop.SheetBytes);
        var reader = new JournalReader(_database, sheets, Stages.Kinds);
        _writer = new JournalWriter(_database, reader, sheets, Stages.Kinds, TimeProvider.System);
        _list = new JobList(_database, reader, _writer, TimeProvider.System);
        _list.Start();
        for (var w = 0; w < Writers; w++)
        {
            var job = $"J-{w}";
            Record(job, Shop.Opened(job, DateTimeOffset.UtcNow)).GetAwaiter().GetResult();
        }

        // As many bytes and indexes as an entry of the journal has, and nothing else.
        _bare = Database.Open(Path.Combine(_folder.FullName, "bare.db")).Connect();
        _bare.Execute(
            "CREATE TABLE bare (shop_seq INTEGER PRIMARY KEY, job TEXT, seq INTEGER, entry_id TEXT UNIQUE, bytes "
                + "BLOB, hash BLOB, shop_hash BLOB, UNIQUE (job, seq))"
        );
        _bytes = new byte[420];
    }

    [IterationCleanup]
    public void Cleanup()
    {
        _list.DisposeAsync().AsTask().GetAwaiter().GetResult();
        _writer.DisposeAsync().AsTask().GetAwaiter().GetResult();
        _bare.Dispose();
        SqliteConnection.ClearAllPools();
        _folder.Delete(recursive: true);
    }

    [Benchmark(Baseline = true, OperationsPerInvoke = Appends)]
    public void BareLoop()
    {
        for (var i = 0; i < Appends; i++)
        {
            using var transaction = _bare.BeginTransaction();
            _bare.Execute(
                "INSERT INTO bare VALUES (@n, 'J', @n, @id, @_bytes, @hash, @hash)",
                new
                {
                    n = ++_next,
                    id = Guid.NewGuid().ToString(),
                    _bytes,
                    hash = _bytes[..32],
                },
                transaction
            );
            transaction.Commit();
        }
    }

    [Benchmark(OperationsPerInvoke = Appends)]
    public Task Journal() =>
        Task.WhenAll(
            Enumerable
                .Range(0, Writers)
                .Select(w =>
                    Task.Run(async () =>
                    {
                        for (var i = 0; i < Appends / Writers; i++)
                        {
                            await Record($"J-{w}", new Counted("pushrod", 1));
                        }
                    })
                )
        );

    private async Task Record(string job, EntryBody body)
    {
        var proposal = new Proposal(
            Guid.NewGuid().ToString(),
            Stages.Kinds.TypeOf(body),
            body,
            DateTimeOffset.UtcNow,
            null
        );
        if (await _writer.Record(new Post(job, [proposal], Shop.Vane, "look")) is not PostAnswer.Recorded)
        {
            throw new InvalidOperationException("An append was refused; the figures would be worth nothing.");
        }
    }
}
