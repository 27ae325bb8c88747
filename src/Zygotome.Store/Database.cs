using System.Reflection;
using Dapper;
using DbUp;
using Microsoft.Data.Sqlite;

namespace Zygotome.Store;

/// <summary>
/// The one SQLite file of a shop: WAL, every commit synced to disk, foreign keys on; and the seal beside it.
/// </summary>
public sealed class Database : IDisposable
{
    private readonly string _connection;

    private Database(string file, SqliteOpenMode mode, bool pooled)
    {
        File = file;
        _connection = new SqliteConnectionStringBuilder
        {
            DataSource = file,
            Mode = mode,
            ForeignKeys = true,
            DefaultTimeout = 10,
            Pooling = pooled,
        }.ToString();
    }

    public string File { get; }

    /// <summary>
    /// What is missing of what was sealed, in words; null when nothing is. Such a file is to be read and not written
    /// to.
    /// </summary>
    public string? Cut { get; private set; }

    /// <summary>
    /// Held by whoever writes more than a row: they take turns here, where nobody is overlooked, and not at the file's
    /// lock.
    /// </summary>
    internal SemaphoreSlim Writing { get; } = new(1, 1);

    /// <summary>Told each time the turn is given back.</summary>
    internal event Action? Freed;

    /// <summary>Takes a turn at writing.</summary>
    internal T Write<T>(Func<T> write)
    {
        Writing.Wait();
        try
        {
            return write();
        }
        finally
        {
            Release();
        }
    }

    internal void Release()
    {
        Writing.Release();
        Freed?.Invoke();
    }

    /// <summary>Null for a file that is only looked at.</summary>
    internal SealFile? Seal { get; private set; }

    /// <summary>How far the shop had got with the last commit, to be printed where nobody can change it.</summary>
    public Seal? LastSeal => Seal?.Last;

    /// <summary>Opens the file, making and migrating it where needed. Migrations only go forward.</summary>
    public static Database Open(string file)
    {
        Directory.CreateDirectory(Path.GetDirectoryName(Path.GetFullPath(file))!);
        var database = new Database(file, SqliteOpenMode.ReadWriteCreate, pooled: true);
        using (var connection = database.Connect())
        {
            connection.Execute("PRAGMA journal_mode = WAL");
        }

        var result = DeployChanges
            .To.SqliteDatabase(database._connection)
            .WithScriptsEmbeddedInAssembly(Assembly.GetExecutingAssembly())
            .WithTransactionPerScript()
            .LogToNowhere()
            .Build()
            .PerformUpgrade();
        if (!result.Successful)
        {
            throw new InvalidOperationException($"The database {file} could not be brought up to date.", result.Error);
        }

        database.FollowSeal();
        return database;
    }

    /// <summary>Opens a file that is there, to look at: neither made nor migrated, and never written to.</summary>
    public static Database ReadOnly(string file) => new(file, SqliteOpenMode.ReadOnly, pooled: false);

    /// <summary>A connection with the pragmas every one of them needs.</summary>
    public SqliteConnection Connect()
    {
        var connection = new SqliteConnection(_connection);
        connection.Open();
        connection.Execute("PRAGMA synchronous = FULL; PRAGMA busy_timeout = 10000");
        return connection;
    }

    /// <summary>
    /// Seals the file as it is found, where what is missing is lost for good. What was sealed, what was found and the
    /// reason stay in the register.
    /// </summary>
    /// <returns>What was noted, in words.</returns>
    public string Reseal(string reason, DateTimeOffset at)
    {
        if (Cut is not { } cut)
        {
            return "Nothing is missing; it stays as it is sealed.";
        }

        var words = $"{Instants.Write(at)} {cut}; sealed anew: {reason}";
        HouseChange.Of(
            this,
            change =>
            {
                change.Execute(
                    "INSERT INTO setting (key, value) VALUES (@key, @words)",
                    new { key = $"resealed-{Instants.Write(at)}", words }
                );
                change.Note("setting", $"resealed-{Instants.Write(at)}");
                return 0;
            }
        );
        using var connection = Connect();
        Seal!.Anew(Sealed.Now(connection));
        Cut = null;
        return words;
    }

    public void Dispose()
    {
        Seal?.Dispose();

        // Kept connections would go on with this file though another lay in its place.
        using var connection = new SqliteConnection(_connection);
        SqliteConnection.ClearPool(connection);
    }

    private void FollowSeal()
    {
        using var connection = Connect();
        Register.Adopt(connection);
        var before = SealFile.Read(SealFile.Beside(File));
        Cut = before is null ? null : Sealed.Missing(connection, before);
        Seal = Cut is null ? SealFile.Follow(File, Sealed.Now(connection)) : SealFile.Keep(File, before!);
    }
}
