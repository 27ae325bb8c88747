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

    public void Add(Photo photo, DateTimeOffset now) =>
        HouseChange.Of(
            database,
            change =>
            {
                var added = change.Execute(
                    "INSERT INTO photo (hash, bytes, thumb, width, height, added_at) SELECT @Hash, @Bytes, @Thumb, "
                        + "@Width, @Height, @at WHERE NOT EXISTS (SELECT 1 FROM photo WHERE hash = @Hash)",
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
                if (added > 0)
                {
                    change.Note("picture", photo.Hash);
                }

                return added;
            }
        );

    /// <summary>Bytes of all pictures that no entry names.</summary>
    public long Unnamed()
    {
        using var connection = database.Connect();
        return connection.ExecuteScalar<long>(
            "SELECT COALESCE(SUM(length(bytes) + length(thumb)), 0) FROM photo WHERE hash NOT IN (SELECT hash FROM "
                + "photo_use)"
        );
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
    public int Sweep(DateTimeOffset now) =>
        HouseChange.Of(
            database,
            change =>
            {
                var swept = change.Query<string>(
                    "DELETE FROM photo WHERE added_at < @before AND hash NOT IN (SELECT hash FROM photo_use) RETURNING "
                        + "hash",
                    new { before = Instants.Write(now - Grace) }
                );
                foreach (var hash in swept)
                {
                    change.Note("picture", hash);
                }

                return swept.Count;
            }
        );

    internal static bool Has(SqliteConnection connection, string hash) =>
        connection.ExecuteScalar<long>("SELECT COUNT(*) FROM photo WHERE hash = @hash", new { hash }) > 0;

    internal static void Use(SqliteConnection connection, string hash, string entryId) =>
        connection.Execute(
            "INSERT OR IGNORE INTO photo_use (hash, entry_id) VALUES (@hash, @entryId)",
            new { hash, entryId }
        );
}
