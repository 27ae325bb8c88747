using System.Collections.Concurrent;
using System.Text.Json;
using Zygotome.Core;
using Zygotome.Core.Jobs;
using Zygotome.Core.Receive;

namespace Zygotome.Store;

/// <summary>
/// The one writer. Waiting posts are admitted one after the other, each on the state the earlier ones left, and committed
/// together; snapshots, answers and news go out only after the commit. A failed commit fails them all.
/// Whoever posts while nobody writes does the writing, for all who wait: a lone writer pays for no hand-over between threads,
/// and many share one sync to disk. A post is admitted whole before its first row is inserted, so a refused one leaves nothing.
/// </summary>
public sealed class JournalWriter(
    Database database,
    JournalReader reader,
    SheetStore sheets,
    EntryKinds kinds,
    TimeProvider clock
) : IAsyncDisposable
{
    private const int MostInOneCommit = 256;

    private readonly ConcurrentQueue<Waiting> _waiting = new();
    private readonly SemaphoreSlim _writing = new(1, 1);
    private readonly JournalTable _table = new(database);
    private Head? _head;
    private int _lastBatch;

    private sealed record Waiting(Post Post, TaskCompletionSource<PostAnswer> Answer);

    /// <summary>An entry admitted and ready to be inserted.</summary>
    private sealed record Ready(Entry Entry, byte[] Bytes, byte[] Hash, Blob? Blob, Mail? Mail);

    /// <summary>Told after each commit which job moved to which seq.</summary>
    public event Action<string, long>? Moved;

    /// <summary>Completes once the post is committed or refused. Nobody going away cancels it.</summary>
    public Task<PostAnswer> Record(Post post)
    {
        var own = new Waiting(
            post,
            new TaskCompletionSource<PostAnswer>(TaskCreationOptions.RunContinuationsAsynchronously)
        );
        _waiting.Enqueue(own);
        WriteWhileNobodyElseDoes();
        return own.Answer.Task;
    }

    public async ValueTask DisposeAsync()
    {
        await _writing.WaitAsync();
        _table.Dispose();
    }

    // One commit for the caller; what has come meanwhile is written by the pool, so that no poster works for the others for long.
    private void WriteWhileNobodyElseDoes()
    {
        if (!_writing.Wait(0))
        {
            return;
        }

        try
        {
            // Where several just wrote together, several are likely to be on their way: let them arrive and share the sync.
            if (_lastBatch > 1)
            {
                Thread.Yield();
            }

            var batch = new List<Waiting>();
            while (batch.Count < MostInOneCommit && _waiting.TryDequeue(out var next))
            {
                batch.Add(next);
            }

            _lastBatch = batch.Count;
            if (batch.Count > 0)
            {
                Commit(batch);
            }
        }
        finally
        {
            _writing.Release();
        }

        // Asked after the release: a post that came between found the writer busy and relies on this.
        if (!_waiting.IsEmpty)
        {
            ThreadPool.UnsafeQueueUserWorkItem(static w => w.WriteWhileNobodyElseDoes(), this, preferLocal: false);
        }
    }

    private void Commit(List<Waiting> batch)
    {
        var working = new Dictionary<string, JobSnapshot>(StringComparer.Ordinal);
        var answers = new PostAnswer[batch.Count];
        try
        {
            using var transaction = _table.Begin();
            var head = _head ??= _table.ReadHead();
            for (var i = 0; i < batch.Count; i++)
            {
                (answers[i], head) = RecordOne(batch[i].Post, working, head);
            }

            if (head != _head)
            {
                _table.MoveHead(head);
            }

            transaction.Commit();
            _head = head;
        }
        catch (Exception e)
        {
            // Nothing of this commit is on disk: nobody may be told it is, and no snapshot of it may stay.
            _head = null;
            reader.Forget();
            batch.ForEach(w =>
                w.Answer.TrySetException(
                    new InvalidOperationException("The journal could not be written; nothing was recorded.", e)
                )
            );
            return;
        }

        foreach (var snapshot in working.Values)
        {
            reader.Publish(snapshot);
        }

        for (var i = 0; i < batch.Count; i++)
        {
            batch[i].Answer.TrySetResult(answers[i]);
        }

        foreach (var snapshot in working.Values)
        {
            Moved?.Invoke(snapshot.State.JobId, snapshot.State.Seq);
        }
    }

    private (PostAnswer Answer, Head Head) RecordOne(Post post, Dictionary<string, JobSnapshot> working, Head head)
    {
        var job = working.GetValueOrDefault(post.JobId) ?? reader.Find(post.JobId);
        var recorded = new List<Entry>(post.Drafts.Count);
        var ready = new List<Ready>(post.Drafts.Count);
        for (var i = 0; i < post.Drafts.Count; i++)
        {
            var draft = post.Drafts[i];
            if (_table.Find(draft.EntryId) is { } bytes)
            {
                var first = Envelope.Read(bytes, kinds);
                if (!IsRepeat(first, post, draft))
                {
                    return (IdUsed(i), head);
                }

                recorded.Add(first);
                continue;
            }

            job ??= Begin(draft);
            if (job is null)
            {
                return (
                    new PostAnswer.Refused(new Refusal("job/not-found", $"There is no job {post.JobId}.", "jobId"), i),
                    head
                );
            }

            if (ready.Any(r => r.Entry.EntryId == draft.EntryId))
            {
                return (IdUsed(i), head);
            }

            job =
                draft.Body is SheetMoved { SheetHash: var hash } && sheets.Find(hash) is { } other
                    ? job.Knowing(other)
                    : job;
            if (Admit(job, post, draft, i) is var (next, refused) && next is null)
            {
                return (refused!, head);
            }

            job = job.Add(next.Entry, next.Hash);
            ready.Add(next);
            recorded.Add(next.Entry);
        }

        foreach (var (entry, bytes, hash, blob, mail) in ready)
        {
            if (blob is not null)
            {
                BlobStore.Add(_table.Connection, blob);
            }

            if (mail is not null)
            {
                MailStore.Add(_table.Connection, mail);
            }

            if (entry.Body is IHoldsPhoto photo)
            {
                PhotoStore.Use(_table.Connection, photo.Hash, entry.EntryId);
            }

            head = new Head(head.ShopSeq + 1, Envelope.Chain(head.ShopHash, hash));
            _table.Insert(entry, bytes, hash, head);
        }

        if (ready.Count > 0)
        {
            List(working.GetValueOrDefault(post.JobId) ?? reader.Find(post.JobId), job!);
            working[post.JobId] = job!;
        }

        return (new PostAnswer.Recorded(recorded), head);
    }

    // Most entries change nothing that the list is looked up by.
    private void List(JobSnapshot? before, JobSnapshot after)
    {
        if (before is null || before.Listed != after.Listed)
        {
            JobList.Put(_table.Connection, after.Listed);
        }
    }

    private (Ready? Ready, PostAnswer? Refused) Admit(JobSnapshot job, Post post, Draft draft, int index)
    {
        var entry = new Entry(
            post.JobId,
            job.State.Seq + 1,
            draft.EntryId,
            draft.Body!,
            post.By,
            draft.ObservedAt,
            Stamp(job.State, post),
            post.Look
        );
        Blob? blob = null;
        Mail? mail = null;
        if (draft.Compose is { } compose)
        {
            if (!compose(job.State, entry).Try(out var composed, out var refusal))
            {
                return (null, new PostAnswer.Refused(refusal, index));
            }

            (entry, blob, mail) = (entry with { Body = composed.Body }, composed.Blob, composed.Mail);
        }

        var answer = Admission.Ask(job.State, entry, draft.ExpectedSeq + index);
        if (!answer.Ok)
        {
            return (
                null,
                answer.Overtaken
                    ? new PostAnswer.Overtaken(job.State.Seq, [.. job.Journal.Where(e => e.Seq > draft.ExpectedSeq)])
                    : new PostAnswer.Refused(answer.Refused!, index)
            );
        }

        if (entry.Body is IHoldsPhoto photo && !PhotoStore.Has(_table.Connection, photo.Hash))
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
        return (new Ready(entry, bytes, Envelope.Chain(job.LastHash, bytes), blob, mail), null);
    }

    private static PostAnswer.Refused IdUsed(int index) =>
        new(new Refusal("entry/id-used", "Another entry has this id already.", "entryId"), index);

    private JobSnapshot? Begin(Draft draft) =>
        draft.Body is JobOpened opened && sheets.Find(opened.SheetHash) is { } sheet
            ? new JobSnapshot(new JobState(sheet), [], Envelope.Beginning)
            : null;

    // Monotone within a job, even when the machine's clock is set back.
    private DateTimeOffset Stamp(JobState state, Post post)
    {
        var now = post.RecordedAt ?? clock.GetUtcNow();
        return now < state.LastRecordedAt ? state.LastRecordedAt : now;
    }

    private bool IsRepeat(Entry first, Post post, Draft draft) =>
        first.JobId == post.JobId
        && first.By.Id == post.By.Id
        && kinds.TypeOf(first.Body) == draft.Type
        && (draft.Compose is not null || Written(first.Body) == Written(draft.Body!));

    private static string Written(EntryBody body) => JsonSerializer.Serialize(body, body.GetType(), EntryJson.Lenient);
}
