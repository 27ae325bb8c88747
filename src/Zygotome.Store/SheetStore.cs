using System.Collections.Concurrent;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core;
using Zygotome.Core.SpecSheets;

namespace Zygotome.Store;

/// <summary>Sheet revisions by hash, immutable.</summary>
public sealed class SheetStore(Database database)
{
    private readonly ConcurrentDictionary<string, SpecSheet> _cache = new(StringComparer.Ordinal);
    private readonly Lock _adding = new();

    /// <summary>One line of the list.</summary>
    public sealed record Listed(string Id, long Revision, string Hash);

    /// <summary>The latest revision of each kit that has these words in its name, maker, class or source, by name; and how many there are.</summary>
    public (IReadOnlyList<Listed> Sheets, long All) Search(string? find, int most)
    {
        using var connection = database.Connect();
        var query = FullText.Query(find);
        if (query is null && !string.IsNullOrWhiteSpace(find))
        {
            return ([], 0);
        }

        var matching = query is null
            ? ""
            : "AND l.rowid IN (SELECT rowid FROM sheet_words WHERE sheet_words MATCH @query)";
        var from =
            $"FROM sheet_list l WHERE NOT EXISTS (SELECT 1 FROM sheet_list n WHERE n.id = l.id AND n.revision > l.revision) {matching}";
        var rows = connection
            .Query<Listed>(
                $"SELECT l.id, l.revision, (SELECT hash FROM sheet s WHERE s.id = l.id AND s.revision = l.revision) AS hash {from} ORDER BY l.name, l.id LIMIT @most",
                new { query, most }
            )
            .AsList();
        return (
            rows,
            rows.Count < most ? rows.Count : connection.ExecuteScalar<long>($"SELECT COUNT(*) {from}", new { query })
        );
    }

    /// <summary>Every revision of a kit on file, newest first.</summary>
    public IReadOnlyList<Listed> Revisions(string id)
    {
        using var connection = database.Connect();
        return
        [
            .. connection.Query<Listed>(
                "SELECT id, revision, hash FROM sheet WHERE id = @id ORDER BY revision DESC",
                new { id }
            ),
        ];
    }

    /// <summary>Lists what is on file; for a shop whose sheets were kept before there was a list.</summary>
    public void Rebuild()
    {
        using var connection = database.Connect();
        foreach (
            var hash in connection
                .Query<string>(
                    "SELECT hash FROM sheet s WHERE NOT EXISTS (SELECT 1 FROM sheet_list l WHERE l.id = s.id AND l.revision = s.revision)"
                )
                .AsList()
        )
        {
            Enlist(connection, Find(hash)!);
        }
    }

    private static void Enlist(SqliteConnection connection, SpecSheet sheet) =>
        connection.Execute(
            "INSERT INTO sheet_list (id, revision, name, words) VALUES (@Id, @Revision, @Name, @words)",
            new
            {
                sheet.Kit.Id,
                sheet.Kit.Revision,
                sheet.Kit.Name,
                words = $"{sheet.Kit.Name} {sheet.Kit.Maker} {sheet.Kit.Class} {sheet.Kit.Id} {sheet.Kit.Source} {sheet.Kit.Material}",
            }
        );

    public SpecSheet? Find(string hash)
    {
        if (_cache.TryGetValue(hash, out var cached))
        {
            return cached;
        }

        using var connection = database.Connect();
        return
            connection.QueryFirstOrDefault<byte[]>("SELECT bytes FROM sheet WHERE hash = @hash", new { hash })
                is { } bytes
            && SheetReader.Read(bytes).Sheet is { } sheet
            ? _cache.GetOrAdd(hash, sheet)
            : null;
    }

    /// <summary>The file as it came.</summary>
    public byte[]? Bytes(string id, int revision)
    {
        using var connection = database.Connect();
        return connection.QueryFirstOrDefault<byte[]>(
            "SELECT bytes FROM sheet WHERE id = @id AND revision = @revision",
            new { id, revision }
        );
    }

    public SpecSheet? Find(string id, int revision)
    {
        using var connection = database.Connect();
        return
            connection.QueryFirstOrDefault<string>(
                "SELECT hash FROM sheet WHERE id = @id AND revision = @revision",
                new { id, revision }
            )
                is { } hash
            ? Find(hash)
            : null;
    }

    /// <summary>Keeps a sheet revision. The same bytes again are the same sheet; other bytes under the same revision are refused.</summary>
    public Outcome<SpecSheet> Add(SpecSheet sheet, ReadOnlyMemory<byte> bytes)
    {
        lock (_adding)
        {
            if (Find(sheet.Hash) is { } same)
            {
                return same;
            }

            if (Find(sheet.Kit.Id, sheet.Kit.Revision) is not null)
            {
                return new Refusal(
                    "sheet/revision",
                    $"Revision {sheet.Kit.Revision} of {sheet.Kit.Name} is on file with other numbers; a change is a new revision.",
                    "$.kit.revision"
                );
            }

            using var connection = database.Connect();
            using var transaction = connection.BeginTransaction();
            connection.Execute(
                "INSERT INTO sheet (id, revision, hash, bytes) VALUES (@Id, @Revision, @Hash, @Bytes)",
                new
                {
                    sheet.Kit.Id,
                    sheet.Kit.Revision,
                    sheet.Hash,
                    Bytes = bytes.ToArray(),
                }
            );
            Enlist(connection, sheet);
            transaction.Commit();
            return sheet;
        }
    }
}
