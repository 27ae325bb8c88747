using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.Jobs;

namespace Zygotome.Store;

/// <summary>The last append of the shop and the hash its chain has reached.</summary>
internal sealed record Head(long ShopSeq, byte[] ShopHash);

/// <summary>
/// The journal's rows on the writer's one connection. Its three statements are prepared once and kept, which the mapper cannot do:
/// preparing them anew costs as much as the append itself.
/// </summary>
internal sealed class JournalTable : IDisposable
{
    private readonly SqliteConnection _connection;
    private readonly SqliteCommand _find,
        _insert,
        _moveHead;

    public JournalTable(Database database)
    {
        _connection = database.Connect();
        _find = Prepare("SELECT bytes FROM journal WHERE entry_id = $entry_id", "$entry_id");
        _insert = Prepare(
            "INSERT INTO journal (shop_seq, job, seq, entry_id, bytes, hash, shop_hash) VALUES ($shop_seq, $job, $seq, $entry_id, $bytes, $hash, $shop_hash)",
            "$shop_seq",
            "$job",
            "$seq",
            "$entry_id",
            "$bytes",
            "$hash",
            "$shop_hash"
        );
        _moveHead = Prepare(
            "UPDATE journal_head SET shop_seq = $shop_seq, shop_hash = $shop_hash",
            "$shop_seq",
            "$shop_hash"
        );
    }

    public SqliteConnection Connection => _connection;

    public Head ReadHead() =>
        _connection.QuerySingle<Head>("SELECT shop_seq AS shopSeq, shop_hash AS shopHash FROM journal_head");

    public SqliteTransaction Begin()
    {
        var transaction = _connection.BeginTransaction(deferred: false);
        _find.Transaction = _insert.Transaction = _moveHead.Transaction = transaction;
        return transaction;
    }

    /// <summary>The bytes recorded under an entry id, those of this transaction included; null when there are none.</summary>
    public byte[]? Find(string entryId)
    {
        _find.Parameters[0].Value = entryId;
        return _find.ExecuteScalar() as byte[];
    }

    public void Insert(Entry entry, byte[] bytes, byte[] hash, Head head)
    {
        object[] values = [head.ShopSeq, entry.JobId, entry.Seq, entry.EntryId, bytes, hash, head.ShopHash];
        for (var i = 0; i < values.Length; i++)
        {
            _insert.Parameters[i].Value = values[i];
        }

        _insert.ExecuteNonQuery();
    }

    public void MoveHead(Head head)
    {
        (_moveHead.Parameters[0].Value, _moveHead.Parameters[1].Value) = (head.ShopSeq, head.ShopHash);
        _moveHead.ExecuteNonQuery();
    }

    public void Dispose()
    {
        _find.Dispose();
        _insert.Dispose();
        _moveHead.Dispose();
        _connection.Dispose();
    }

    private SqliteCommand Prepare(string sql, params ReadOnlySpan<string> parameters)
    {
        var command = _connection.CreateCommand();
        command.CommandText = sql;
        foreach (var name in parameters)
        {
            command.Parameters.Add(new SqliteParameter { ParameterName = name });
        }

        return command;
    }
}
