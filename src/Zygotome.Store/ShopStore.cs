using Dapper;
using Microsoft.Data.Sqlite;

namespace Zygotome.Store;

/// <summary>A customer: personal data, changeable and erasable; journals hold the id only.</summary>
public sealed record Customer(string Id, string Name, string Contact, string Notes);

/// <summary>Customers and settings of the shop.</summary>
public sealed class ShopStore(Database database)
{
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

    public void PutSetting(string key, string value) =>
        HouseChange.Of(
            database,
            change =>
            {
                var put = change.Execute(
                    "INSERT INTO setting (key, value) VALUES (@key, @value) ON CONFLICT (key) DO UPDATE SET value = "
                        + "@value",
                    new { key, value }
                );
                change.Note("setting", key);
                return put;
            }
        );
}
