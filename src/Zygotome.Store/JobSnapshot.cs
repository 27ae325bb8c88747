using System.Collections.Immutable;
using Zygotome.Core.Jobs;
using Zygotome.Core.SpecSheets;

namespace Zygotome.Store;

/// <summary>A job as committed: its journal and the state it replays to. Immutable.</summary>
public sealed record JobSnapshot(JobState State, ImmutableList<Entry> Journal, byte[] LastHash)
{
    /// <summary>How the list looks it up; worked out once.</summary>
    internal ListedJob Listed => field ??= ListedJob.Of(State);

    /// <summary>The same job, able to move to that revision of its sheet.</summary>
    public JobSnapshot Knowing(SpecSheet sheet) =>
        State.Revisions.ContainsKey(sheet.Hash)
            ? this
            : this with
            {
                State = State with { Revisions = State.Revisions.SetItem(sheet.Hash, sheet) },
            };

    /// <summary>With one more entry, chained by its hash.</summary>
    public JobSnapshot Add(Entry entry, byte[] hash) =>
        new(Replay.Add(State, Journal, entry), Journal.Add(entry), hash);
}
