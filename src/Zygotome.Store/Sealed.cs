using Dapper;
using Microsoft.Data.Sqlite;

namespace Zygotome.Store;

/// <summary>What a database holds of what was sealed.</summary>
internal static class Sealed
{
    /// <summary>How far both chains of a database have got.</summary>
    public static Seal Now(SqliteConnection connection)
    {
        var (journalSeq, journalHash) =
            connection.QueryFirstOrDefault<(long, byte[])?>(
                "SELECT shop_seq, shop_hash FROM journal ORDER BY shop_seq DESC LIMIT 1"
            ) ?? (0, Envelope.Beginning);
        var (registerSeq, registerHash) = Register.Head(connection);
        return Seal.Of(journalSeq, journalHash, registerSeq, registerHash);
    }

    /// <summary>What is missing, or is another than was sealed, in words; null when all of it is there.</summary>
    public static string? Missing(SqliteConnection connection, Seal was)
    {
        var now = Now(connection);
        return now.JournalSeq < was.JournalSeq
                ? $"The journal ends at append {now.JournalSeq}, but {was.JournalSeq} were sealed: what was recorded "
                    + $"after "
                    + "is missing"
            : now.RegisterSeq < was.RegisterSeq
                ? $"The register ends at {now.RegisterSeq}, but {was.RegisterSeq} were sealed: what was changed in the "
                    + "shop after is missing"
            : Hash(connection, "SELECT shop_hash FROM journal WHERE shop_seq = @seq", was.JournalSeq) != was.JournalHash
                ? $"Append {was.JournalSeq} of the journal is another than was sealed"
            : Hash(connection, "SELECT hash FROM register WHERE seq = @seq", was.RegisterSeq) != was.RegisterHash
                ? $"Entry {was.RegisterSeq} of the register is another than was sealed"
            : null;
    }

    private static string Hash(SqliteConnection connection, string sql, long seq) =>
        Convert.ToHexStringLower(
            seq == 0 ? Envelope.Beginning : connection.QueryFirstOrDefault<byte[]>(sql, new { seq }) ?? []
        );
}
