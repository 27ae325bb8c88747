using System.Text;

namespace Zygotome.Store;

/// <summary>
/// The last seal, in a file beside the database. Written after each commit without waiting for the disk, synced once a
/// second and at the end: the database may be ahead of it, never behind. Two lines are written in turn, so that one
/// torn by a crash leaves the other.
/// </summary>
public sealed class SealFile : IDisposable
{
    private const int LineBytes = 256;
    private static readonly TimeSpan Second = TimeSpan.FromSeconds(1);

    private readonly FileStream _file;
    private readonly ITimer _timer;
    private readonly Lock _one = new();
    private Seal _last;
    private int _line;
    private bool _unsynced;
    private bool _unwritten;
    private bool _kept;

    private SealFile(string path, Seal now)
    {
        _file = PrivateFile.Open(path, FileMode.OpenOrCreate, FileShare.ReadWrite);
        _last = now;
        _timer = TimeProvider.System.CreateTimer(_ => Sync(), null, Second, Second);
    }

    public static string Beside(string database) => Path.ChangeExtension(database, ".seal");

    /// <summary>
    /// Goes on with the seal beside a database, whose chains have got as far as <paramref name="now"/>.
    /// </summary>
    internal static SealFile Follow(string database, Seal now)
    {
        var file = new SealFile(Beside(database), now);
        file.Write();
        return file;
    }

    /// <summary>
    /// Leaves a seal as it is, until <see cref="Anew"/>: the database lacks some of what it says, and it is the
    /// evidence.
    /// </summary>
    internal static SealFile Keep(string database, Seal evidence) => new(Beside(database), evidence) { _kept = true };

    /// <summary>The last seal that was written whole; null when there is none.</summary>
    public static Seal? Read(string path)
    {
        if (!File.Exists(path))
        {
            return null;
        }

        using var file = new FileStream(path, FileMode.Open, FileAccess.Read, FileShare.ReadWrite);
        using var text = new StreamReader(file, Encoding.ASCII);
        var seals = text.ReadToEnd().Split('\n').Select(Seal.Parse).OfType<Seal>();
        return seals.MaxBy(s => (s.JournalSeq, s.RegisterSeq));
    }

    public Seal Last
    {
        get
        {
            lock (_one)
            {
                return _last;
            }
        }
    }

    /// <summary>Forgets what was sealed before.</summary>
    internal void Anew(Seal now)
    {
        lock (_one)
        {
            (_last, _kept) = (now, false);
            Write();
            Write();
        }
    }

    internal void Journal(long seq, byte[] hash)
    {
        lock (_one)
        {
            if (!_kept && seq > _last.JournalSeq)
            {
                _last = _last with { JournalSeq = seq, JournalHash = Convert.ToHexStringLower(hash) };
                Write();
            }
        }
    }

    internal void Register(long seq, byte[] hash)
    {
        lock (_one)
        {
            if (!_kept && seq > _last.RegisterSeq)
            {
                _last = _last with { RegisterSeq = seq, RegisterHash = Convert.ToHexStringLower(hash) };
                Write();
            }
        }
    }

    public void Dispose()
    {
        _timer.Dispose();
        Sync();
        _file.Dispose();
    }

    // A disk that takes no seal loses no entry: it is tried again with the next second, and the database is ahead.
    private void Write()
    {
        var line = Encoding.ASCII.GetBytes(_last.Line().PadRight(LineBytes - 1) + "\n");
        _unsynced = true;
        try
        {
            RandomAccess.Write(_file.SafeFileHandle, line, _line * LineBytes);
            (_line, _unwritten) = (1 - _line, false);
        }
        catch (IOException)
        {
            _unwritten = true;
        }
    }

    private void Sync()
    {
        lock (_one)
        {
            if (_file.SafeFileHandle.IsClosed)
            {
                return;
            }

            if (_unwritten)
            {
                Write();
            }

            if (_unsynced && !_unwritten)
            {
                RandomAccess.FlushToDisk(_file.SafeFileHandle);
                _unsynced = false;
            }
        }
    }
}
