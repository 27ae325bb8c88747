using Dapper;
using Microsoft.Data.Sqlite;

namespace Zygotome.Store;

/// <summary>
/// A mail file, written with the entry that sends it. <paramref name="File"/>: its name in the outbox.
/// </summary>
public sealed record Mail(string File, Blob Message);

/// <summary>
/// Mail that waits for the mail service. What was acknowledged is delivered, even after a crash between.
/// </summary>
public sealed class MailStore(Database database)
{
    public sealed record Undelivered(string Hash, string File, byte[] Bytes);

    /// <summary>What the mail file of a claim is called.</summary>
    public static string FileOf(string job, int claim) => $"{job}-claim-{claim}.eml";

    public IReadOnlyList<Undelivered> Waiting()
    {
        using var connection = database.Connect();
        return
        [
            .. connection.Query<Undelivered>(
                "SELECT mail.hash, mail.file, blob.bytes FROM mail JOIN blob ON blob.hash = mail.hash WHERE "
                    + "mail.delivered_at IS NULL ORDER BY mail.file"
            ),
        ];
    }

    public void Delivered(string hash, DateTimeOffset at)
    {
        using var connection = database.Connect();
        connection.Execute(
            "UPDATE mail SET delivered_at = @at WHERE hash = @hash",
            new { hash, at = Instants.Write(at) }
        );
    }

    internal static void Add(SqliteConnection connection, Mail mail)
    {
        BlobStore.Add(connection, mail.Message);
        connection.Execute(
            "INSERT OR IGNORE INTO mail (hash, file) VALUES (@Hash, @File)",
            new { mail.Message.Hash, mail.File }
        );
    }
}
