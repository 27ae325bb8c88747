using System.Security.Cryptography;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.Journal;

namespace Zygotome.Store;

/// <summary>Something that is not as it was recorded.</summary>
/// <param name="Job">Whose it is; null when it is the house's.</param>
/// <param name="Where">The entry, paper, picture, person or file.</param>
public sealed record Tampering(string? Job, string Where, string What)
{
    public string Words => $"{(Job is null ? "" : $"job {Job}, ")}{Where}: {What}.";
}

/// <summary>All that was found, in the order it was looked at.</summary>
public sealed record VerificationResult(IReadOnlyList<Tampering> Found, long Entries, int Jobs, long Registered)
{
    public bool Sound => Found.Count == 0;

    public string Words =>
        Sound
            ? $"Sound: {Entries} entries in {Jobs} jobs and {Registered} changes of the house, every chain checked, "
                + $"every "
                + "paper and picture there."
            : $"Not sound, {Found.Count} {(Found.Count == 1 ? "place" : "places")}: "
                + $"{string.Join(" ", Found.Select(f => f.Words))}";
}

/// <summary>
/// Checks what is stored against its chains, its seal and what entries name; reads only, and names every place that is
/// not as it was recorded. Bytes are hashed as they lie there, never written anew.
/// </summary>
public sealed class Verification
{
    private readonly SqliteConnection _connection;
    private readonly EntryKinds _kinds;
    private readonly List<Tampering> _found = [];
    private readonly Dictionary<string, (long Seq, byte[] Hash)> _jobs = new(StringComparer.Ordinal);
    private readonly EntryPapers _papers;
    private long _entries;
    private long _registered;

    private sealed record Row(
        long ShopSeq,
        string Job,
        long Seq,
        string EntryId,
        byte[] Bytes,
        byte[] Hash,
        byte[] ShopHash
    );

    private const string Rows =
        "SELECT shop_seq AS shopSeq, job, seq, entry_id AS entryId, bytes, hash, shop_hash AS shopHash FROM journal";

    private Verification(SqliteConnection connection, EntryKinds kinds) =>
        (_connection, _kinds, _papers) = (connection, kinds, new EntryPapers(connection));

    /// <summary>Checks a whole shop. The file may be in use; what is checked is one moment of it.</summary>
    /// <param name="file">The database; its seal lies beside it.</param>
    /// <param name="printed">A seal from elsewhere, such as the one printed on a record, as it is printed.</param>
    public static VerificationResult Run(string file, EntryKinds kinds, string? printed = null)
    {
        if (!File.Exists(file))
        {
            return Nothing(file, "there is no such file");
        }

        if (!SqliteFile.IsOne(file))
        {
            return Nothing(
                file,
                new FileInfo(file).Length == 0 ? "is empty" : "is damaged: it is no database any more"
            );
        }

        try
        {
            // The seal first: meanwhile the database may only get ahead of it.
            var seal = SealFile.Read(SealFile.Beside(file));
            using var database = Database.ReadOnly(file);
            using var connection = database.Connect();
            using var moment = connection.BeginTransaction(deferred: true);
            var verification = new Verification(connection, kinds);
            verification.Step(verification.Whole, Path.GetFileName(file));
            verification.Step(verification.Journal, "journal");
            verification.Step(verification.Head, "journal");
            verification.Step(verification.HouseRegister, "register");
            verification.Step(() => verification.Ends(seal, printed), "seal");
            verification.Step(verification.Unnamed, "papers");
            return verification.Result;
        }
        catch (SqliteException e)
        {
            return Nothing(file, $"is damaged: {e.Message.TrimEnd('.')}");
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            return Nothing(file, $"cannot be read: {e.Message.TrimEnd('.')}");
        }
    }

    /// <summary>Checks one job: its chain, and the papers and pictures it names.</summary>
    public static VerificationResult OfJob(Database database, EntryKinds kinds, string job)
    {
        using var connection = database.Connect();
        using var moment = connection.BeginTransaction(deferred: true);
        var verification = new Verification(connection, kinds);
        foreach (
            var row in connection.Query<Row>($"{Rows} WHERE job = @job ORDER BY seq", new { job }, buffered: false)
        )
        {
            verification.Entry(row);
        }

        return verification.Result;
    }

    private VerificationResult Result => new([.. _found.Distinct()], _entries, _jobs.Count, _registered);

    private static VerificationResult Nothing(string file, string what) =>
        new([new Tampering(null, Path.GetFileName(file), what)], 0, 0, 0);

    private void Say(string job, string where, string what) => _found.Add(new Tampering(job, where, what));

    private void House(string where, string what) => _found.Add(new Tampering(null, where, what));

    // What cannot be read ends its own step; the others go on. Whoever tampers may put anything anywhere.
    private void Step(Action step, string where)
    {
        try
        {
            step();
        }
        catch (Exception e)
        {
            House(where, $"cannot be read any further: {e.Message.TrimEnd('.')}");
        }
    }

    private void Whole()
    {
        var integrity = _connection.QueryFirst<string>("PRAGMA integrity_check(1)");
        if (integrity != "ok")
        {
            House("the file", $"its pages are damaged: {integrity.ReplaceLineEndings(" ")}");
        }
    }

    private void Journal()
    {
        var (shopSeq, shopHash) = (0L, Envelope.Beginning);
        foreach (var row in _connection.Query<Row>($"{Rows} ORDER BY shop_seq", buffered: false))
        {
            if (row.ShopSeq != shopSeq + 1)
            {
                House("journal", $"between appends {shopSeq} and {row.ShopSeq} something is missing");
            }
            else if (!Same(Envelope.Chain(shopHash, row.Hash), row.ShopHash))
            {
                Say(row.Job, Place(row), "the shop's chain breaks here");
            }

            Entry(row);
            (shopSeq, shopHash) = (row.ShopSeq, row.ShopHash);
        }
    }

