using Dapper;
using Zygotome.Core.Journal;

namespace Zygotome.Store;

/// <summary>Somebody who works here, and their PIN as a hasher wrote it.</summary>
public sealed record Worker(Person Person, string Pin);

/// <summary>A sign-in under way. <paramref name="Key"/>: the SHA-256 of the token its browser holds.</summary>
public sealed record Session(string Key, string Person, DateTimeOffset IssuedAt, DateTimeOffset SeenAt);

/// <summary>People, their sign-ins and the devices they signed in at.</summary>
public sealed class PeopleStore(Database database)
{
    private sealed record PersonRow(string Id, string Name, string Role, string Pin)
    {
        public Worker Worker() => new(new Person(Id, Name, Enum.Parse<Role>(Role)), Pin);
    }

    private sealed record SessionRow(string Key, string Person, string IssuedAt, string SeenAt)
    {
        public Session Session() => new(Key, Person, Instants.Read(IssuedAt), Instants.Read(SeenAt));
    }

    /// <summary>Who works here now, by name.</summary>
    public IReadOnlyList<Worker> Here()
    {
        using var connection = database.Connect();
        return
        [
            .. connection
                .Query<PersonRow>("SELECT id, name, role, pin FROM person WHERE removed_at IS NULL ORDER BY name, id")
                .Select(r => r.Worker()),
        ];
    }

    /// <summary>Whether an id is somebody's, or was.</summary>
    public bool Known(string id)
    {
        using var connection = database.Connect();
        return connection.ExecuteScalar<long>("SELECT COUNT(*) FROM person WHERE id = @id", new { id }) > 0;
    }

    /// <summary>Adds somebody, or says anew what they are called, what they are and which PIN they have.</summary>
    public void Put(Worker worker) =>
        HouseChange.Of(
            database,
            change =>
            {
                var put = change.Execute(
                    "INSERT INTO person (id, name, role, pin) VALUES (@Id, @Name, @role, @Pin) ON CONFLICT (id) DO "
                        + "UPDATE SET name = @Name, role = @role, pin = @Pin",
                    new
                    {
                        worker.Person.Id,
                        worker.Person.Name,
                        role = worker.Person.Role.ToString(),
                        worker.Pin,
                    }
                );
                change.Note("person", worker.Person.Id);
                return put;
            }
        );

    /// <summary>Who left: in the journals for ever, at no door any more.</summary>
    public void Remove(string id, DateTimeOffset at) =>
        HouseChange.Of(
            database,
            change =>
            {
                var removed = change.Execute(
                    "UPDATE person SET removed_at = @at, pin = '' WHERE id = @id; DELETE FROM session WHERE person = "
                        + "@id; DELETE FROM device WHERE person = @id",
                    new { id, at = Instants.Write(at) }
                );
                change.Note("person", id);
                return removed;
            }
        );

    public IReadOnlyList<Session> Sessions()
    {
        using var connection = database.Connect();
        return
        [
            .. connection
                .Query<SessionRow>("SELECT key, person, issued_at AS issuedAt, seen_at AS seenAt FROM session")
                .Select(r => r.Session()),
        ];
    }

    public void Put(Session session)
    {
        using var connection = database.Connect();
        connection.Execute(
            "INSERT INTO session (key, person, issued_at, seen_at) VALUES (@Key, @Person, @issued, @seen) ON CONFLICT "
                + "(key) DO UPDATE SET seen_at = @seen",
            new
            {
                session.Key,
                session.Person,
                issued = Instants.Write(session.IssuedAt),
                seen = Instants.Write(session.SeenAt),
            }
        );
    }

    public void EndSessions(IReadOnlyList<string> keys)
    {
        using var connection = database.Connect();
        connection.Execute("DELETE FROM session WHERE key IN @keys", new { keys });
    }

    /// <summary>Whether somebody signed in at a device before.</summary>
    public bool SignedInBefore(string device, string person)
    {
        using var connection = database.Connect();
        return connection.ExecuteScalar<long>(
                "SELECT COUNT(*) FROM device WHERE key = @device AND person = @person",
                new { device, person }
            ) > 0;
    }

    public void SignedIn(string device, string person, DateTimeOffset at)
    {
        using var connection = database.Connect();
        connection.Execute(
            "INSERT INTO device (key, person, at) VALUES (@device, @person, @at) ON CONFLICT (key, person) DO UPDATE "
                + "SET at = @at",
            new
            {
                device,
                person,
                at = Instants.Write(at),
            }
        );
    }
}
