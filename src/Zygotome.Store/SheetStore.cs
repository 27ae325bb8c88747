using System.Collections.Concurrent;
using System.Text.Json;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Store;

/// <summary>Sheet revisions by hash, immutable.</summary>
public sealed class SheetStore(Database database)
{
    private const int RowsAtOnce = 64;

    private readonly ConcurrentDictionary<string, SpecSheet> _cache = new(StringComparer.Ordinal);
    private readonly ConcurrentDictionary<string, SheetConfirmation> _confirmed = new(StringComparer.Ordinal);
    private readonly Lock _adding = new();

    /// <summary>A revision on file.</summary>
    public sealed record Listed(string Id, long Revision, string Hash);

    private sealed record Confirmer(string Id, string Name, string Role, long Alone, string At);

    private sealed record Found(string Id, long Revision, string Hash, string MadeBy, string? FactsJson);

    /// <summary>
    /// One line of the list. <paramref name="Known"/> is null where nothing could be said when it was made.
    /// </summary>
    public sealed record Line(string Id, long Revision, string Hash, SheetFacts? Known);

    /// <summary>
    /// The latest revision of each kit that has these words in its name, maker, class or source, by name; and how many
    /// there are.
    /// </summary>
    public (IReadOnlyList<Line> Sheets, long All) Search(string? find, int most)
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
            $"FROM sheet_list l WHERE NOT EXISTS (SELECT 1 FROM sheet_list n WHERE n.id = l.id AND n.revision > "
            + $"l.revision) {matching}";
        var rows = connection
            .Query<Found>(
                $"SELECT l.id, l.revision, (SELECT hash FROM sheet s WHERE s.id = l.id AND s.revision = l.revision) "
                    + "AS hash, l.made_by AS madeBy, l.facts AS factsJson "
                    + $"{from} ORDER BY l.name, l.id LIMIT @most",
                new { query, most }
            )
            .Select(r => new Line(
                r.Id,
                r.Revision,
                r.Hash,
                r.FactsJson is { } json && r.MadeBy == KeptFacts.Program
                    ? JsonSerializer.Deserialize<SheetFacts>(json, EntryJson.Lenient)
                    : null
            ))
            .ToList();
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

    /// <summary>The last revision of a kit on file; 0 when there is none.</summary>
    public int LastRevision(string id)
    {
        using var connection = database.Connect();
        return (int)
            connection.ExecuteScalar<long>("SELECT COALESCE(MAX(revision), 0) FROM sheet WHERE id = @id", new { id });
    }

    /// <summary>Lists what is on file; for a shop whose sheets were kept before there was a list.</summary>
    public void Rebuild()
    {
        using var connection = database.Connect();
        foreach (
            var listed in connection
                .Query<Listed>(
                    "SELECT id, revision, hash FROM sheet s WHERE NOT EXISTS (SELECT 1 FROM sheet_list l WHERE "
                        + "l.id = s.id AND l.revision = s.revision)"
                )
                .AsList()
        )
        {
            // One that cannot be read is listed under its id, and the list says that it cannot.
            var kit =
                Find(listed.Hash)?.Kit
                ?? KitFields.Page.Of(
                    KitFields.Id.Is(listed.Id),
                    KitFields.Name.Is(listed.Id),
                    KitFields.Revision.Is((int)listed.Revision)
                );
            connection.Execute(Enlisting, Row(kit, Facts(listed.Hash)));
        }
    }

    /// <summary>
    /// Makes anew what another program said of the sheets, some at a time, so that others write between.
    /// </summary>
    public void Refresh()
    {
        using var connection = database.Connect();
        var old = connection
            .Query<Listed>(
                "SELECT l.id, l.revision, s.hash FROM sheet_list l JOIN sheet s ON s.id = l.id AND s.revision = "
                    + "l.revision WHERE l.made_by <> @Program",
                new { KeptFacts.Program }
            )
            .AsList();
        foreach (var some in old.Chunk(RowsAtOnce))
        {
            var rows = some.Select(l => new
                {
                    l.Id,
                    l.Revision,
                    Facts = Facts(l.Hash),
                    KeptFacts.Program,
                })
                .ToArray();
            using var transaction = connection.BeginTransaction(deferred: false);
            connection.Execute(
                "UPDATE sheet_list SET facts = @Facts, made_by = @Program WHERE id = @Id AND revision = @Revision",
                rows,
                transaction
            );
            transaction.Commit();
        }
    }

