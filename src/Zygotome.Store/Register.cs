using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.Journal;

namespace Zygotome.Store;

/// <summary>A row of the house that can change, by its table and key.</summary>
/// <param name="Digest">SHA-256 of all it says, in hexadecimal; null when it is gone.</param>
public sealed record Noted(string Of, string Key, string? Digest);

/// <summary>
/// The house's own journal: after each change of a row that stands in no job's journal, what that row then said, by
/// digest. Chained and sealed like the journal, so that <see cref="Verification"/> finds a row changed past this
/// program.
/// </summary>
internal static class Register
{
    /// <summary>Which rows are noted, and all that is noted of one.</summary>
    internal static readonly IReadOnlyDictionary<string, string> Rows = new Dictionary<string, string>(
        StringComparer.Ordinal
    )
    {
        ["person"] = "SELECT id AS key, json_array(id, name, role, pin, removed_at) AS row FROM person",
        ["setting"] = "SELECT key, json_array(key, value) AS row FROM setting",
        ["sheet"] = "SELECT id || ' revision ' || revision AS key, json_array(id, revision, hash) AS row FROM sheet",
        ["confirmed"] =
            "SELECT hash AS key, json_array(hash, by_id, name, role, alone, at) AS row FROM sheet_confirmed",
        ["answer"] =
            "SELECT CAST(seq AS TEXT) AS key, json_array(sheet, flag, answer, note, by_name, at) AS row FROM "
            + "flag_answer "
            + "WHERE sheet NOT LIKE 'draft:%'",
        ["erratum"] = "SELECT id AS key, json_array(id, revision, how, by_id, name, at) AS row FROM erratum_answer",
        ["picture"] = "SELECT hash AS key, json_array(hash, sha256(thumb), width, height, added_at) AS row FROM photo",
    };

    private sealed record Written(string Of, string Key, string? Digest);

    /// <summary>Notes what a row says now, in the transaction that changed it.</summary>
    public static void Note(SqliteConnection connection, SqliteTransaction transaction, string of, string key)
    {
        Teach(connection);
        var row = connection.QueryFirstOrDefault<string>(
            $"SELECT row FROM ({Rows[of]}) WHERE key = @key",
            new { key },
            transaction
        );
        Append(connection, transaction, new Written(of, key, row is null ? null : Digest(row)));
    }

    /// <summary>Takes in what a file of an earlier version holds, as it is found.</summary>
    public static void Adopt(SqliteConnection connection)
    {
        using var transaction = connection.BeginTransaction(deferred: false);
        if (connection.ExecuteScalar<long>("SELECT COUNT(*) FROM register", transaction: transaction) == 0)
        {
            foreach (var noted in Now(connection, transaction))
            {
                Append(connection, transaction, new Written(noted.Of, noted.Key, noted.Digest));
            }
        }

        transaction.Commit();
    }

    /// <summary>Every row that is noted, as it is now.</summary>
    public static IEnumerable<Noted> Now(SqliteConnection connection, SqliteTransaction? transaction = null)
    {
        Teach(connection);
        return Rows.SelectMany(of =>
            connection
                .Query<(string Key, string Row)>(of.Value, transaction: transaction)
                .Select(r => new Noted(of.Key, r.Key, Digest(r.Row)))
        );
    }

    /// <summary>Null where the bytes are none of ours.</summary>
    public static Noted? Read(byte[] bytes)
    {
        try
        {
            return JsonSerializer.Deserialize<Written>(bytes, EntryJson.Lenient) is { Of: not null, Key: not null } w
                ? new Noted(w.Of, w.Key, w.Digest)
                : null;
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>Where the register ends.</summary>
    public static (long Seq, byte[] Hash) Head(SqliteConnection connection, SqliteTransaction? transaction = null) =>
        connection.QueryFirstOrDefault<(long, byte[])?>(
            "SELECT seq, hash FROM register ORDER BY seq DESC LIMIT 1",
            transaction: transaction
        ) ?? (0, Envelope.Beginning);

    private static void Append(SqliteConnection connection, SqliteTransaction transaction, Written written)
    {
        var (seq, hash) = Head(connection, transaction);
        var bytes = JsonSerializer.SerializeToUtf8Bytes(written, EntryJson.Lenient);
        connection.Execute(
            "INSERT INTO register (seq, bytes, hash) VALUES (@seq, @bytes, @hash)",
            new
            {
                seq = seq + 1,
                bytes,
                hash = Envelope.Chain(hash, bytes),
            },
            transaction
        );
    }

    private static string Digest(string row) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(row)));

    // Pictures are told apart by their bytes, in the query itself.
    private static void Teach(SqliteConnection connection) =>
        connection.CreateFunction(
            "sha256",
            (byte[]? bytes) => bytes is null ? null : Convert.ToHexStringLower(SHA256.HashData(bytes)),
            isDeterministic: true
        );
}
