using Zygotome.Core.Journal;
using Zygotome.Store;

namespace Zygotome.Server.Door;

/// <summary>
/// Sign-ins under way. Each is one person at one browser; it ends when they sign out, when they leave or are changed,
/// after <see cref="Idle"/> without a request, and in any case after <see cref="Longest"/>. It outlives a restart of
/// the server.
/// </summary>
internal sealed class Sessions
{
    public static readonly TimeSpan Idle = TimeSpan.FromHours(12),
        Longest = TimeSpan.FromHours(24);

    // Being seen again is written down no oftener than this.
    private static readonly TimeSpan Written = TimeSpan.FromMinutes(5);

    private readonly PeopleStore _store;
    private readonly People _people;
    private readonly TimeProvider _clock;
    private readonly Lock _one = new();
    private readonly Dictionary<string, (Session Session, DateTimeOffset Written)> _open;

    public Sessions(PeopleStore store, People people, TimeProvider clock)
    {
        (_store, _people, _clock) = (store, people, clock);
        _open = store.Sessions().ToDictionary(s => s.Key, s => (s, s.SeenAt), StringComparer.Ordinal);
        people.Changed += person => End(s => s.Person == person);
    }

    /// <summary>A sign-in ended; said with its key.</summary>
    public event Action<string>? Ended;

    /// <summary>Begins a sign-in; answers the token its browser keeps.</summary>
    public string Begin(string person)
    {
        End(IsOver);
        var token = Tokens.New();
        var now = _clock.GetUtcNow();
        var session = new Session(Tokens.Key(token), person, now, now);
        lock (_one)
        {
            _store.Put(session);
            _open[session.Key] = (session, now);
        }

        return token;
    }

    /// <summary>Whose sign-in this is, as they are now; null when it is none any more.</summary>
    public (Session Session, Person Person)? Find(string token)
    {
        var key = Tokens.Key(token);
        Session session;
        lock (_one)
        {
            if (!_open.TryGetValue(key, out var kept) || IsOver(kept.Session))
            {
                return null;
            }

            var now = _clock.GetUtcNow();
            session = kept.Session with { SeenAt = now };
            var write = now - kept.Written >= Written;
            _open[key] = (session, write ? now : kept.Written);
            if (write)
            {
                _store.Put(session);
            }
        }

        return _people.Find(session.Person) is { } person ? (session, person) : null;
    }

    /// <summary>Whether a sign-in is still under way, by its key; being asked about is not being used.</summary>
    public bool IsOpen(string key)
    {
        lock (_one)
        {
            return _open.TryGetValue(key, out var kept) && !IsOver(kept.Session);
        }
    }

    public void End(string token)
    {
        var key = Tokens.Key(token);
        End(s => s.Key == key);
    }

    private bool IsOver(Session session) =>
        _clock.GetUtcNow() is var now && (now - session.SeenAt > Idle || now - session.IssuedAt > Longest);

    private void End(Func<Session, bool> which)
    {
        string[] keys;
        lock (_one)
        {
            keys = [.. _open.Values.Select(o => o.Session).Where(which).Select(s => s.Key)];
            if (keys.Length == 0)
            {
                return;
            }

            _store.EndSessions(keys);
            foreach (var key in keys)
            {
                _open.Remove(key);
            }
        }

        foreach (var key in keys)
        {
            Ended?.Invoke(key);
        }
    }
}
