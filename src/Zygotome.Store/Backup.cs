using System.Globalization;
using System.Text.Json;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.Journal;

namespace Zygotome.Store;

/// <summary>A copy of a shop's file at one moment, with its seal, and what a test restore of it said.</summary>
/// <param name="File">The database; seal and this account lie beside it.</param>
public sealed record Backup(string File, DateTimeOffset At, long Bytes, bool Sound, string Words)
{
    private const string Prefix = "zygotome-",
        Stamp = "yyyyMMdd'T'HHmmss'Z'";

    private sealed record Account(string Format, DateTimeOffset At, bool Sound, string Words);

    /// <summary>
    /// Copies the shop's file while it is in use, brings the copy back in a folder of its own, and checks it there. An
    /// unsound copy is kept and says so: it may be all there is.
    /// </summary>
    /// <param name="database">The file; nothing waits for the copy.</param>
    public static Backup Take(string database, string folder, DateTimeOffset at, EntryKinds kinds)
    {
        PrivateFile.Folder(folder);
        var file = Path.Combine(folder, $"{Prefix}{at.UtcDateTime.ToString(Stamp, CultureInfo.InvariantCulture)}.db");
        Copy(database, file + ".part");
        System.IO.File.Move(file + ".part", file, overwrite: true);
        WriteSeal(file);
        var result = TestRestore(file, kinds);
        var account = new Account("zygotome-backup/1", at, result.Sound, result.Words);
        PrivateFile.Write(AccountOf(file), JsonSerializer.SerializeToUtf8Bytes(account, EntryJson.Lenient));
        return new Backup(file, at, new FileInfo(file).Length, result.Sound, result.Words);
    }

    /// <summary>The backups in a folder, the latest first.</summary>
    public static IReadOnlyList<Backup> In(string folder) =>
        Directory.Exists(folder)
            ?
            [
                .. Directory
                    .GetFiles(folder, $"{Prefix}*.db")
                    .Select(Read)
                    .OfType<Backup>()
                    .OrderByDescending(b => b.At),
            ]
            : [];

    /// <summary>
    /// Deletes the backups of a folder that are not worth keeping; answers how many. One that is not sound takes the
    /// place of none that is: somebody may notice only weeks later.
    /// </summary>
    public static int Rotate(string folder)
    {
        var old = In(folder)
            .GroupBy(b => b.Sound)
            .SelectMany(alike =>
            {
                var kept = Rotation.Keep(alike.Select(b => b.At));
                return alike.Where(b => !kept.Contains(b.At));
            })
            .ToArray();
        foreach (var file in old.SelectMany(b => new[] { b.File, SealFile.Beside(b.File), AccountOf(b.File) }))
        {
            System.IO.File.Delete(file);
        }

        return old.Length;
    }

    /// <summary>
    /// Puts a backup in the place of a shop's file, where there is none. Its sign-ins are ended; its seal is written
    /// anew when it is first opened.
    /// </summary>
    /// <param name="database">Where to; nothing lies there yet.</param>
    public static void Restore(string backup, string database)
    {
        Copy(backup, database + ".part");
        using (var connection = Open(database + ".part", SqliteOpenMode.ReadWrite))
        {
            connection.Execute("DELETE FROM session");
        }

        System.IO.File.Move(database + ".part", database);
        System.IO.File.Delete(SealFile.Beside(database));
    }

    private static Backup? Read(string file)
    {
        try
        {
            var account = JsonSerializer.Deserialize<Account>(
                System.IO.File.ReadAllBytes(AccountOf(file)),
                EntryJson.Lenient
            )!;
            return new Backup(file, account.At, new FileInfo(file).Length, account.Sound, account.Words);
        }
        catch (Exception e) when (e is IOException or JsonException)
        {
            // Interrupted before it was checked: it is there, and nobody knows what it is worth.
            return DateTimeOffset.TryParseExact(
                Path.GetFileNameWithoutExtension(file)[Prefix.Length..],
                Stamp,
                CultureInfo.InvariantCulture,
                DateTimeStyles.AssumeUniversal,
                out var at
            )
                ? new Backup(file, at, new FileInfo(file).Length, false, "It was not checked.")
                : null;
        }
    }

    private static VerificationResult TestRestore(string file, EntryKinds kinds)
    {
        var folder = Directory.CreateTempSubdirectory("zygotome-restore");
        try
        {
            var restored = Path.Combine(folder.FullName, Path.GetFileName(file));
            Restore(file, restored);
            System.IO.File.Copy(SealFile.Beside(file), SealFile.Beside(restored));
            return Verification.Run(restored, kinds);
        }
        finally
        {
            folder.Delete(recursive: true);
        }
    }

    // One whole file, whatever stood in the write-ahead log; of one moment, while others write.
    private static void Copy(string from, string to)
    {
        System.IO.File.Delete(to);
        PrivateFile.Open(to, FileMode.CreateNew).Dispose();
        using var source = Open(from, SqliteOpenMode.ReadOnly);
        using var target = Open(to, SqliteOpenMode.ReadWrite);
        source.BackupDatabase(target);
        target.Execute("PRAGMA journal_mode = DELETE");
    }

    private static void WriteSeal(string file)
    {
        using var connection = Open(file, SqliteOpenMode.ReadOnly);
        PrivateFile.Write(
            SealFile.Beside(file),
            System.Text.Encoding.ASCII.GetBytes(Sealed.Now(connection).Line() + "\n")
        );
    }

    private static SqliteConnection Open(string file, SqliteOpenMode mode)
    {
        var connection = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = file,
                Mode = mode,
                Pooling = false,
            }.ToString()
        );
        connection.Open();
        return connection;
    }

    private static string AccountOf(string file) => Path.ChangeExtension(file, ".json");
}