    private void Entry(Row row)
    {
        _entries++;
        var (seq, hash) = _jobs.GetValueOrDefault(row.Job, (0, Envelope.Beginning));
        if (row.Seq != seq + 1)
        {
            Say(row.Job, Place(row), $"entry {seq + 1} of this job is missing before it");
        }
        else if (!Same(Envelope.Chain(hash, row.Bytes), row.Hash))
        {
            Say(row.Job, Place(row), "its bytes are not those that were recorded");
        }

        _jobs[row.Job] = (row.Seq, row.Hash);
        if (Read(row) is not { } entry)
        {
            Say(row.Job, Place(row), "it cannot be read");
            return;
        }

        if (entry.JobId != row.Job || entry.Seq != row.Seq || entry.EntryId != row.EntryId)
        {
            Say(row.Job, Place(row), "its row names another entry than its bytes");
        }

        _papers.Check(entry, (where, what) => Say(row.Job, where, what));
    }

    private Entry? Read(Row row)
    {
        try
        {
            return Envelope.Read(row.Bytes, _kinds);
        }
        catch (Exception e) when (e is not SqliteException)
        {
            return null;
        }
    }

    private void Head()
    {
        var head = _connection.QueryFirstOrDefault<(long Seq, byte[] Hash)?>(
            "SELECT shop_seq, shop_hash FROM journal_head"
        );
        var last =
            _connection.QueryFirstOrDefault<(long Seq, byte[] Hash)?>(
                "SELECT shop_seq, shop_hash FROM journal ORDER BY shop_seq DESC LIMIT 1"
            ) ?? (0, Envelope.Beginning);
        if (head is not var (seq, hash))
        {
            House("journal", "it does not say where it ends");
        }
        else if (seq != last.Seq)
        {
            House("journal", $"it ends at append {last.Seq}, but {seq} were acknowledged");
        }
        else if (!Same(hash, last.Hash))
        {
            House("journal", $"its last append, {seq}, is another than was acknowledged");
        }
    }

    private void HouseRegister()
    {
        var should = new Dictionary<(string, string), string?>();
        var last = Envelope.Beginning;
        foreach (
            var (seq, bytes, hash) in _connection.Query<(long, byte[], byte[])>(
                "SELECT seq, bytes, hash FROM register ORDER BY seq",
                buffered: false
            )
        )
        {
            if (seq != ++_registered)
            {
                House("register", $"entry {_registered} is missing");
                _registered = seq;
            }
            else if (!Same(Envelope.Chain(last, bytes), hash))
            {
                House("register", $"entry {seq} is not what was noted");
            }

            last = hash;
            if (Register.Read(bytes) is not { } noted)
            {
                House("register", $"entry {seq} cannot be read");
                continue;
            }

            should[(noted.Of, noted.Key)] = noted.Digest;
        }

        foreach (var now in Register.Now(_connection))
        {
            if (!should.Remove((now.Of, now.Key), out var digest) || digest is null)
            {
                House(Thing(now.Of, now.Key), "was put there past this program");
            }
            else if (digest != now.Digest)
            {
                House(Thing(now.Of, now.Key), "was changed past this program");
            }
        }

        foreach (var ((of, key), _) in should.Where(s => s.Value is not null))
        {
            House(Thing(of, key), "is missing");
        }

        foreach (
            var (hash, bytes) in _connection.Query<(string, byte[])>(
                "SELECT hash, bytes FROM sheet UNION ALL SELECT hash, bytes FROM photo",
                buffered: false
            )
        )
        {
            if (Hex(bytes) != hash)
            {
                House($"sheet or picture {hash[..Math.Min(8, hash.Length)]}", "has other bytes than were recorded");
            }
        }
    }

    private void Ends(Seal? seal, string? printed)
    {
        if (seal is null)
        {
            House("seal", "there is none beside the database");
        }
        else if (Sealed.Missing(_connection, seal) is { } missing)
        {
            House("seal", missing);
        }

        if (printed is not null && !IsPrinted(printed))
        {
            House($"printed seal {printed}", "the journal has no such append");
        }
    }

    private bool IsPrinted(string printed) =>
        printed.Trim().Split('-') is [var seq, var hash]
        && _connection.QueryFirstOrDefault<byte[]>("SELECT shop_hash FROM journal WHERE shop_seq = @seq", new { seq })
            is { } kept
        && Convert.ToHexStringLower(kept).StartsWith(hash.ToLowerInvariant(), StringComparison.Ordinal)
        && hash.Length >= 8;

    private void Unnamed()
    {
        foreach (var hash in _connection.Query<string>("SELECT hash FROM blob").Where(h => !_papers.Named.Contains(h)))
        {
            House($"paper {hash[..Math.Min(8, hash.Length)]}", "is named by no entry");
        }
    }

    private static string Thing(string of, string key) =>
        of switch
        {
            "setting" => $"the shop's setting {key}",
            "answer" => $"answer {key} to a doubt",
            "picture" => $"picture {key[..Math.Min(8, key.Length)]} or its small form",
            _ => $"{of} {key}",
        };

    private static string Place(Row row) => $"entry {row.Seq} ({row.EntryId})";

    private static bool Same(byte[] a, byte[] b) => a.AsSpan().SequenceEqual(b);

    private static string Hex(byte[] bytes) => Convert.ToHexStringLower(SHA256.HashData(bytes));
}
