using System.Collections.Concurrent;
using Dapper;
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

    public IReadOnlyList<Listed> List()
    {
        using var connection = database.Connect();
        return [.. connection.Query<Listed>("SELECT id, revision, hash FROM sheet ORDER BY id, revision")];
    }

    public SpecSheet? Find(string hash)
    {
        if (_cache.TryGetValue(hash, out var cached))
        {
            return cached;
        }

        using var connection = database.Connect();
        return connection.QueryFirstOrDefault<byte[]>("SELECT bytes FROM sheet WHERE hash = @hash", new { hash }) is { } bytes
            && SheetReader.Read(bytes).Sheet is { } sheet ? _cache.GetOrAdd(hash, sheet) : null;
    }

    /// <summary>The file as it came.</summary>
    public byte[]? Bytes(string id, int revision)
    {
        using var connection = database.Connect();
        return connection.QueryFirstOrDefault<byte[]>("SELECT bytes FROM sheet WHERE id = @id AND revision = @revision", new { id, revision });
    }

    public SpecSheet? Find(string id, int revision)
    {
        using var connection = database.Connect();
        return connection.QueryFirstOrDefault<string>("SELECT hash FROM sheet WHERE id = @id AND revision = @revision", new { id, revision }) is { } hash ? Find(hash) : null;
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
                return new Refusal("sheet/revision", $"Revision {sheet.Kit.Revision} of {sheet.Kit.Name} is on file with other numbers; a change is a new revision.", "$.kit.revision");
            }

            using var connection = database.Connect();
            connection.Execute("INSERT INTO sheet (id, revision, hash, bytes) VALUES (@Id, @Revision, @Hash, @Bytes)", new { sheet.Kit.Id, sheet.Kit.Revision, sheet.Hash, Bytes = bytes.ToArray() });
            return sheet;
        }
    }
}
