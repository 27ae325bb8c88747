using System.Globalization;
using Dapper;
using Microsoft.Data.Sqlite;

namespace Zygotome.Store;

/// <summary>
/// What a damaged file still gives, in words; each table by itself, so that one that is torn leaves the others.
/// </summary>
public static class StillReadable
{
    private static readonly (string Sql, string Words)[] Questions =
    [
        ("SELECT COUNT(*) FROM (SELECT bytes FROM journal)", "{0} entries of the journal"),
        ("SELECT COUNT(DISTINCT job) FROM journal", "{0} jobs"),
        ("SELECT COUNT(*) FROM (SELECT bytes FROM blob)", "{0} records and letters"),
        ("SELECT COUNT(*) FROM (SELECT bytes FROM sheet)", "{0} sheets"),
        ("SELECT COUNT(*) FROM customer", "{0} customers"),
    ];

    public static IReadOnlyList<string> Of(string file) =>
        File.Exists(file) && SqliteFile.IsOne(file)
            ? [.. Questions.Select(q => Counted(file, q.Sql, q.Words)).OfType<string>()]
            : [];

    private static string? Counted(string file, string sql, string words)
    {
        try
        {
            using var database = Database.ReadOnly(file);
            using var connection = database.Connect();
            return string.Format(CultureInfo.InvariantCulture, words, connection.ExecuteScalar<long>(sql));
        }
        catch (SqliteException)
        {
            return null;
        }
    }
}
