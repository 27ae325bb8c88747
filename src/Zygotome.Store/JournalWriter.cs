using System.Collections.Concurrent;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core;
using Zygotome.Core.Journal;
using Zygotome.Core.Unpack;

namespace Zygotome.Store;

/// <summary>
/// The one writer. Waiting posts are admitted one after the other, each on the state the earlier ones left, and
/// committed together; snapshots, answers and news go out only after the commit. A failed commit fails them all.
/// Whoever posts while nobody writes does the writing, for all who wait: a lone writer pays for no hand-over between
/// threads, and many share one sync to disk. A post is admitted whole before its first row is inserted, so a refused
/// one leaves nothing. A rule that throws refuses its own post and nobody else's. Papers are composed before a post
/// waits, and anew where its job has moved by the time it is written.
/// </summary>
public sealed class JournalWriter : IAsyncDisposable
{
    private const int MostInOneCommit = 256;
    private const int MostComposed = 3;

    private readonly ConcurrentQueue<Waiting> _waiting = new();
    private readonly JournalReader _reader;
    private readonly JournalTable _table;
    private readonly PostAdmission _admission;
    private readonly Database _database;
    private Head? _head;
    private string? _failing;
    private int _lastBatch;

    private sealed record Waiting(Post Post, TaskCompletionSource<PostAnswer> Answer);

    public JournalWriter(
        Database database,
        JournalReader reader,
        SheetStore sheets,
        EntryKinds kinds,
        TimeProvider clock
    )
    {
        (_database, _reader, _table) = (database, reader, new JournalTable(database));
        database.Freed += GoOn;
        _admission = new PostAdmission(_table, reader, sheets, kinds, clock);
    }

    /// <summary>Told of each rule that threw, with the job it was asked about.</summary>
    public event Action<string, Exception>? RuleFailed;

    /// <summary>Told of each job of a commit before anybody is answered; whoever listens only makes a note.</summary>
    public event Action<string>? Recorded;

    /// <summary>Told after each commit which job moved to which seq.</summary>
    public event Action<string, long>? Moved;

    /// <summary>Completes once the post is committed or refused. Nobody going away cancels it.</summary>
    public async Task<PostAnswer> Record(Post post)
    {
        using var underWay = _reader.Hold(post.JobId);
        if (post.Proposals.All(d => d.Compose is null))
        {
            return await Enqueue(post);
        }

        var first = _reader.Find(post.JobId)?.State.Seq ?? 0;
        for (var i = 0; i < MostComposed; i++)
        {
            var (composed, refused) = Guarded(post, () => _admission.Compose(post));
            if (refused is not null)
            {
                return refused;
            }

            if (await Enqueue(composed!) is var answer and not PostAnswer.Moved)
            {
                return answer;
            }
        }

        // Each time something was recorded meanwhile, so the job is there.
        var now = _reader.Find(post.JobId)!;
        return new PostAnswer.Overtaken(now.State.Seq, [.. now.Journal.Where(e => e.Seq > first)]);
    }

