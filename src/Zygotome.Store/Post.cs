using Zygotome.Core;
using Zygotome.Core.Journal;

namespace Zygotome.Store;

/// <summary>Entries to record together: all or none.</summary>
/// <param name="RecordedAt">Only imports set it; live posts are stamped when they are recorded.</param>
public sealed record Post(
    string JobId,
    IReadOnlyList<Proposal> Proposals,
    Person By,
    string Look,
    DateTimeOffset? RecordedAt = null
)
{
    /// <summary>Somebody the shop does not know yet: kept in the commit that first names them, or not at all.</summary>
    public Customer? NewCustomer { get; init; }
}

/// <summary>An entry before it is recorded.</summary>
/// <param name="Body">What the client says; null when <paramref name="Compose"/> makes all of it.</param>
/// <param name="ExpectedSeq">For decisions: the seq before this post.</param>
/// <param name="Compose">Makes the body from a state and the instant it will bear, with its papers: for releases and
/// claims. It takes its time outside the commit, and what it made is recorded only on that very state.</param>
public sealed record Proposal(
    string EntryId,
    string Type,
    EntryBody? Body,
    DateTimeOffset ObservedAt,
    long? ExpectedSeq,
    Func<JobState, Entry, Outcome<Composed>>? Compose = null
)
{
    /// <summary>How long it waited on the device that saw it; zero when it was sent at once.</summary>
    public TimeSpan Waited { get; init; }

    /// <summary>What <see cref="Compose"/> made, and of which seq.</summary>
    internal (Composed Of, long Seq)? Made { get; init; }
}

/// <summary>A body made at the last moment, the bytes it refers to by hash, and mail that goes out with it.</summary>
public sealed record Composed(EntryBody Body, Blob? Blob = null, Mail? Mail = null);

/// <summary>Bytes kept by the hash of themselves.</summary>
public sealed record Blob(string Hash, string MediaType, byte[] Bytes);

/// <summary>What became of a post.</summary>
public abstract record PostAnswer
{
    private PostAnswer() { }

    /// <summary>Committed. A repeat of the same entries gets the same answer.</summary>
    public sealed record Recorded(IReadOnlyList<Entry> Entries) : PostAnswer;

    /// <summary>Nothing was recorded. <paramref name="Index"/>: which of the entries was refused.</summary>
    public sealed record Refused(Refusal Refusal, int Index) : PostAnswer;

    /// <summary>Nothing was recorded: the job moved while papers were made of it.</summary>
    internal sealed record Moved : PostAnswer;

    /// <summary>Nothing was recorded: the decision was taken on an older state. What came between.</summary>
    public sealed record Overtaken(long Seq, IReadOnlyList<Entry> Between) : PostAnswer;
}
