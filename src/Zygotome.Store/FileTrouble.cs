using Microsoft.Data.Sqlite;

namespace Zygotome.Store;

/// <summary>What is wrong with the file, where the database said so.</summary>
public enum Trouble
{
    /// <summary>It is damaged, or no database.</summary>
    Damaged,

    /// <summary>There is no room for more.</summary>
    Full,

    /// <summary>It cannot be written or opened.</summary>
    Unwritable,

    /// <summary>Anything else the database said.</summary>
    Other,
}

/// <summary>Reads from an exception what the database said of its file.</summary>
public static class FileTrouble
{
    private const int ReadOnly = 8,
        InputOutput = 10,
        Corrupt = 11,
        Full = 13,
        CannotOpen = 14,
        NotADatabase = 26;

    /// <summary>Null where the database said nothing, however deep one looks.</summary>
    public static (Trouble What, string Words)? Of(Exception? e) =>
        e switch
        {
            null => null,
            SqliteException s => (
                s.SqliteErrorCode switch
                {
                    Corrupt or NotADatabase => Trouble.Damaged,
                    Full => Trouble.Full,
                    ReadOnly or InputOutput or CannotOpen => Trouble.Unwritable,
                    _ => Trouble.Other,
                },
                s.Message.TrimEnd('.')
            ),
            _ => Of(e.InnerException),
        };
}
