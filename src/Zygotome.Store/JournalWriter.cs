using System.Threading.Channels;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core;
using Zygotome.Core.Jobs;
using Zygotome.Core.Receive;

namespace Zygotome.Store;

/// <summary>
/// The one writer. Waiting posts are admitted one after the other, each on the state the earlier ones left and in its own
/// savepoint, and committed together; snapshots, answers and news go out only after the commit. A failed commit fails them all.
/// </summary>
public sealed class JournalWriter : IAsyncDisposable
{
    private const int MostInOneCommit = 256;

    private readonly Database _database;
    private readonly JournalReader _reader;
    private readonly SheetStore _sheets;
    private readonly EntryKinds _kinds;
    private readonly TimeProvider _clock;
    private readonly Channel<Waiting> _waiting = Channel.CreateBounded<Waiting>(new BoundedChannelOptions(4096) { SingleReader = true });
    private readonly Task _writing;

    public JournalWriter(Database database, JournalReader reader, SheetStore sheets, EntryKinds kinds, TimeProvider clock)
    {
        (_database, _reader, _sheets, _kinds, _clock) = (database, reader, sheets, kinds, clock);
        _writing = Task.Factory.StartNew(Write, CancellationToken.None, TaskCreationOptions.LongRunning, TaskScheduler.Default);
    }

    private sealed record Waiting(Post Post, TaskCompletionSource<PostAnswer> Answer);

    private sealed record Head(long ShopSeq, byte[] ShopHash);

    /// <summary>Told after each commit which job moved to which seq.</summary>
    public event Action<string, long>? Moved;

    /// <summary>Completes once the post is committed or refused. Nobody going away cancels it.</summary>
    public async Task<PostAnswer> Record(Post post)
    {
        var answer = new TaskCompletionSource<PostAnswer>(TaskCreationOptions.RunContinuationsAsynchronously);
        await _waiting.Writer.WriteAsync(new Waiting(post, answer));
        return await answer.Task;
    }

    public async ValueTask DisposeAsync()
    {
        _waiting.Writer.TryComplete();
        await _writing;
    }

    private void Write()
    {
        using var connection = _database.Connect();
        var batch = new List<Waiting>();
        while (_waiting.Reader.WaitToReadAsync().AsTask().GetAwaiter().GetResult())
        {
            batch.Clear();
            while (batch.Count < MostInOneCommit && _waiting.Reader.TryRead(out var waiting))
            {
                batch.Add(waiting);
            }

            Commit(connection, batch);
        }
    }

