using System.Globalization;
using Dapper;
using Zygotome.Core;

namespace Zygotome.Store;

/// <summary>A sheet being typed. <paramref name="Version"/> rises with each change.</summary>
/// <param name="Writer">Id of the person who began it; empty for drafts of older versions.</param>
public sealed record SheetDraft(
    string Id,
    string Name,
    long Version,
    byte[] Bytes,
    string ByName,
    string ChangedAt,
    string Writer,
    string? RemovedBy = null,
    string? RemovedAt = null
);

/// <summary>What somebody said of a doubted number, and when.</summary>
public sealed record FlagAnswered(string Flag, string Answer, string Note, string ByName, string At);

/// <summary>Sheets that are not on file yet, and the answers to what is doubted about sheets.</summary>
public sealed class DraftStore(Database database)
{
    private const string Columns =
        "id, name, version, bytes, by_name AS byName, changed_at AS changedAt, writer, removed_by AS removedBy, "
        + "removed_at AS removedAt";

    /// <summary>For so long what was taken away can be brought back.</summary>
    public static readonly TimeSpan Grace = TimeSpan.FromDays(1);

    /// <summary>The code of a change that somebody else's came before.</summary>
    public const string Overtaken = "sheet/overtaken";

    /// <summary>Answers to a draft's flags are kept under this until it is on file.</summary>
    public static string KeyOf(string draft) => $"draft:{draft}";

    /// <summary>The latest first, those taken away among them.</summary>
    public IReadOnlyList<SheetDraft> List()
    {
        using var connection = database.Connect();
        return [.. connection.Query<SheetDraft>($"SELECT {Columns} FROM draft ORDER BY changed_at DESC LIMIT 100")];
    }

    /// <summary>One that can be typed on; null when there is none, or it was taken away.</summary>
    public SheetDraft? Find(string id) => FindAny(id) is { RemovedAt: null } draft ? draft : null;

    /// <summary>One that is there or was taken away.</summary>
    public SheetDraft? FindAny(string id)
    {
        using var connection = database.Connect();
        return connection.QueryFirstOrDefault<SheetDraft>($"SELECT {Columns} FROM draft WHERE id = @id", new { id });
    }

    public void Add(SheetDraft draft)
    {
        using var connection = database.Connect();
        connection.Execute(
            "INSERT INTO draft (id, name, version, bytes, by_name, changed_at, writer) VALUES (@Id, @Name, @Version, "
                + "@Bytes, @ByName, @ChangedAt, @Writer)",
            draft
        );
    }

    /// <summary>Changed when nobody else changed it meanwhile.</summary>
    public Outcome<SheetDraft> Change(SheetDraft draft, long expected)
    {
        using var connection = database.Connect();
        var changed = connection.Execute(
            "UPDATE draft SET name = @Name, version = @expected + 1, bytes = @Bytes, by_name = @ByName, changed_at = "
                + "@ChangedAt WHERE id = @Id AND version = @expected AND removed_at IS NULL",
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

    /// <summary>
    /// Takes a draft away, to be brought back within <see cref="Grace"/>; false when it was gone already.
    /// </summary>
    public bool Remove(string id, string byName, DateTimeOffset at)
    {
        using var connection = database.Connect();
        return connection.Execute(
                "UPDATE draft SET removed_by = @byName, removed_at = @at WHERE id = @id AND removed_at IS NULL",
                new
                {
                    id,
                    byName,
                    at = Instants.Write(at),
                }
            ) == 1;
    }

    /// <summary>Brings back what was taken away; false when it is swept, or was never away.</summary>
    public bool Restore(string id)
    {
        using var connection = database.Connect();
        return connection.Execute(
                "UPDATE draft SET removed_by = NULL, removed_at = NULL WHERE id = @id AND removed_at IS NOT NULL",
                new { id }
            ) == 1;
    }

    /// <summary>
    /// Deletes what was taken away longer than <see cref="Grace"/> ago, with its answers; answers how many.
    /// </summary>
    public int Sweep(DateTimeOffset now)
    {
        using var connection = database.Connect();
        using var transaction = connection.BeginTransaction();
        var before = Instants.Write(now - Grace);
        connection.Execute(
            "DELETE FROM flag_answer WHERE sheet IN (SELECT 'draft:' || id FROM draft WHERE removed_at < @before)",
            new { before },
            transaction
        );
        var swept = connection.Execute("DELETE FROM draft WHERE removed_at < @before", new { before }, transaction);
        transaction.Commit();
        return swept;
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

    public void Answer(string sheet, FlagAnswered answer) =>
        HouseChange.Of(
            database,
            change =>
            {
                var seqs = change.Query<long>(
                    "INSERT INTO flag_answer (sheet, flag, answer, note, by_name, at) VALUES (@sheet, @Flag, @Answer, "
                        + "@Note, @ByName, @At) RETURNING seq",
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
                return Noted(change, sheet.StartsWith(KeyOf(""), StringComparison.Ordinal) ? [] : seqs);
            }
        );

    /// <summary>
    /// Keeps a filed draft's answers under the hash it has on file, and takes the draft away unless somebody changed it
    /// meanwhile.
    /// </summary>
    public void Filed(SheetDraft draft, string hash) =>
        HouseChange.Of(
            database,
            change =>
            {
                var seqs = change.Query<long>(
                    "INSERT INTO flag_answer (sheet, flag, answer, note, by_name, at) SELECT @hash, flag, answer, "
                        + "note, by_name, at FROM flag_answer WHERE sheet = @key ORDER BY seq RETURNING seq",
                    new { hash, key = KeyOf(draft.Id) }
                );
                change.Execute(
                    "DELETE FROM draft WHERE id = @Id AND version = @Version",
                    new { draft.Id, draft.Version }
                );
                return Noted(change, seqs);
            }
        );

    // What was said of a sheet on file stays said; of a draft it is still being typed.
    private static int Noted(HouseChange change, IReadOnlyList<long> answers)
    {
        foreach (var seq in answers)
        {
            change.Note("answer", seq.ToString(CultureInfo.InvariantCulture));
        }

        return answers.Count;
    }
}
