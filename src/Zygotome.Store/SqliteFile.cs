namespace Zygotome.Store;

/// <summary>Looks at a database file without opening it as one.</summary>
public static class SqliteFile
{
    private static ReadOnlySpan<byte> Magic => "SQLite format 3\0"u8;

    /// <summary>Whether a file begins as a database does: it is neither empty nor something else.</summary>
    public static bool IsOne(string file)
    {
        Span<byte> first = stackalloc byte[16];
        using var stream = new FileStream(file, FileMode.Open, FileAccess.Read, FileShare.ReadWrite);
        return stream.ReadAtLeast(first, first.Length, throwOnEndOfStream: false) == first.Length
            && first.SequenceEqual(Magic);
    }
}
