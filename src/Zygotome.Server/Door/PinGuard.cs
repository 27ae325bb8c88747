namespace Zygotome.Server.Door;

/// <summary>
/// Counts tries at the PINs of people who exist, each before its PIN is hashed, so that tries sent at once count as
/// those sent one after the other. A device at which that person signed in before has a count of its own: whoever
/// guesses elsewhere keeps nobody from their own bench. All devices never seen share one count for each person, and a
/// bound on their tries together.
/// </summary>
internal sealed class PinGuard(TimeProvider clock)
{
    // Four may be wrong; after the fifth each waits longer than the one before.
    private const int Free = 5,
        StrangersAMinute = 20;
    private static readonly TimeSpan First = TimeSpan.FromSeconds(30),
        Longest = TimeSpan.FromHours(1),
        Forgotten = TimeSpan.FromHours(24),
        Minute = TimeSpan.FromMinutes(1);

    private readonly Lock _one = new();
    private readonly Dictionary<(string Person, string Device), Wrong> _wrong = [];
    private readonly Queue<DateTimeOffset> _strangers = new();

    private readonly record struct Wrong(int Count, DateTimeOffset Last);

    /// <summary>
    /// Counts a try as wrong until <see cref="Right"/> says otherwise; or how long to wait before it is taken.
    /// </summary>
    /// <param name="device">A device at which this person signed in before; null for any other.</param>
    public TimeSpan? Try(string person, string? device)
    {
        lock (_one)
        {
            var now = clock.GetUtcNow();
            var key = (person, device ?? "");
            var wrong = _wrong.GetValueOrDefault(key);
            if (now - wrong.Last > Forgotten)
            {
                wrong = default;
            }

            if (wrong.Last + Pause(wrong.Count) - now is var left && left > TimeSpan.Zero)
            {
                return left;
            }

            if (device is null && StrangersWait(now) is { } wait)
            {
                return wait;
            }

            _wrong[key] = new Wrong(wrong.Count + 1, now);
            return null;
        }
    }

    /// <summary>
    /// The PIN was right. A known device begins anew; of strangers only this one try is taken back, since it may have
    /// come between another's guesses.
    /// </summary>
    public void Right(string person, string? device)
    {
        lock (_one)
        {
            var key = (person, device ?? "");
            if (device is null && _wrong.GetValueOrDefault(key) is { Count: > 1 } wrong)
            {
                _wrong[key] = wrong with { Count = wrong.Count - 1 };
            }
            else
            {
                _wrong.Remove(key);
            }

            if (device is null)
            {
                _strangers.TryDequeue(out _);
            }
        }
    }

    private TimeSpan? StrangersWait(DateTimeOffset now)
    {
        while (_strangers.TryPeek(out var oldest) && now - oldest >= Minute)
        {
            _strangers.Dequeue();
        }

        if (_strangers.Count >= StrangersAMinute)
        {
            return _strangers.Peek() + Minute - now;
        }

        _strangers.Enqueue(now);
        return null;
    }

    private static TimeSpan Pause(int wrong) =>
        wrong < Free ? TimeSpan.Zero
        : wrong - Free >= 7 ? Longest
        : First * (1 << (wrong - Free));
}