    // Null where the sheet cannot be read or a rule fails on it: whoever lists it meets that and says so.
    private string? Facts(string hash)
    {
        try
        {
            return Find(hash) is { } sheet ? JsonSerializer.Serialize(SheetFacts.Of(sheet), EntryJson.Lenient) : null;
        }
        catch (Exception e) when (e is not SqliteException)
        {
            return null;
        }
    }

    private const string Enlisting =
        "INSERT INTO sheet_list (id, revision, name, words, made_by, facts) VALUES (@Id, @Revision, @Name, @words, "
        + "@Program, @facts)";

    private static object Row(KitInfo kit, string? facts) =>
        new
        {
            kit.Id,
            kit.Revision,
            kit.Name,
            words = $"{kit.Name} {kit.Maker} {kit.Class} {kit.Id} {kit.Source} {kit.Material}",
            KeptFacts.Program,
            facts,
        };

    /// <summary>A sheet on file.</summary>
    /// <exception cref="InvalidDataException">It cannot be read; the words say what is wrong with it.</exception>
    public SpecSheet Read(string hash) => Find(hash) ?? throw new InvalidDataException(WhyNot(hash));

    // A rule that fails on what an older version let in makes one sheet unreadable; start and lists go on.
    private static SheetReading Reading(byte[] bytes)
    {
        try
        {
            return SheetDoor.OnFile(bytes);
        }
        catch (Exception)
        {
            return new SheetReading(null, [new SheetError("$", "A rule of this program fails on it.")]);
        }
    }

    private string WhyNot(string hash)
    {
        using var connection = database.Connect();
        return
            connection.QueryFirstOrDefault<byte[]>("SELECT bytes FROM sheet WHERE hash = @hash", new { hash })
                is { } bytes
            ? Reading(bytes).Errors[0].Text
            : "It is not on file.";
    }

    /// <summary>The sheet; null when it is not on file or cannot be read.</summary>
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
            && Reading(bytes).Sheet is { } sheet
            ? _cache.GetOrAdd(hash, sheet)
            : null;
    }

    /// <summary>Which lead confirmed a revision, and when; null where nobody did.</summary>
    public SheetConfirmation? Confirmation(string hash)
    {
        if (_confirmed.TryGetValue(hash, out var known))
        {
            return known;
        }

        using var connection = database.Connect();
        return
            connection.QueryFirstOrDefault<Confirmer>(
                "SELECT by_id AS id, name, role, alone, at FROM sheet_confirmed WHERE hash = @hash",
                new { hash }
            )
                is { } c
            ? _confirmed.GetOrAdd(
                hash,
                new SheetConfirmation(
                    new Person(c.Id, c.Name, Enum.Parse<Role>(c.Role)) { Alone = c.Alone != 0 },
                    Instants.Read(c.At)
                )
            )
            : null;
    }

    /// <summary>Confirms a revision on file; the first who did stays who did.</summary>
    public SheetConfirmation Confirm(string hash, Person by, DateTimeOffset at)
    {
        lock (_adding)
        {
            if (Confirmation(hash) is { } already)
            {
                return already;
            }

            HouseChange.Of(
                database,
                change =>
                {
                    var added = change.Execute(
                        "INSERT INTO sheet_confirmed (hash, by_id, name, role, alone, at) "
                            + "VALUES (@hash, @Id, @Name, @role, @alone, @at)",
                        new
                        {
                            hash,
                            by.Id,
                            by.Name,
                            role = by.Role.ToString(),
                            alone = by.Alone ? 1 : 0,
                            at = Instants.Write(at),
                        }
                    );
                    change.Note("confirmed", hash);
                    return added;
                }
            );
            return Confirmation(hash)!;
        }
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

    /// <summary>
    /// Keeps a sheet revision. The same bytes again are the same sheet; other bytes under the same revision are
    /// refused.
    /// </summary>
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
                    $"Revision {sheet.Kit.Revision} of {sheet.Kit.Name} is on file with other numbers; a change is a "
                        + $"new revision.",
                    "$.kit.revision"
                );
            }

            var facts = JsonSerializer.Serialize(SheetFacts.Of(sheet), EntryJson.Lenient);
            HouseChange.Of(
                database,
                change =>
                {
                    var added = change.Execute(
                        "INSERT INTO sheet (id, revision, hash, bytes) VALUES (@Id, @Revision, @Hash, @Bytes)",
                        new
                        {
                            sheet.Kit.Id,
                            sheet.Kit.Revision,
                            sheet.Hash,
                            Bytes = bytes.ToArray(),
                        }
                    );
                    change.Execute(Enlisting, Row(sheet.Kit, facts));
                    change.Note("sheet", $"{sheet.Kit.Id} revision {sheet.Kit.Revision}");
                    return added;
                }
            );
            return sheet;
        }
    }
}
