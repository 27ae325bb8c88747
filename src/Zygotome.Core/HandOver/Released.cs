using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.HandOver;

/// <summary>
/// The aircraft is released. Holds the ledger it was released on, the version of the rules and the hash of the record's
/// bytes.
/// </summary>
public sealed record Released(int Number, string RulesVersion, ImmutableArray<SealedLine> Ledger, string PdfHash)
    : EntryBody,
        IPowered
{
    public PowerState Needs(JobState state) => PowerState.HandOver;

    /// <summary>
    /// The release that could be recorded now, without its record's hash; or the refusal that names what is open.
    /// </summary>
    public static Outcome<Released> From(JobState state, DateTimeOffset asOf)
    {
        if (!state.Opened || state.Released)
        {
            return new Refusal(
                "handover/released",
                state.Opened ? "This job is already released." : "This job has not been received yet."
            );
        }

        var ledger = Journal.Ledger.Of(state, asOf);

        // What is wrong is named first, then what nobody may concede, then what is wanting.
        var open = ledger
            .Where(l => l.Open)
            .OrderBy(l => l.Standing is Standing.NotMet ? 0 : 1)
            .ThenBy(l => l.Concedable)
            .ThenBy(l => l.Standing is Standing.Stale ? 0 : 1)
            .ToArray();
        return open.Length > 0
                ? new Refusal(
                    "handover/open",
                    $"{open.Length} {(open.Length == 1 ? "requirement is" : "requirements are")} open: {Named(open)}."
                )
            : state.Unknown.Count > 0
                ? new Refusal(
                    "handover/unknown",
                    "The journal holds entries this version does not know; release with the newer version."
                )
            : new Released(
                state.Releases.Count + 1,
                Journal.Ledger.RulesVersion,
                [.. ledger.Select(SealedLine.Of)],
                ""
            );
    }

    private static string Named(LedgerLine[] open) =>
        string.Join("; ", open.Take(12).Select(l => l.Text)) + (open.Length > 12 ? "; and more" : "");

    public override Refusal? Admit(JobState state, Entry entry) =>
        From(state, entry.RecordedAt).Refused
        ?? (
            PdfHash.Length == 0 ? new Refusal("handover/record", "A release carries its record.", "body.pdfHash") : null
        );

    public override JobState Apply(JobState state, Entry entry)
    {
        var release = new Release(
            Number: Number,
            EntryId: entry.EntryId,
            By: entry.By,
            At: entry.RecordedAt,
            PdfHash: PdfHash,
            Sealed: Ledger
        );
        return (state with { Release = release, Releases = state.Releases.Add(release) }).With(
            state.HandOver with
            {
                SentAt = null,
                Accepted = null,
            }
        );
    }

    public override string Say(JobState state) => $"Released, record {Number}";
}
