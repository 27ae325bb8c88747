using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.Journal;

namespace Zygotome.Store;

/// <summary>The last append of the shop and the hash its chain has reached.</summary>
internal sealed record Head(long ShopSeq, byte[] ShopHash);

/// <summary>
/// The journal's rows on the writer's one connection. Its statements are prepared once and kept, those of the
/// transaction too, which neither mapper nor provider does: preparing them anew costs as much as the append itself.
/// </summary>
internal sealed class JournalTable : IDisposable
{
    private readonly SqliteCommand _begin,
        _commit,
        _rollback,
        _find,
        _insert,
        _moveHead;

    public JournalTable(Database database)
    {
        Connection = database.Connect();
        _begin = Prepare("BEGIN IMMEDIATE");
        _commit = Prepare("COMMIT");
        _rollback = Prepare("ROLLBACK");
        _find = Prepare("SELECT bytes FROM journal WHERE entry_id = $entry_id", "$entry_id");
        _insert = Prepare(
            "INSERT INTO journal (shop_seq, job, seq, entry_id, bytes, hash, shop_hash) VALUES ($shop_seq, $job, "
                + "$seq, $entry_id, $bytes, $hash, $shop_hash)",
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

    private bool _open;

    public SqliteConnection Connection { get; }

    public Head ReadHead() =>
        Connection.QuerySingle<Head>("SELECT shop_seq AS shopSeq, shop_hash AS shopHash FROM journal_head");

    /// <summary>
    /// All that is inserted until <see cref="Commit"/>, or nothing: disposing of it earlier takes it back.
    /// </summary>
    public IDisposable Begin()
    {
        _begin.ExecuteNonQuery();
        _open = true;
        return new Transaction(this);
    }

    /// <summary>Synced to disk when this returns.</summary>
    public void Commit()
    {
        _commit.ExecuteNonQuery();
        _open = false;
    }

    private sealed class Transaction(JournalTable table) : IDisposable
    {
        public void Dispose()
        {
            if (!table._open)
            {
                return;
            }

            table._open = false;

            // An error such as a full disk may have taken it back already.
            if (SQLitePCL.raw.sqlite3_get_autocommit(table.Connection.Handle) == 0)
            {
                table._rollback.ExecuteNonQuery();
            }
        }
    }

    /// <summary>
    /// The bytes recorded under an entry id, those of this transaction included; null when there are none.
    /// </summary>
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
        _begin.Dispose();
        _commit.Dispose();
        _rollback.Dispose();
        _find.Dispose();
        _insert.Dispose();
        _moveHead.Dispose();
        Connection.Dispose();
    }

    private SqliteCommand Prepare(string sql, params ReadOnlySpan<string> parameters)
    {
        var command = Connection.CreateCommand();
        command.CommandText = sql;
        foreach (var name in parameters)
        {
            command.Parameters.Add(new SqliteParameter { ParameterName = name });
        }

        return command;
    }
}
