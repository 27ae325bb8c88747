using BenchmarkDotNet.Attributes;
using Dapper;
using Zygotome.Core.Job;
using Zygotome.Core.Sheets;
using Zygotome.Store;

namespace Zygotome.Bench;

/// <summary>
/// Searching a shop of 20,000 jobs and 2,000 sheets: what the server does for the lists, down to the facts of the jobs
/// found. Baseline: the same words looked for with LIKE over the same rows, in the same run.
/// </summary>
public class SearchTwentyThousandJobs
{
    private const int Jobs = 20_000,
        Sheets = 2_000,
        Most = 40;

    // Filled once for all cases: filling it takes longer than measuring.
    private static Database? _filled;

    private Database _database = null!;
    private JournalReader _reader = null!;
    private SheetStore _sheets = null!;
    private JournalWriter _writer = null!;
    private JobList _list = null!;

    [Params("J-1234", "grouse 77", "wren")]
    public string Words { get; set; } = "";

    [GlobalSetup]
    public void Setup()
    {
        var empty = _filled is null;

        // In memory where there is such a place: filling syncs to disk thousands of times, and searching does not.
        var folder = Directory.Exists("/dev/shm")
            ? Directory.CreateDirectory(Path.Combine("/dev/shm", $"zygotome-bench-{Environment.ProcessId}"))
            : Directory.CreateTempSubdirectory("zygotome-bench");
        _database = _filled ??= Database.Open(Path.Combine(folder.FullName, "shop.db"));
        _sheets = new SheetStore(_database);
        _reader = new JournalReader(_database, _sheets, Stages.Kinds);
        _writer = new JournalWriter(_database, _reader, _sheets, Stages.Kinds, TimeProvider.System);
        _list = new JobList(_database, _reader, _writer, TimeProvider.System);
        if (empty)
        {
            Fill();
        }
    }

    private void Fill()
    {
        var shop = new ShopStore(_database);
        string[] birds = ["grouse", "plover", "wren", "dunnock", "heron", "sedge", "teal", "rail"];
        var text = System.Text.Encoding.UTF8.GetString(Shop.SheetBytes);
        for (var i = 0; i < Sheets; i++)
        {
            var bytes = System.Text.Encoding.UTF8.GetBytes(
                text.Replace(Shop.Sheet.Kit.Id, $"kit-{i}", StringComparison.Ordinal)
                    .Replace(Shop.Sheet.Kit.Name, $"{birds[i % 8]} {i}", StringComparison.Ordinal)
            );
            _sheets.Add(SheetReader.Read(bytes).Sheet!, bytes);
        }

        for (var i = 0; i < 500; i++)
        {
            shop.PutCustomer(
                new Customer(
                    $"c-{i}",
                    $"{birds[i % 8]} {(char)('A' + (i % 26))}.",
                    $"0000 555 {i:000}",
                    "collects on Saturdays"
                )
            );
        }

        var at = DateTimeOffset.UtcNow;
        Parallel
            .ForEachAsync(
                Enumerable.Range(0, Jobs),
                new ParallelOptions { MaxDegreeOfParallelism = 64 },
                async (i, _) =>
                {
                    var sheet = _sheets.Find($"kit-{i % Sheets}", 1)!;
                    var opened = Shop.Opened($"J-{i:0000}", at) with
                    {
                        SheetId = sheet.Kit.Id,
                        SheetHash = sheet.Hash,
                        CustomerId = $"c-{i % 500}",
                        Shelf = $"{i % 90}",
                    };
                    var proposal = new Proposal(
                        Guid.NewGuid().ToString(),
                        Stages.Kinds.TypeOf(opened),
                        opened,
                        at,
                        null
                    );
                    if (
                        await _writer.Record(new Post($"J-{i:0000}", [proposal], Shop.Vane, "look"))
                        is not PostAnswer.Recorded
                    )
                    {
                        throw new InvalidOperationException("A job was refused; the figures would be worth nothing.");
                    }
                }
            )
            .GetAwaiter()
            .GetResult();
        _list.CatchUp();
    }

    [Benchmark(Baseline = true)]
    public int LikeOverTheRows()
    {
        using var connection = _database.Connect();
        var words = Words.Split(' ');
        return connection
            .Query<string>(
                $"SELECT j.job FROM job_list j JOIN customer c ON c.id = j.customer WHERE "
                    + $"{string.Join(" AND ", words.Select((_, i) => $"(j.words LIKE @w{i} OR c.name LIKE @w{i})"))} "
                    + $"ORDER BY j.released, j.promised LIMIT {Most}",
                new DynamicParameters(words.Select((w, i) => KeyValuePair.Create($"w{i}", (object)$"%{w}%")))
            )
            .Count();
    }

    /// <summary>With all that the list says of each.</summary>
    [Benchmark]
    public int FindJobs() => _list.Find(Words, Most).Jobs.Sum(line => line.Facts.Outlook.All);

    [Benchmark]
    public int FindSheets() => _sheets.Search(Words, 24).Sheets.Count;
}
