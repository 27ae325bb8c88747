using Zygotome.Core;
using Zygotome.Core.Journal;
using Zygotome.Store;

namespace Zygotome.Server.Door;

/// <summary>
/// Who works here, as they are now: their role is asked of this, never of what a browser holds. There is always a lead.
/// </summary>
internal sealed class People(PeopleStore store, Pins pins, TimeProvider clock)
{
    private const int LongestName = 60;
    private readonly Lock _one = new();
    private IReadOnlyList<Worker>? _here;

    /// <summary>Somebody left, or is no longer what they were: their sign-ins end.</summary>
    public event Action<string>? Changed;

    /// <summary>Everybody, by name.</summary>
    public IReadOnlyList<Person> Here => [.. Workers.Select(w => w.Person)];

    private IReadOnlyList<Worker> Workers
    {
        get
        {
            lock (_one)
            {
                return _here ??= store.Here();
            }
        }
    }

    /// <summary>
    /// Somebody as they are now, and whether nobody else works here; null when nobody here has this id.
    /// </summary>
    public Person? Find(string id) => Worker(id)?.Person;

    public Worker? Worker(string id)
    {
        var here = Workers;
        return here.FirstOrDefault(w => w.Person.Id == id) is { } found
            ? found with
            {
                Person = found.Person with { Alone = here.Count == 1 },
            }
            : null;
    }

    public Outcome<Person> Add(string name, Role role, string pin)
    {
        if ((NameRefused(name, null) ?? Pins.Refused(pin, "pin")) is { } refusal)
        {
            return refusal;
        }

        var hash = pins.Hash(pin);
        lock (_one)
        {
            var person = new Person(NewId(name), name.Trim(), role);
            Put(new Worker(person, hash));
            return person;
        }
    }

    /// <summary>Says anew what somebody is called and what they are.</summary>
    public Outcome<Person> Change(string id, string name, Role role)
    {
        lock (_one)
        {
            if (Worker(id) is not { } worker)
            {
                return NotFound(id);
            }

            if ((NameRefused(name, id) ?? (role == Role.Lead ? null : LeadRefused(id))) is { } refusal)
            {
                return refusal;
            }

            Put(worker with { Person = new Person(id, name.Trim(), role) });
        }

        Changed?.Invoke(id);
        return Find(id)!;
    }

    public Refusal? GivePin(string id, string pin)
    {
        if (Pins.Refused(pin, "pin") is { } refusal)
        {
            return refusal;
        }

        var hash = pins.Hash(pin);
        lock (_one)
        {
            if (Worker(id) is not { } worker)
            {
                return NotFound(id);
            }

            Put(worker with { Pin = hash });
        }

        Changed?.Invoke(id);
        return null;
    }

    /// <summary>The same PIN in today's form.</summary>
    public void KeepAnew(string id, string pin)
    {
        var hash = pins.Hash(pin);
        lock (_one)
        {
            if (Worker(id) is { } worker)
            {
                Put(worker with { Pin = hash });
            }
        }
    }

    /// <summary>Somebody left. What they recorded stays theirs, and nobody gets their id again.</summary>
    public Refusal? Remove(string id)
    {
        lock (_one)
        {
            if (Worker(id) is null)
            {
                return NotFound(id);
            }

            if (LeadRefused(id) is { } refusal)
            {
                return refusal;
            }

            store.Remove(id, clock.GetUtcNow());
            _here = null;
        }

        Changed?.Invoke(id);
        return null;
    }

    /// <summary>The demo's people, whose one PIN is on its first screen.</summary>
    public void Bring(IEnumerable<Person> people, string pin)
    {
        var hash = pins.Hash(pin);
        lock (_one)
        {
            foreach (var person in people)
            {
                Put(new Worker(person, hash));
            }
        }
    }

    private void Put(Worker worker)
    {
        store.Put(worker with { Person = worker.Person with { Alone = false } });
        _here = null;
    }

    private Refusal? NameRefused(string name, string? of) =>
        Texts.Reason(name, "name", "Somebody who works here has a name.")
        ?? Texts.Fits(name, "name", LongestName)
        ?? (
            Here.Any(p => p.Id != of && string.Equals(p.Name, name.Trim(), StringComparison.OrdinalIgnoreCase))
                ? new Refusal(
                    "people/name",
                    $"{name.Trim()} works here already; records would not tell the two apart.",
                    "name"
                )
                : null
        );

    private Refusal? LeadRefused(string id) =>
        Here.Any(p => p.Id != id && p.Role == Role.Lead)
            ? null
            : new Refusal(
                "people/last-lead",
                $"{Find(id)?.Name} is the only lead; make somebody else one first.",
                "id"
            );

    private static Refusal NotFound(string id) => new("people/not-found", $"Nobody here has the id {id}.", "id");

    private string NewId(string name)
    {
        var letters = new string([.. name.ToLowerInvariant().Where(char.IsAsciiLetterOrDigit).Take(20)]);
        var first = letters.Length > 0 ? letters : "person";
        return Enumerable
            .Range(1, int.MaxValue)
            .Select(n => n == 1 ? first : $"{first}-{n}")
            .First(id => !store.Known(id));
    }
}
