using Zygotome.Core;
using Zygotome.Core.Journal;
using Zygotome.Store;

namespace Zygotome.Server.Door;

/// <summary>Asks for a PIN, and begins a sign-in where it was right.</summary>
internal sealed class PinDesk(
    People people,
    PeopleStore store,
    Pins pins,
    PinGuard guard,
    Sessions sessions,
    TimeProvider clock
) : IDisposable
{
    public const string Wait = "sign-in/wait";

    // Devices never seen are hashed for one at a time, so that they cannot take the machine from those who work.
    private readonly SemaphoreSlim _strangers = new(1, 1);

    /// <summary>
    /// The person when the PIN is theirs. A name nobody here has is refused like a wrong PIN, and counted nowhere.
    /// </summary>
    public async Task<Outcome<Person>> Ask(string id, string pin, string? device)
    {
        if (people.Find(id) is null || pin.Length > Pins.Longest)
        {
            return Wrong;
        }

        var known = device is not null && store.SignedInBefore(Tokens.Key(device), id) ? device : null;
        if (guard.Try(id, known) is { } wait)
        {
            return new Refusal(Wait, $"Too many wrong PINs; wait {Words(wait)}.", "pin");
        }

        // As they are now: they may have left, or been given another PIN, while others were hashed for.
        if (people.Worker(id) is not { } worker)
        {
            return Wrong;
        }

        var answer = await Check(worker.Pin, pin, known);
        if (answer == PinAnswer.Wrong)
        {
            return Wrong;
        }

        guard.Right(id, known);
        if (answer == PinAnswer.RightButOld)
        {
            people.KeepAnew(id, pin);
        }

        return worker.Person;
    }

    /// <summary>
    /// Begins a sign-in at this browser; the one it had before ends. The device is known from now on.
    /// </summary>
    public void Begin(Person person, HttpContext http)
    {
        if (Cookies.Session(http.Request) is { } before)
        {
            sessions.End(before);
        }

        var device = Cookies.Device(http.Request) ?? Tokens.New();
        store.SignedIn(Tokens.Key(device), person.Id, clock.GetUtcNow());
        Cookies.KeepDevice(http, device);
        Cookies.KeepSession(http, sessions.Begin(person.Id));
    }

    public void Dispose() => _strangers.Dispose();

    private static Refusal Wrong => new("sign-in/wrong", "That PIN is not right.", "pin");

    private static string Words(TimeSpan wait) =>
        wait <= TimeSpan.FromMinutes(2)
            ? $"{Math.Ceiling(wait.TotalSeconds)} s"
            : $"{Math.Ceiling(wait.TotalMinutes)} min";

    private async Task<PinAnswer> Check(string kept, string pin, string? known)
    {
        if (known is not null)
        {
            return pins.Check(kept, pin);
        }

        await _strangers.WaitAsync();
        try
        {
            return pins.Check(kept, pin);
        }
        finally
        {
            _strangers.Release();
        }
    }
}
