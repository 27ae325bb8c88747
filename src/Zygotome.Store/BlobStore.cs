using System.Security.Cryptography;
using Dapper;
using Microsoft.Data.Sqlite;

namespace Zygotome.Store;

/// <summary>Bytes by the SHA-256 of themselves: records, later photos.</summary>
public sealed class BlobStore(Database database)
{
    public static Blob Of(byte[] bytes, string mediaType) =>
        new(Convert.ToHexStringLower(SHA256.HashData(bytes)), mediaType, bytes);

    public Blob? Find(string hash)
    {
        using var connection = database.Connect();
        return connection.QueryFirstOrDefault<Blob>(
            "SELECT hash, media_type AS mediaType, bytes FROM blob WHERE hash = @hash",
            new { hash }
        );
    }

    internal static void Add(SqliteConnection connection, Blob blob)
    {
        if (connection.ExecuteScalar<long>("SELECT COUNT(*) FROM blob WHERE hash = @Hash", blob) == 0)
        {
            connection.Execute("INSERT INTO blob (hash, media_type, bytes) VALUES (@Hash, @MediaType, @Bytes)", blob);
        }
    }
}
