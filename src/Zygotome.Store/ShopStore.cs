using System.Security.Cryptography;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.Jobs;

namespace Zygotome.Store;

/// <summary>A customer: personal data, changeable and erasable; journals hold the id only.</summary>
public sealed record Customer(string Id, string Name, string Contact, string Notes);

/// <summary>Staff, customers and settings of the shop.</summary>
public sealed class ShopStore(Database database)
{
    private const int Rounds = 100_000;

    private sealed record StaffRow(string Id, string Name, string Role, byte[] PinSalt, byte[] PinHash)
    {
        public Person Person() => new(Id, Name, Enum.Parse<Role>(Role));
    }

    public IReadOnlyList<Person> Staff()
    {
        using var connection = database.Connect();
        return
        [
            .. connection
                .Query<StaffRow>(
                    "SELECT id, name, role, pin_salt AS pinSalt, pin_hash AS pinHash FROM staff ORDER BY name"
                )
                .Select(r => r.Person()),
        ];
    }

    public void PutStaff(Person person, string pin)
    {
        var salt = RandomNumberGenerator.GetBytes(16);
        using var connection = database.Connect();
        connection.Execute(
            "INSERT INTO staff (id, name, role, pin_salt, pin_hash) VALUES (@Id, @Name, @role, @salt, @hash) ON "
                + "CONFLICT (id) DO UPDATE SET name = @Name, role = @role, pin_salt = @salt, pin_hash = @hash",
            new
            {
                person.Id,
                person.Name,
                role = person.Role.ToString(),
                salt,
                hash = Hash(pin, salt),
            }
        );
    }

    /// <summary>The person when the PIN is theirs, else null.</summary>
    public Person? SignIn(string id, string pin)
    {
        using var connection = database.Connect();
        var row = connection.QueryFirstOrDefault<StaffRow>(
            "SELECT id, name, role, pin_salt AS pinSalt, pin_hash AS pinHash FROM staff WHERE id = @id",
            new { id }
        );
        return row is not null && CryptographicOperations.FixedTimeEquals(Hash(pin, row.PinSalt), row.PinHash)
            ? row.Person()
            : null;
    }

    /// <summary>Customers with these words in name, contact or notes, by name; all when nothing is typed.</summary>
    public IReadOnlyList<Customer> Customers(string? find, int most)
    {
        using var connection = database.Connect();
        return string.IsNullOrWhiteSpace(find)
                ?
                [
                    .. connection.Query<Customer>(
                        "SELECT id, name, contact, notes FROM customer ORDER BY name LIMIT @most",
                        new { most }
                    ),
                ]
            : FullText.Query(find) is { } query
                ?
                [
                    .. connection.Query<Customer>(
                        "SELECT id, name, contact, notes FROM customer WHERE rowid IN (SELECT rowid FROM "
                            + "customer_words WHERE customer_words MATCH @query) ORDER BY name LIMIT @most",
                        new { query, most }
                    ),
                ]
            : [];
    }

    public Customer? Customer(string id)
    {
        using var connection = database.Connect();
        return connection.QueryFirstOrDefault<Customer>(
            "SELECT id, name, contact, notes FROM customer WHERE id = @id",
            new { id }
        );
    }

    public void PutCustomer(Customer customer)
    {
        using var connection = database.Connect();
        PutCustomer(connection, customer);
    }

    internal static void PutCustomer(SqliteConnection connection, Customer customer) =>
        connection.Execute(
            "INSERT INTO customer (id, name, contact, notes) VALUES (@Id, @Name, @Contact, @Notes) ON CONFLICT (id) "
                + "DO UPDATE SET name = @Name, contact = @Contact, notes = @Notes",
            customer
        );

    public string? Setting(string key)
    {
        using var connection = database.Connect();
        return connection.QueryFirstOrDefault<string>("SELECT value FROM setting WHERE key = @key", new { key });
    }

    public void PutSetting(string key, string value)
    {
        using var connection = database.Connect();
        connection.Execute(
            "INSERT INTO setting (key, value) VALUES (@key, @value) ON CONFLICT (key) DO UPDATE SET value = @value",
            new { key, value }
        );
    }

    private static byte[] Hash(string pin, byte[] salt) =>
        Rfc2898DeriveBytes.Pbkdf2(pin, salt, Rounds, HashAlgorithmName.SHA256, 32);
}
