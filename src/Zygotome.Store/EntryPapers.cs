using System.Security.Cryptography;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.HandOver;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;

namespace Zygotome.Store;

/// <summary>
/// Records, letters, mail, sheets and pictures that entries name by hash: each is there, and is what it was.
/// </summary>
internal sealed class EntryPapers(SqliteConnection connection)
{
    private const string Pdf = "application/pdf",
        Letter = "message/rfc822";

    private readonly HashSet<string> _named = new(StringComparer.Ordinal);

    /// <summary>Hashes of the papers named so far.</summary>
    public IReadOnlySet<string> Named => _named;

    /// <summary>Says what of an entry's papers is missing or is not what was recorded.</summary>
    public void Check(Entry entry, Action<string, string> say)
    {
        switch (entry.Body)
        {
            case Released r:
                Blob(say, $"record {r.Number}", r.PdfHash, Pdf);
                break;
            case ClaimSent c:
                Blob(say, $"letter of claim {c.Number}", c.LetterHash, Pdf);
                if (c.MailHash.Length > 0)
                {
                    Blob(say, $"mail of claim {c.Number}", c.MailHash, Letter);
                    Mail(entry.JobId, c, say);
                }

                break;
            case JobOpened o:
                Sheet(say, $"sheet {o.SheetId} revision {o.SheetRevision}", o.SheetHash);
                break;
            case SheetMoved m:
                Sheet(say, $"sheet revision {m.Revision}", m.SheetHash);
                break;
            case IHoldsPhoto { Hash.Length: > 0 } p:
                Picture(entry.EntryId, p.Hash, say);
                break;
        }
    }

    private void Blob(Action<string, string> say, string what, string hash, string mediaType)
    {
        _named.Add(hash);
        var kept = connection.QueryFirstOrDefault<(string MediaType, byte[] Bytes)?>(
            "SELECT media_type, bytes FROM blob WHERE hash = @hash",
            new { hash }
        );
        Say(
            say,
            what,
            kept is not var (type, bytes) ? "is missing"
                : Hex(bytes) != hash ? "has other bytes than were recorded"
                : type != mediaType ? $"is kept as {type}, not as {mediaType}"
                : null
        );
    }

    private void Mail(string job, ClaimSent claim, Action<string, string> say)
    {
        var file = connection.QueryFirstOrDefault<string>(
            "SELECT file FROM mail WHERE hash = @MailHash",
            new { claim.MailHash }
        );
        Say(
            say,
            $"mail of claim {claim.Number}",
            file is null ? "is not in the outbox's list"
                : file != MailStore.FileOf(job, claim.Number) ? $"is listed as {file}"
                : null
        );
    }

    private void Sheet(Action<string, string> say, string what, string hash)
    {
        var bytes = connection.QueryFirstOrDefault<byte[]>("SELECT bytes FROM sheet WHERE hash = @hash", new { hash });
        Say(
            say,
            what,
            bytes is null ? "is missing"
                : Hex(bytes) != hash ? "has other bytes than were recorded"
                : null
        );
    }

    private void Picture(string entry, string hash, Action<string, string> say)
    {
        var bytes = connection.QueryFirstOrDefault<byte[]>("SELECT bytes FROM photo WHERE hash = @hash", new { hash });
        var used = connection.ExecuteScalar<long>(
            "SELECT COUNT(*) FROM photo_use WHERE hash = @hash AND entry_id = @entry",
            new { hash, entry }
        );
        Say(
            say,
            $"picture {hash[..Math.Min(8, hash.Length)]}",
            bytes is null ? "is missing"
                : Hex(bytes) != hash ? "has other bytes than were recorded"
                : used == 0 ? "is not kept for this entry any more"
                : null
        );
    }

    private static void Say(Action<string, string> say, string where, string? what)
    {
        if (what is not null)
        {
            say(where, what);
        }
    }

    private static string Hex(byte[] bytes) => Convert.ToHexStringLower(SHA256.HashData(bytes));
}
