using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>The job is built to another revision of its sheet from here on.</summary>
/// <param name="SheetHash">SHA-256 of that revision's file.</param>
/// <param name="NotOn">For each line that is never conceded, was never shown and is not asked for any more: why
/// not.</param>
/// <param name="Confirmed">Who confirmed that revision, by the server; null where nobody did.</param>
public sealed record SheetMoved(
    int Revision,
    string SheetHash,
    string Reason,
    ImmutableArray<NotOnAircraft>? NotOn = null,
    SheetConfirmation? Confirmed = null
) : EntryBody
{
    public override EntryBody Composed(JobState state, Entry entry) =>
        this with
        {
            Confirmed = state.Confirmations.GetValueOrDefault(SheetHash),
        };

    public override Refusal? Admit(JobState state, Entry entry) =>
        !state.Revisions.TryGetValue(SheetHash, out var sheet)
            ? new Refusal("receive/sheet", "There is no such revision on file.", "body.sheetHash")
        : sheet.Kit.Id != state.Filed.Kit.Id
            ? new Refusal(
                "receive/other-kit",
                $"That is a sheet of {sheet.Kit.Name}, not of {state.Filed.Kit.Name}.",
                "body.sheetHash"
            )
        : sheet.Kit.Revision != Revision
            ? new Refusal("receive/sheet", $"That file is revision {sheet.Kit.Revision}.", "body.revision")
        : sheet.Hash == state.Built.Hash
            ? new Refusal("receive/same-sheet", $"The job is built to revision {Revision} already.", "body.revision")
        : Texts.Reason(Reason, "body.reason", "Say why the job moves.") ?? Vanishing(state, entry, sheet);

    private Refusal? Vanishing(JobState state, Entry entry, SpecSheet sheet)
    {
        var gone = Receive.Vanishing.Of(
            Ledger.Lines(state, entry.RecordedAt),
            Ledger.Lines(Apply(state, entry), entry.RecordedAt),
            line => state.Stages.Ties(sheet, line)
        );
        var unseen = gone.Asks.Where(l => Word(l.Id.Written) is null).ToArray();
        return gone.Refuses.Length > 0
                ? new Refusal(
                    "receive/move-refused",
                    $"Revision {Revision} does not ask for {Named(state, gone.Refuses)} any more, and that is not "
                        + $"put right.",
                    "body.sheetHash"
                )
            : unseen.Length > 0
                ? new Refusal(
                    "receive/move-asks",
                    $"Revision {Revision} does not ask for {Named(state, unseen)} any more, and it was never shown: "
                        + $"say for each "
                        + "why it is not on this aircraft.",
                    "body.notOn"
                )
            : (NotOn ?? []).Select(n => Wrong(n, gone)).FirstOrDefault(r => r is not null);
    }

    private static Refusal? Wrong(NotOnAircraft word, Vanishing gone) =>
        gone.Asks.All(l => l.Id.Written != word.Line)
            ? new Refusal(
                "receive/move-line",
                $"\"{word.Line}\" is no line that this move would take away unseen.",
                "body.notOn"
            )
            : Texts.Reason(word.Reason, "body.notOn", "Say why it is not on this aircraft.");

    private NotOnAircraft? Word(string line) => (NotOn ?? []).FirstOrDefault(n => n.Line == line);

    private static string Named(JobState state, IEnumerable<Line> lines) =>
        string.Join("; ", lines.Take(12).Select(l => l.Text(state)));

    public override JobState Apply(JobState state, Entry entry)
    {
        if (!state.Revisions.TryGetValue(SheetHash, out var sheet))
        {
            return state.NotSupported(entry);
        }

        // A value that a lead gave in the maker's place gives way where the maker now states one.
        var gaps = state
            .Stages.Gaps(sheet.Choosing(state.Options), state.Rules)
            .Select(g => g.Id)
            .ToHashSet(StringComparer.Ordinal);
        return (
            state with
            {
                Built = sheet,
                Given = state.Given.RemoveRange(state.Given.Keys.Where(k => !gaps.Contains(k))),
                Steps = state.Steps.RemoveRange(SheetChanges.Steps(state.Built, sheet)),
            }
        )
            .With(
                state.Receive with
                {
                    SheetRevision = Revision,
                    NotOnAircraft = state.Receive.NotOnAircraft.AddRange(NotOn ?? []),
                }
            )
            .Moved(state.Built, sheet)
            .Knowing(SheetHash, Confirmed)
            .Resheet(entry)
            .SayValues(entry, sheet.Choosing(state.Options));
    }

    public override string Say(JobState state) => $"Built to revision {Revision} from here on";
}
