using Dapper;
using Zygotome.Core;

namespace Zygotome.Store;

/// <summary>A sheet being typed. <paramref name="Version"/> rises with each change.</summary>
public sealed record SheetDraft(string Id, string Name, long Version, byte[] Bytes, string ByName, string ChangedAt);

/// <summary>What somebody said of a doubted number, and when.</summary>
public sealed record FlagAnswered(string Flag, string Answer, string Note, string ByName, string At);

/// <summary>Sheets that are not on file yet, and the answers to what is doubted about sheets.</summary>
public sealed class DraftStore(Database database)
{
    private const string Columns = "id, name, version, bytes, by_name AS byName, changed_at AS changedAt";

    /// <summary>The code of a change that somebody else's came before.</summary>
    public const string Overtaken = "sheet/overtaken";

    /// <summary>Answers to a draft's flags are kept under this until it is on file.</summary>
    public static string KeyOf(string draft) => $"draft:{draft}";

    public IReadOnlyList<SheetDraft> List()
    {
        using var connection = database.Connect();
        return [.. connection.Query<SheetDraft>($"SELECT {Columns} FROM draft ORDER BY changed_at DESC LIMIT 100")];
    }

    public SheetDraft? Find(string id)
    {
        using var connection = database.Connect();
        return connection.QueryFirstOrDefault<SheetDraft>($"SELECT {Columns} FROM draft WHERE id = @id", new { id });
    }

    public void Add(SheetDraft draft)
    {
        using var connection = database.Connect();
        connection.Execute(
            "INSERT INTO draft (id, name, version, bytes, by_name, changed_at) VALUES (@Id, @Name, @Version, @Bytes, "
                + "@ByName, @ChangedAt)",
            draft
        );
    }

    /// <summary>Changed when nobody else changed it meanwhile.</summary>
    public Outcome<SheetDraft> Change(SheetDraft draft, long expected)
    {
        using var connection = database.Connect();
        var changed = connection.Execute(
            "UPDATE draft SET name = @Name, version = @expected + 1, bytes = @Bytes, by_name = @ByName, changed_at = "
                + "@ChangedAt WHERE id = @Id AND version = @expected",
            new
            {
                draft.Name,
                draft.Bytes,
                draft.ByName,
                draft.ChangedAt,
                draft.Id,
                expected,
            }
        );
        return changed == 1
            ? draft with
            {
                Version = expected + 1,
            }
            : new Refusal(
                Overtaken,
                "Somebody else changed this draft meanwhile; look at it and type it again.",
                "version"
            );
    }

    public bool Remove(string id)
    {
        using var connection = database.Connect();
        return connection.Execute("DELETE FROM draft WHERE id = @id", new { id }) == 1;
    }

    /// <summary>The latest answer to each flag of a sheet or draft.</summary>
    public IReadOnlyList<FlagAnswered> Answers(string sheet)
    {
        using var connection = database.Connect();
        return
        [
            .. connection.Query<FlagAnswered>(
                "SELECT flag, answer, note, by_name AS byName, at FROM flag_answer WHERE sheet = @sheet AND seq IN "
                    + "(SELECT MAX(seq) FROM flag_answer WHERE sheet = @sheet GROUP BY flag)",
                new { sheet }
            ),
        ];
    }

    public void Answer(string sheet, FlagAnswered answer)
    {
        using var connection = database.Connect();
        connection.Execute(
            "INSERT INTO flag_answer (sheet, flag, answer, note, by_name, at) VALUES (@sheet, @Flag, @Answer, @Note, "
                + "@ByName, @At)",
            new
            {
                sheet,
                answer.Flag,
                answer.Answer,
                answer.Note,
                answer.ByName,
                answer.At,
            }
        );
    }

    /// <summary>
    /// Keeps a filed draft's answers under the hash it has on file, and takes the draft away unless somebody changed it
    /// meanwhile.
    /// </summary>
    public void Filed(SheetDraft draft, string hash)
    {
        using var connection = database.Connect();
        using var transaction = connection.BeginTransaction();
        connection.Execute(
            "INSERT INTO flag_answer (sheet, flag, answer, note, by_name, at) SELECT @hash, flag, answer, note, "
                + "by_name, at FROM flag_answer WHERE sheet = @key ORDER BY seq",
            new { hash, key = KeyOf(draft.Id) },
            transaction
        );
        connection.Execute(
            "DELETE FROM draft WHERE id = @Id AND version = @Version",
            new { draft.Id, draft.Version },
            transaction
        );
        transaction.Commit();
    }
}
