using System.Globalization;

namespace Zygotome.Store;

/// <summary>How far journal and register had got, and the hash each chain had reached there.</summary>
/// <param name="JournalHash">In hexadecimal; <paramref name="RegisterHash"/> too.</param>
public sealed record Seal(long JournalSeq, string JournalHash, long RegisterSeq, string RegisterHash)
{
    /// <summary>As it is printed and typed: the journal's part of it.</summary>
    public string Short => $"{JournalSeq}-{JournalHash[..16]}";

    internal static Seal Of(long journalSeq, byte[] journalHash, long registerSeq, byte[] registerHash) =>
        new(journalSeq, Convert.ToHexStringLower(journalHash), registerSeq, Convert.ToHexStringLower(registerHash));

    internal string Line() =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"zygotome-seal/1 {JournalSeq} {JournalHash} {RegisterSeq} {RegisterHash} end"
        );

    internal static Seal? Parse(string line) =>
        line.Trim().Split(' ')
            is ["zygotome-seal/1", var seq, { Length: 64 } hash, var rows, { Length: 64 } rowsHash, "end"]
        && long.TryParse(seq, NumberStyles.None, CultureInfo.InvariantCulture, out var journal)
        && long.TryParse(rows, NumberStyles.None, CultureInfo.InvariantCulture, out var register)
            ? new Seal(journal, hash, register, rowsHash)
            : null;

    /// <summary>Whether this one was taken after another, or with it.</summary>
    internal bool CoversAll(Seal other) => JournalSeq >= other.JournalSeq && RegisterSeq >= other.RegisterSeq;
}