    private Task<PostAnswer> Enqueue(Post post)
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
        await _database.Writing.WaitAsync();
        _database.Freed -= GoOn;
        _table.Dispose();
        _database.Release();
    }

    // One commit for the caller; what has come meanwhile is written by the pool, so that no poster works for the others
    // for long.
    private void WriteWhileNobodyElseDoes()
    {
        if (!_database.Writing.Wait(0))
        {
            return;
        }

        try
        {
            // Where several just wrote together, several are likely to be on their way: let them arrive and share the
            // sync.
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
            _database.Release();
        }
    }

    /// <summary>
    /// Writes something small to the same file between two commits, so that neither waits for the other's lock on it.
    /// </summary>
    internal void Between(Action write) =>
        _database.Write(() =>
        {
            write();
            return 0;
        });

    /// <summary>
    /// Lets the file grow by so many pages and no more, as a full disk would; null for as many as there is room for.
    /// </summary>
    internal void Room(long? pages) =>
        Between(() =>
            _table.Connection.Execute(
                pages is { } more
                    ? $"PRAGMA max_page_count = {_table.Connection.ExecuteScalar<long>("PRAGMA page_count") + more}"
                    : "PRAGMA max_page_count = 1073741823"
            )
        );

    /// <summary>Why the journal cannot be written, tried anew where the last commit failed; null when it can.</summary>
    public string? CannotWrite()
    {
        if (_failing is not null)
        {
            Between(() =>
            {
                try
                {
                    // More than many entries need, synced as they are.
                    _table.Connection.Execute("INSERT INTO room (bytes) VALUES (zeroblob(131072))");
                    _table.Connection.Execute("DELETE FROM room");
                    _failing = null;
                }
                catch (SqliteException e)
                {
                    _failing = e.Message;
                }
            });
        }

        return _failing;
    }

    // Asked after each release, whoever held it: a post that came meanwhile found the file busy and relies on this.
    private void GoOn()
    {
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

            _table.Commit();
            _head = head;
            _failing = null;
            _database.Seal?.Journal(head.ShopSeq, head.ShopHash);
        }
        catch (Exception e)
        {
            // Nothing of this commit is on disk: nobody may be told it is, and no snapshot of it may stay.
            _head = null;
            _failing = e.Message;
            foreach (var job in working.Keys)
            {
                _reader.Forget(job);
            }

            batch.ForEach(w =>
                w.Answer.TrySetException(
                    new InvalidOperationException("The journal could not be written; nothing was recorded.", e)
                )
            );
            return;
        }

        foreach (var snapshot in working.Values)
        {
            _reader.Publish(snapshot);
            Recorded?.Invoke(snapshot.State.JobId);
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
        var (admitted, failed) = Guarded<Admitted>(post, () => (_admission.Admit(post, working), null));
        if (admitted is null)
        {
            return (failed!, head);
        }

        if (admitted.Ready.Count > 0)
        {
            head = Insert(admitted.Ready, head);
            if (admitted.Ready.Any(r => r.Entry.Body is ErratumProposed or Retracted))
            {
                ErratumStore.Keep(_table.Connection, admitted.Job!.State);
            }

            if (admitted.Ready.Any(r => r.Entry.Body is IRemembered or Retracted))
            {
                MemoryStore.Keep(_table.Connection, admitted.Job!.State);
            }

            if (post.NewCustomer is { } customer)
            {
                ShopStore.PutCustomer(_table.Connection, customer);
            }

            working[post.JobId] = admitted.Job!;
        }

        return (admitted.Answer, head);
    }

    // A rule that throws refuses the post it was asked about.
    private (T? Made, PostAnswer.Refused? Refused) Guarded<T>(Post post, Func<(T?, PostAnswer.Refused?)> ask)
        where T : class
    {
        try
        {
            return ask();
        }
        catch (UnreadableJobException e)
        {
            return (null, new PostAnswer.Refused(new Refusal("job/unreadable", e.Message, "jobId"), 0));
        }
        catch (Exception e) when (e is not SqliteException)
        {
            RuleFailed?.Invoke(post.JobId, e);
            return (null, new PostAnswer.Refused(Failed, 0));
        }
    }

    private static readonly Refusal Failed = new(
        "server/rule",
        "A rule of this program fails on that; nothing was recorded. Tell the maintainer what was done."
    );

    private Head Insert(List<ReadyEntry> ready, Head head)
    {
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

            if (entry.Body is IHoldsPhoto { Hash.Length: > 0 } photo)
            {
                PhotoStore.Use(_table.Connection, photo.Hash, entry.EntryId);
            }

            head = new Head(head.ShopSeq + 1, Envelope.Chain(head.ShopHash, hash));
            _table.Insert(entry, bytes, hash, head);
        }

        return head;
    }
}
