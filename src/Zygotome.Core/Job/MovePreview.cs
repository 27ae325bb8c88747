using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Job;

/// <summary>A requirement as it stands now and as it would stand after moving to another revision.</summary>
public sealed record MovePreview(
    string Id,
    string Text,
    string Before,
    string After,
    Standing StandsBefore,
    Standing? StandsAfter,
    string Why
)
{
    /// <summary>It would go away unseen: a lead says why it is not on this aircraft.</summary>
    public bool Asks { get; init; }

    /// <summary>It would go away while it is not put right: the move is refused.</summary>
    public bool Refuses { get; init; }

    /// <summary>Every line the move would change, worst first; nothing is recorded by asking.</summary>
    public static IReadOnlyList<MovePreview> Of(JobState state, SpecSheet to, DateTimeOffset asOf, Person by)
    {
        var knowing = state with { Revisions = state.Revisions.SetItem(to.Hash, to) };
        var entry = new Entry(
            JobId: state.JobId,
            Seq: state.Seq + 1,
            EntryId: "preview",
            Body: new SheetMoved(
                to.Kit.Revision,
                to.Hash,
                "preview",
                Confirmed: state.Confirmations.GetValueOrDefault(to.Hash)
            ),
            By: by,
            ObservedAt: asOf,
            RecordedAt: asOf,
            Look: ""
        );
        var moved = entry.Body.Apply(knowing with { Seq = entry.Seq }, entry);
        var after = Ledger.Lines(moved, asOf).ToDictionary(l => l.Id);
        var before = Ledger.Lines(state, asOf).ToArray();
        var gone = Vanishing.Of(before, after.Values, line => state.Stages.Ties(to, line));
        var known = before.Select(l => l.Id).ToHashSet();
        var changed =
            from line in before
            let then = line.InWords(state)
            let now = after.GetValueOrDefault(line.Id)?.InWords(moved)
            where now is null || now.Standing != then.Standing || now.Limits != then.Limits
            select new MovePreview(
                Id: then.Id,
                Text: then.Text,
                Before: Words(then),
                After: now is null ? "no longer asked for" : Words(now),
                StandsBefore: then.Standing,
                StandsAfter: now?.Standing,
                Why: now?.Why ?? ""
            )
            {
                Asks = gone.Asks.Contains(line),
                Refuses = gone.Refuses.Contains(line),
            };
        var added = after
            .Values.Where(l => !known.Contains(l.Id))
            .Select(l => l.InWords(moved))
            .Select(l => new MovePreview(
                Id: l.Id,
                Text: l.Text,
                Before: "not asked for",
                After: Words(l),
                StandsBefore: Standing.NotShown,
                StandsAfter: l.Standing,
                Why: l.Why
            ));
        return
        [
            .. changed
                .Concat(added)
                .OrderByDescending(p => !p.StandsBefore.Open && p.StandsAfter?.Open is true)
                .ThenBy(p => p.Id, StringComparer.Ordinal),
        ];
    }

    private static string Words(LedgerLine line) =>
        string.Join(", ", new[] { Said(line.Standing), line.Reading, line.Limits }.Where(t => t.Length > 0));

    private static string Said(Standing standing) =>
        standing switch
        {
            Standing.Met => "shown",
            Standing.Close => "shown, close",
            Standing.NotMet => "not met",
            Standing.NotShown => "not shown",
            Standing.Stale => "stale",
            _ => "conceded",
        };
}