    private void Commit(SqliteConnection connection, List<Waiting> batch)
    {
        var working = new Dictionary<string, JobSnapshot>(StringComparer.Ordinal);
        var answers = new PostAnswer[batch.Count];
        try
        {
            using var transaction = connection.BeginTransaction(deferred: false);
            var head = connection.QuerySingle<Head>("SELECT shop_seq AS shopSeq, shop_hash AS shopHash FROM journal_head");
            var before = head;
            for (var i = 0; i < batch.Count; i++)
            {
                transaction.Save("post");
                (answers[i], var moved, head) = RecordOne(connection, batch[i].Post, working, head);
                if (moved is null)
                {
                    transaction.Rollback("post");
                }
                else
                {
                    working[batch[i].Post.JobId] = moved;
                }

                transaction.Release("post");
            }

            if (head != before)
            {
                connection.Execute("UPDATE journal_head SET shop_seq = @ShopSeq, shop_hash = @ShopHash", head);
            }

            transaction.Commit();
        }
        catch (Exception e)
        {
            // Nothing of this commit is on disk: nobody may be told it is, and no snapshot of it may stay.
            _reader.Forget();
            batch.ForEach(w => w.Answer.TrySetException(new InvalidOperationException("The journal could not be written; nothing was recorded.", e)));
            return;
        }

        foreach (var snapshot in working.Values)
        {
            _reader.Publish(snapshot);
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

    private (PostAnswer Answer, JobSnapshot? Moved, Head Head) RecordOne(SqliteConnection connection, Post post, Dictionary<string, JobSnapshot> working, Head head)
    {
        var job = working.GetValueOrDefault(post.JobId) ?? _reader.Find(post.JobId);
        var recorded = new List<Entry>();
        var moved = false;
        for (var i = 0; i < post.Drafts.Count; i++)
        {
            var draft = post.Drafts[i];
            if (JournalReader.FindEntry(connection, draft.EntryId, _kinds) is { } first)
            {
                if (!IsRepeat(first, post, draft))
                {
                    return Stop(new PostAnswer.Refused(new Refusal("entry/id-used", "Another entry has this id already.", "entryId"), i));
                }

                recorded.Add(first);
                continue;
            }

            job ??= Begin(draft);
            if (job is null)
            {
                return Stop(new PostAnswer.Refused(new Refusal("job/not-found", $"There is no job {post.JobId}.", "jobId"), i));
            }

            var entry = new Entry(post.JobId, job.State.Seq + 1, draft.EntryId, draft.Body!, post.By, draft.ObservedAt, Stamp(job.State, post), post.Look);
            Blob? blob = null;
            if (draft.Compose is { } compose)
            {
                if (!compose(job.State, entry).Try(out var composed, out var refusal))
                {
                    return Stop(new PostAnswer.Refused(refusal, i));
                }

                (entry, blob) = (entry with { Body = composed.Body }, composed.Blob);
            }

            var answer = Admission.Ask(job.State, entry, draft.ExpectedSeq + i);
            if (!answer.Ok)
            {
                return Stop(answer.Overtaken
                    ? new PostAnswer.Overtaken(job.State.Seq, [.. job.Journal.Where(e => e.Seq > draft.ExpectedSeq)])
                    : new PostAnswer.Refused(answer.Refused!, i));
            }

            if (blob is not null)
            {
                BlobStore.Add(connection, blob);
            }

            var bytes = Envelope.Write(entry, _kinds);
            var hash = Envelope.Chain(job.LastHash, bytes);
            head = new Head(head.ShopSeq + 1, Envelope.Chain(head.ShopHash, hash));
            connection.Execute(
                "INSERT INTO journal (shop_seq, job, seq, entry_id, bytes, hash, shop_hash) VALUES (@ShopSeq, @JobId, @Seq, @EntryId, @bytes, @hash, @ShopHash)",
                new { head.ShopSeq, entry.JobId, entry.Seq, entry.EntryId, bytes, hash, head.ShopHash });
            job = job.Add(entry, hash);
            recorded.Add(entry);
            moved = true;
        }

        return (new PostAnswer.Recorded(recorded), moved ? job : null, head);

        (PostAnswer, JobSnapshot?, Head) Stop(PostAnswer answer) => (answer, null, head);
    }

    private JobSnapshot? Begin(Draft draft) =>
        draft.Body is JobOpened opened && _sheets.Find(opened.SheetHash) is { } sheet ? new JobSnapshot(new JobState(sheet), [], Envelope.Beginning) : null;

    // Monotone within a job, even when the machine's clock is set back.
    private DateTimeOffset Stamp(JobState state, Post post)
    {
        var now = post.RecordedAt ?? _clock.GetUtcNow();
        return now < state.LastRecordedAt ? state.LastRecordedAt : now;
    }

    private bool IsRepeat(Entry first, Post post, Draft draft) =>
        first.JobId == post.JobId && first.By.Id == post.By.Id && _kinds.TypeOf(first.Body) == draft.Type
        && (draft.Compose is not null || Written(first) == Written(first with { Body = draft.Body! }));

    private string Written(Entry entry) => System.Text.Json.JsonSerializer.Serialize(entry.Body, entry.Body.GetType(), EntryJson.Lenient);
}
