using System.Collections.Immutable;
using Zygotome.Core.Jobs;

namespace Zygotome.Store;

/// <summary>A job as committed: its journal and the state it replays to. Immutable.</summary>
public sealed record JobSnapshot(JobState State, ImmutableList<Entry> Journal, byte[] LastHash)
{
    /// <summary>With one more entry, chained by its hash.</summary>
    public JobSnapshot Add(Entry entry, byte[] hash) => new(Replay.Add(State, Journal, entry), Journal.Add(entry), hash);
}
