using Dapper;

namespace Zygotome.Store;

/// <summary>The first break found, or that there is none.</summary>
public sealed record VerificationResult(bool Sound, string Words, long Entries);

/// <summary>Checks every chain against the stored bytes; never writes them anew.</summary>
public static class Verification
{
    private sealed record Row(
        long ShopSeq,
        string Job,
        long Seq,
        string EntryId,
        byte[] Bytes,
        byte[] Hash,
        byte[] ShopHash
    );

    public static VerificationResult Run(Database database, Core.Jobs.EntryKinds kinds)
    {
        using var connection = database.Connect();
        var integrity = connection.QueryFirst<string>("PRAGMA integrity_check");
        if (integrity != "ok")
        {
            return new VerificationResult(false, $"The file itself is damaged: {integrity}", 0);
        }

        var last = new Dictionary<string, (long Seq, byte[] Hash)>(StringComparer.Ordinal);
        var (shopSeq, shopHash) = (0L, Envelope.Beginning);
        foreach (
            var row in connection.Query<Row>(
                "SELECT shop_seq AS shopSeq, job, seq, entry_id AS entryId, bytes, hash, shop_hash AS shopHash FROM "
                    + "journal ORDER BY shop_seq",
                buffered: false
            )
        )
        {
            var (seq, hash) = last.GetValueOrDefault(row.Job, (0, Envelope.Beginning));
            var place = $"job {row.Job}, entry {row.Seq} ({row.EntryId})";
            var broken =
                row.ShopSeq != shopSeq + 1
                    ? $"between append {shopSeq} and {row.ShopSeq} something is missing, before {place}"
                : row.Seq != seq + 1 ? $"{place}: entry {seq + 1} of this job is missing"
                : !Envelope.Chain(hash, row.Bytes).AsSpan().SequenceEqual(row.Hash)
                    ? $"{place}: its bytes do not match its hash"
                : !Envelope.Chain(shopHash, row.Hash).AsSpan().SequenceEqual(row.ShopHash)
                    ? $"{place}: the shop's chain breaks here"
                : Envelope.Read(row.Bytes, kinds) is var e
                && (e.JobId != row.Job || e.Seq != row.Seq || e.EntryId != row.EntryId)
                    ? $"{place}: the row names another entry than its bytes"
                : null;
            if (broken is not null)
            {
                return new VerificationResult(false, $"Broken: {broken}.", shopSeq);
            }

            last[row.Job] = (row.Seq, row.Hash);
            (shopSeq, shopHash) = (row.ShopSeq, row.ShopHash);
        }

        var head = connection.QuerySingle<(long Seq, byte[] Hash)>("SELECT shop_seq, shop_hash FROM journal_head");
        if (head.Seq != shopSeq || !head.Hash.AsSpan().SequenceEqual(shopHash))
        {
            return new VerificationResult(
                false,
                $"Broken: the journal ends at append {shopSeq}, but {head.Seq} were acknowledged.",
                shopSeq
            );
        }

        foreach (
            var (hash, bytes) in connection.Query<(string, byte[])>(
                "SELECT hash, bytes FROM blob UNION ALL SELECT hash, bytes FROM sheet UNION ALL SELECT hash, bytes "
                    + "FROM photo",
                buffered: false
            )
        )
        {
            if (Convert.ToHexStringLower(System.Security.Cryptography.SHA256.HashData(bytes)) != hash)
            {
                return new VerificationResult(false, $"Broken: what is stored as {hash} has other bytes.", shopSeq);
            }
        }

        return new VerificationResult(
            true,
            $"Sound: {shopSeq} entries in {last.Count} jobs, every chain checked.",
            shopSeq
        );
    }
}
