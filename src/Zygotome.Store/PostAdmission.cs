using System.Collections.Immutable;
using System.Text.Json;
using System.Text.Json.Nodes;
using Zygotome.Core;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;

namespace Zygotome.Store;

/// <summary>An entry admitted and ready to be inserted.</summary>
internal sealed record ReadyEntry(Entry Entry, byte[] Bytes, byte[] Hash, Blob? Blob, Mail? Mail);

/// <summary>A post as it will be recorded, or its refusal with nothing ready.</summary>
internal sealed record Admitted(PostAnswer Answer, JobSnapshot? Job, List<ReadyEntry> Ready);

/// <summary>
/// What becomes of a post: its papers, made before it waits; and whether it is recorded, asked in its turn within the
/// commit. Writes nothing; rules that throw are the caller's to catch.
/// </summary>
internal sealed class PostAdmission(
    JournalTable table,
    JournalReader reader,
    SheetStore sheets,
    EntryKinds kinds,
    TimeProvider clock
)
{
    /// <summary>
    /// The post with its papers made of the job as it is now, the entries before them in the same post included; all of
    /// it bears this instant. What an earlier entry is worth is asked when the post is written.
    /// </summary>
    public (Post? Composed, PostAnswer.Refused? Refused) Compose(Post post)
    {
        post = post with { RecordedAt = post.RecordedAt ?? clock.GetUtcNow() };
        var proposals = post.Proposals.ToArray();
        var job = reader.Find(post.JobId);
        for (var i = 0; i < proposals.Length && job is not null; i++)
        {
            var proposal = proposals[i];
            if (reader.Entry(proposal.EntryId) is not null)
            {
                continue;
            }

            job = Knowing(job, proposal);
            var entry = EntryOf(job.State, post, proposal);
            if (proposal.Compose is { } compose)
            {
                // Nobody waits for papers that are not theirs to ask for.
                if (Rights.Refused(kinds.Find(proposal.Type), post.By) is { } notTheirs)
                {
                    return (null, new PostAnswer.Refused(notTheirs, i));
                }

                if (!compose(job.State, entry).Try(out var made, out var refusal))
                {
                    return (null, new PostAnswer.Refused(refusal, i));
                }

                proposals[i] = proposal with { Made = (made, job.State.Seq) };
                entry = entry with { Body = made.Body };
            }

            job = job.Add(entry, [], 0);
        }

        return (post with { Proposals = proposals }, null);
    }

    /// <summary>Asks all that rules say of a post, before its first row is written.</summary>
    /// <param name="working">Jobs as the posts before it in the same commit left them.</param>
    public Admitted Admit(Post post, Dictionary<string, JobSnapshot> working)
    {
        var job = working.GetValueOrDefault(post.JobId) ?? reader.Find(post.JobId);
        var recorded = new List<Entry>(post.Proposals.Count);
        var ready = new List<ReadyEntry>(post.Proposals.Count);
        for (var i = 0; i < post.Proposals.Count; i++)
        {
            var proposal = post.Proposals[i];
            if (table.Find(proposal.EntryId) is { } bytes)
            {
                var first = Envelope.Read(bytes, kinds);
                if (!IsRepeat(job, first, post, proposal))
                {
                    return Refused(IdUsed(i));
                }

                recorded.Add(first);
                continue;
            }

            job ??= Begin(proposal);
            if (job is null)
            {
                var none = new Refusal("job/not-found", $"There is no job {post.JobId}.", "jobId");
                return Refused(new PostAnswer.Refused(none, i));
            }

            if (ready.Any(r => r.Entry.EntryId == proposal.EntryId))
            {
                return Refused(IdUsed(i));
            }

            job = Knowing(job, proposal);
            if (Admit(job, post, proposal, i) is var (next, refused) && next is null)
            {
                return Refused(refused!);
            }

            job = job.Add(next.Entry, next.Hash, next.Bytes.Length);
            ready.Add(next);
            recorded.Add(next.Entry);
        }

        return new Admitted(new PostAnswer.Recorded(recorded), job, ready);

        static Admitted Refused(PostAnswer answer) => new(answer, null, []);
    }

    // What only the server writes has no body before its papers are made.
    private Entry EntryOf(JobState state, Post post, Proposal proposal)
    {
        var entry = new Entry(
            JobId: post.JobId,
            Seq: state.Seq + 1,
            EntryId: proposal.EntryId,
            Body: proposal.Body!,
            By: post.By,
            ObservedAt: proposal.ObservedAt,
            RecordedAt: Stamp(state, post),
            Look: post.Look
        )
        {
            Waited = proposal.Waited,
        };
        return proposal.Body is null ? Admission.Clocked(state, entry) : Admission.Composed(state, entry);
    }

    private (ReadyEntry? Ready, PostAnswer? Refused) Admit(JobSnapshot job, Post post, Proposal proposal, int index)
    {
        var entry = EntryOf(job.State, post, proposal);
        Composed? made = null;
        if (proposal.Compose is not null)
        {
            if (proposal.Made is not { } papers || papers.Seq != job.State.Seq)
            {
                return (null, new PostAnswer.Moved());
            }

            made = papers.Of;
            entry = entry with { Body = made.Body };
        }

        var answer = Admission.Ask(job.State, entry, proposal.ExpectedSeq + index);
        if (!answer.Ok)
        {
            return (
                null,
                answer.Overtaken
                    ? new PostAnswer.Overtaken(job.State.Seq, [.. job.Journal.Where(e => e.Seq > proposal.ExpectedSeq)])
                    : new PostAnswer.Refused(answer.Refused!, index)
            );
        }

        if (entry.Body is IHoldsPhoto { Hash.Length: > 0 } photo && !PhotoStore.Has(table.Connection, photo.Hash))
        {
            return (
                null,
                new PostAnswer.Refused(
                    new Refusal("photo/unknown", "That picture is not stored here; send it first.", "body.hash"),
                    index
                )
            );
        }

        var bytes = Envelope.Write(entry, kinds);
        return (new ReadyEntry(entry, bytes, Envelope.Chain(job.LastHash, bytes), made?.Blob, made?.Mail), null);
    }

    private static PostAnswer.Refused IdUsed(int index) =>
        new(new Refusal("entry/id-used", "Another entry has this id already.", "entryId"), index);

    private JobSnapshot Knowing(JobSnapshot job, Proposal proposal) =>
        proposal.Body is SheetMoved { SheetHash: var hash } && sheets.Find(hash) is { } other
            ? job.Knowing(other, sheets.Confirmation(hash))
            : job;

    private JobSnapshot? Begin(Proposal proposal) =>
        proposal.Body is JobOpened opened && sheets.Find(opened.SheetHash) is { } sheet
            ? new JobSnapshot(
                Stages.Unopened(sheet) with
                {
                    Confirmations = sheets.Confirmation(sheet.Hash) is { } confirmed
                        ? Ordered.ById<SheetConfirmation>().Add(sheet.Hash, confirmed)
                        : Ordered.ById<SheetConfirmation>(),
                },
                Envelope.Beginning,
                0
            )
            : null;

    // Monotone within a job, even when the machine's clock is set back.
    private DateTimeOffset Stamp(JobState state, Post post)
    {
        var now = post.RecordedAt ?? clock.GetUtcNow();
        return now < state.LastRecordedAt ? state.LastRecordedAt : now;
    }

    // A bare number got its unit when it was recorded: said again, it gets the same.
    private bool IsRepeat(JobSnapshot? job, Entry first, Post post, Proposal proposal) =>
        first.JobId == post.JobId
        && first.By.Id == post.By.Id
        && kinds.TypeOf(first.Body) == proposal.Type
        && (
            proposal.Compose is not null
            || Said(first.Body) == Said(proposal.Body!)
            || (job is not null && Said(first.Body) == Said(proposal.Body!.Composed(job.State, first)))
        );

    // What was looked up may have changed in the shop since; what somebody said is the same.
    private string Said(EntryBody body)
    {
        var said = JsonSerializer.SerializeToNode(body, body.GetType(), EntryJson.Lenient)!.AsObject();
        foreach (var (field, fact) in kinds.Of(body)?.LooksUp ?? [])
        {
            if (fact is not ShopFact.BenchTemperature)
            {
                said[field] = said[field] is JsonObject copied ? copied["id"]?.DeepClone() : null;
            }
        }

        return said.ToJsonString();
    }
}
