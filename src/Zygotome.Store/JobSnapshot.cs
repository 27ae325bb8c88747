using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Store;

/// <summary>A job as committed: its journal and the state it replays to. Immutable.</summary>
/// <param name="Bytes">Bytes of the journal on file.</param>
public sealed record JobSnapshot(JobState State, byte[] LastHash, long Bytes)
{
    public Log<Entry> Journal => State.Journal;

    /// <summary>The same job, able to move to that revision of its sheet, knowing who confirmed it.</summary>
    public JobSnapshot Knowing(SpecSheet sheet, SheetConfirmation? confirmed = null) =>
        this with
        {
            State = State with
            {
                Revisions = State.Revisions.SetItem(sheet.Hash, sheet),
                Confirmations = confirmed is null
                    ? State.Confirmations
                    : State.Confirmations.SetItem(sheet.Hash, confirmed),
            },
        };

    /// <summary>With one more entry of so many bytes, chained by its hash.</summary>
    public JobSnapshot Add(Entry entry, byte[] hash, int bytes) => new(Replay.Add(State, entry), hash, Bytes + bytes);
}
