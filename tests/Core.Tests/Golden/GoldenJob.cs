using System.Collections.Immutable;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Store;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Golden;

/// <summary>A line of a ledger as an earlier version saw it.</summary>
internal sealed record GoldenLine(string Id, Standing Standing, string Limits, string Cause)
{
    public static GoldenLine Of(LedgerLine line) => new(line.Id, line.Standing, line.Limits, line.Why);
}

/// <summary>How a job stood when its journal was kept, and the instant at which it was asked.</summary>
internal sealed record GoldenStandings(DateTimeOffset AsOf, ImmutableArray<GoldenLine> Lines);

/// <summary>
/// A journal under <c>tests/Golden</c>, in the bytes an earlier version stored: one entry a line, its sheets by hash,
/// and how the job stood then; null where no ledger could be made of it. Never written again.
/// </summary>
internal sealed record GoldenJob(string Name, IReadOnlyList<byte[]> Stored, GoldenStandings? Then)
{
    private static readonly JsonSerializerOptions Json = new(EntryJson.Lenient) { WriteIndented = true };

    public static string Folder => ProjectFolder.File("tests", "Golden");

    public static IReadOnlyList<string> Names { get; } =
    [
        .. Directory
            .GetFiles(Path.Combine(Folder, "journals"), "*.jsonl")
            .Select(f => Path.GetFileNameWithoutExtension(f))
            .Order(StringComparer.Ordinal),
    ];

    public IReadOnlyList<Entry> Entries => [.. Stored.Select(b => Envelope.Read(b, Stages.Kinds))];

    /// <summary>The job as this version replays it.</summary>
    public JobState State
    {
        get
        {
            var entries = Entries;
            var opened = (JobOpened)entries[0].Body;
            var revisions = entries
                .Select(e => e.Body)
                .OfType<SheetMoved>()
                .Select(m => m.SheetHash)
                .Distinct()
                .ById(h => h, Sheet);
            return Replay.Of(Stages.Unopened(Sheet(opened.SheetHash), revisions), entries);
        }
    }

    public static GoldenJob Read(string name)
    {
        var stored = File.ReadAllText(Path.Combine(Folder, "journals", $"{name}.jsonl"))
            .Split('\n', StringSplitOptions.RemoveEmptyEntries)
            .Select(Encoding.UTF8.GetBytes)
            .ToArray();
        var standings = Path.Combine(Folder, "standings", $"{name}.json");
        var then = File.Exists(standings)
            ? JsonSerializer.Deserialize<GoldenStandings>(File.ReadAllBytes(standings), Json)
            : null;
        return new GoldenJob(name, stored, then);
    }

    public static byte[] SheetBytes(string hash) =>
        File.ReadAllBytes(Path.Combine(Folder, "sheets", $"{hash}.sheet.json"));

    /// <summary>A sheet by the door for what is on file.</summary>
    public static SpecSheet Sheet(string hash) =>
        SheetDoor.OnFile(SheetBytes(hash)).Sheet ?? throw new InvalidOperationException($"sheet {hash} cannot be read");

    /// <summary>
    /// Keeps a journal for good. Called by hand, from a test that is not committed, when a kind of entry or a case is
    /// new; what is kept already is left alone, by <see cref="File.Open(string, FileMode)"/>.
    /// </summary>
    /// <param name="sheets">The bytes of every sheet the journal names.</param>
    /// <param name="ledger">Whether how it stands is kept too.</param>
    public static void Keep(
        string name,
        IReadOnlyList<Entry> journal,
        IEnumerable<byte[]> sheets,
        DateTimeOffset asOf,
        bool ledger = true
    )
    {
        foreach (var folder in new[] { "journals", "sheets", "standings" })
        {
            Directory.CreateDirectory(Path.Combine(Folder, folder));
        }

        foreach (var sheet in sheets)
        {
            var file = Path.Combine(Folder, "sheets", $"{Convert.ToHexStringLower(SHA256.HashData(sheet))}.sheet.json");
            if (!File.Exists(file))
            {
                File.WriteAllBytes(file, sheet);
            }
        }

        using (var file = File.Open(Path.Combine(Folder, "journals", $"{name}.jsonl"), FileMode.CreateNew))
        {
            foreach (var entry in journal)
            {
                file.Write([.. Envelope.Write(entry, Stages.Kinds), (byte)'\n']);
            }
        }

        if (ledger)
        {
            var lines = Ledger.Of(Read(name).State, asOf).Select(GoldenLine.Of).ToImmutableArray();
            using var file = File.Open(Path.Combine(Folder, "standings", $"{name}.json"), FileMode.CreateNew);
            JsonSerializer.Serialize(file, new GoldenStandings(asOf, lines), Json);
        }
    }
}
