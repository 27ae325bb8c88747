namespace Zygotome.Store;

/// <summary>
/// Snapshots of committed jobs, kept by the bytes of their journals: beyond so many the least recently used go, but
/// never one held by a post under way. What is kept is never older than what was committed last.
/// </summary>
public sealed class SnapshotCache(long mostBytes)
{
    // What a job costs beside its entries, roughly.
    private const long BytesOfAJob = 8 << 10;

    private readonly Lock _one = new();
    private readonly Dictionary<string, LinkedListNode<JobSnapshot>> _kept = new(StringComparer.Ordinal);
    private readonly LinkedList<JobSnapshot> _byUse = [];
    private readonly Dictionary<string, int> _held = new(StringComparer.Ordinal);

    /// <summary>The last seq committed here of each job that moved; a number a job, never let go.</summary>
    private readonly Dictionary<string, long> _newest = new(StringComparer.Ordinal);

    private long _bytes;

    public JobSnapshot? Find(string job)
    {
        lock (_one)
        {
            if (!_kept.TryGetValue(job, out var node))
            {
                return null;
            }

            _byUse.Remove(node);
            _byUse.AddLast(node);
            return node.Value;
        }
    }

    /// <summary>Keeps a job as read from the file; false when a newer one was committed while it was read.</summary>
    public bool Keep(JobSnapshot read)
    {
        lock (_one)
        {
            if (read.State.Seq < _newest.GetValueOrDefault(read.State.JobId))
            {
                return false;
            }

            Put(read);
            return true;
        }
    }

    /// <summary>Keeps a job as just committed.</summary>
    public void Publish(JobSnapshot committed)
    {
        lock (_one)
        {
            _newest[committed.State.JobId] = committed.State.Seq;
            Put(committed);
        }
    }

    public void Forget(string job)
    {
        lock (_one)
        {
            Drop(job);
        }
    }

    /// <summary>Keeps the job, once read, until this is disposed of; several may hold it.</summary>
    public IDisposable Hold(string job)
    {
        lock (_one)
        {
            _held[job] = _held.GetValueOrDefault(job) + 1;
        }

        return new Held(this, job);
    }

    private void Put(JobSnapshot snapshot)
    {
        Drop(snapshot.State.JobId);
        _kept[snapshot.State.JobId] = _byUse.AddLast(snapshot);
        _bytes += Cost(snapshot);
        Trim();
    }

    private void Drop(string job)
    {
        if (_kept.Remove(job, out var node))
        {
            _byUse.Remove(node);
            _bytes -= Cost(node.Value);
        }
    }

    // The one used last stays, however large: somebody is looking at it.
    private void Trim()
    {
        for (var node = _byUse.First; _bytes > mostBytes && node is not null && node != _byUse.Last; )
        {
            var next = node.Next;
            if (!_held.ContainsKey(node.Value.State.JobId))
            {
                Drop(node.Value.State.JobId);
            }

            node = next;
        }
    }

    private void Release(string job)
    {
        lock (_one)
        {
            if (--_held[job] == 0)
            {
                _held.Remove(job);
                Trim();
            }
        }
    }

    private static long Cost(JobSnapshot snapshot) => BytesOfAJob + snapshot.Bytes;

    private sealed class Held(SnapshotCache cache, string job) : IDisposable
    {
        private SnapshotCache? _cache = cache;

        public void Dispose() => Interlocked.Exchange(ref _cache, null)?.Release(job);
    }
}
