using System.Reflection;
using Dapper;
using DbUp;
using Microsoft.Data.Sqlite;

namespace Zygotome.Store;

/// <summary>The one SQLite file of a shop: WAL, every commit synced to disk, foreign keys on.</summary>
public sealed class Database
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
        return result.Successful
            ? database
            : throw new InvalidOperationException(
                $"The database {file} could not be brought up to date.",
                result.Error
            );
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
}
