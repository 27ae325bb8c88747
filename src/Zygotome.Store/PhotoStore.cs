using Dapper;
using Microsoft.Data.Sqlite;

namespace Zygotome.Store;

/// <summary>
/// A picture as it is kept: encoded anew, with its small copy. <paramref name="Hash"/> is of <paramref name="Bytes"/>.
/// </summary>
public sealed record Photo(string Hash, byte[] Bytes, byte[] Thumb, long Width, long Height);

/// <summary>Pictures by hash. Stored before the entry that names them; swept a day later when none does.</summary>
public sealed class PhotoStore(Database database)
{
    public static readonly TimeSpan Grace = TimeSpan.FromDays(1);

    public void Add(Photo photo, DateTimeOffset now)
    {
        using var connection = database.Connect();
        if (!Has(connection, photo.Hash))
        {
            connection.Execute(
                "INSERT INTO photo (hash, bytes, thumb, width, height, added_at) VALUES (@Hash, @Bytes, @Thumb, "
                    + "@Width, @Height, @at)",
                new
                {
                    photo.Hash,
                    photo.Bytes,
                    photo.Thumb,
                    photo.Width,
                    photo.Height,
                    at = Instants.Write(now),
                }
            );
        }
    }

    public byte[]? Bytes(string hash, bool small)
    {
        using var connection = database.Connect();
        return connection.QueryFirstOrDefault<byte[]>(
            $"SELECT {(small ? "thumb" : "bytes")} FROM photo WHERE hash = @hash",
            new { hash }
        );
    }

    /// <summary>Takes away what was stored more than a day ago and is named by no entry; answers how many.</summary>
    public int Sweep(DateTimeOffset now)
    {
        using var connection = database.Connect();
        return connection.Execute(
            "DELETE FROM photo WHERE added_at < @before AND hash NOT IN (SELECT hash FROM photo_use)",
            new { before = Instants.Write(now - Grace) }
        );
    }

    internal static bool Has(SqliteConnection connection, string hash) =>
        connection.ExecuteScalar<long>("SELECT COUNT(*) FROM photo WHERE hash = @hash", new { hash }) > 0;

    internal static void Use(SqliteConnection connection, string hash, string entryId) =>
        connection.Execute(
            "INSERT OR IGNORE INTO photo_use (hash, entry_id) VALUES (@hash, @entryId)",
            new { hash, entryId }
        );
}
