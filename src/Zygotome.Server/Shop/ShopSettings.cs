using System.Text.Json;
using Zygotome.Core.Build;
using Zygotome.Core.Jobs;
using Zygotome.Core.Receive;
using Zygotome.Core.Throws;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>What a shop measures with; U is expanded, in the unit it reads.</summary>
public sealed record ShopInstrument(string Id, string Name, string Reads, double U);

/// <summary>A shop's own file: staff, customers, instruments, adhesives and what it holds to.</summary>
public sealed record ShopFile(
    string Format,
    string Shop,
    string TimeZone,
    bool Guarded,
    decimal ThrowTolerance,
    bool SelfInspects,
    string Pin,
    IReadOnlyList<Person> Staff,
    IReadOnlyList<Customer> Customers,
    IReadOnlyList<ShopInstrument> Instruments,
    IReadOnlyList<Adhesive> Adhesives
)
{
    /// <summary>Hands-on minutes of a working day.</summary>
    public int DayMinutes { get; init; } = 360;

    public IReadOnlyList<Supplier> Suppliers { get; init; } = [];

    /// <summary>The receivers the shop sells or knows.</summary>
    public IReadOnlyList<ReceiverKind> Receivers { get; init; } = [];

    public IReadOnlyList<string> Tools { get; init; } = [];

    /// <summary>Extension leads on the shelf, mm.</summary>
    public IReadOnlyList<double> LeadLengths { get; init; } = [];

    /// <summary>How warm the bench usually is, °C; for glue where nobody looked.</summary>
    public double BenchCelsius { get; init; } = 18;

    public Stock Stock => new([.. Tools], [.. Adhesives.Select(a => a.Name)], [.. LeadLengths]);
}

/// <summary>
/// The shop's settings as stored; an empty shop begins with one lead whose PIN is 0000 until changed.
/// </summary>
internal sealed class ShopSettings(ShopStore store)
{
    private const string Key = "shop",
        DemoKey = "demo-pin";
    private ShopFile? _current;

    /// <summary>The PIN of the lead an empty shop begins with, said once on the console of its first start.</summary>
    public string? FirstPin { get; private set; }

    public ShopFile Current =>
        _current ??= store.Setting(Key) is { } text
            ? JsonSerializer.Deserialize<ShopFile>(text, EntryJson.Lenient)!
            : First();

    public string? DemoPin => store.Setting(DemoKey);

    public void Put(ShopFile file, bool demo)
    {
        foreach (var person in file.Staff)
        {
            store.PutStaff(person, file.Pin);
        }

        foreach (var customer in file.Customers)
        {
            store.PutCustomer(customer);
        }

        // PINs and personal data have their own tables.
        store.PutSetting(
            Key,
            JsonSerializer.Serialize(file with { Pin = "", Staff = [], Customers = [] }, EntryJson.Lenient)
        );
        if (demo)
        {
            store.PutSetting(DemoKey, file.Pin);
        }

        _current = null;
    }

    /// <summary>What a job opened now is held to. Nobody inspects their own work in a shop that has somebody else.</summary>
    public ShopRules Rules =>
        new(
            Current.Shop,
            Current.TimeZone,
            Current.Guarded,
            Current.ThrowTolerance,
            Current.SelfInspects && store.Staff().Count == 1,
            Current.DayMinutes
        );

    /// <summary>What entries copy from the shop, as it is now.</summary>
    public ShopLists Lists =>
        new(
            [.. Current.Adhesives],
            [.. Current.Instruments.Select(i => new Instrument(i.Name, i.U, i.Id, i.Reads))],
            [.. Current.Suppliers],
            [.. store.Staff().Where(p => p.Role == Role.Lead).Select(p => p.Id)],
            Current.BenchCelsius
        );

    private ShopFile First()
    {
        FirstPin = "0000";
        Put(
            new ShopFile(
                "zygotome-shop/1",
                "Workshop",
                "UTC",
                false,
                1.0m,
                true,
                FirstPin,
                [new Person("lead", "Lead", Role.Lead)],
                [],
                [
                    new("rule", "steel rule", "mm", 0.5),
                    new("gauge", "throw gauge", "degrees", 0.3),
                    new("scales", "bench scales", "g", 1),
                ],
                [new("slow-epoxy", "slow epoxy", 60, 720, true), new("contact", "foam-safe contact", 15, 240, false)]
            ),
            demo: false
        );
        return JsonSerializer.Deserialize<ShopFile>(store.Setting(Key)!, EntryJson.Lenient)!;
    }
}
