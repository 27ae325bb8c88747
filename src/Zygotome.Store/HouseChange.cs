using Dapper;
using Microsoft.Data.Sqlite;

namespace Zygotome.Store;

/// <summary>
/// A change of the house in one commit: what it writes, and what the register notes of it. All of it or nothing.
/// </summary>
internal sealed class HouseChange
{
    private readonly SqliteConnection _connection;
    private readonly SqliteTransaction _transaction;

    private HouseChange(SqliteConnection connection, SqliteTransaction transaction) =>
        (_connection, _transaction) = (connection, transaction);

    /// <summary>Runs a change and seals it.</summary>
    public static T Of<T>(Database database, Func<HouseChange, T> make) =>
        database.Write(() =>
        {
            using var connection = database.Connect();
            using var transaction = connection.BeginTransaction(deferred: false);
            var made = make(new HouseChange(connection, transaction));
            var (seq, hash) = Register.Head(connection, transaction);
            transaction.Commit();
            database.Seal?.Register(seq, hash);
            return made;
        });

    public int Execute(string sql, object? parameters = null) => _connection.Execute(sql, parameters, _transaction);

    public IReadOnlyList<T> Query<T>(string sql, object? parameters = null) =>
        _connection.Query<T>(sql, parameters, _transaction).AsList();

    /// <summary>Notes what a row says now, or that it is gone.</summary>
    public void Note(string of, string key) => Register.Note(_connection, _transaction, of, key);
}
