using System.Text.Json;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;
using Zygotome.Server.Door;
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

    public IReadOnlyList<DeviceKind> Boards { get; init; } = [];

    public IReadOnlyList<DeviceKind> Stabilisers { get; init; } = [];

    /// <summary>Between pack and controller.</summary>
    public IReadOnlyList<ConnectorKind> Connectors { get; init; } = [];

    /// <summary>All that as the open file it is given out as.</summary>
    internal ShopCatalogue Catalogue =>
        new(ShopCatalogue.Current)
        {
            Receivers = [.. Receivers],
            Boards = [.. Boards],
            Stabilisers = [.. Stabilisers],
            Connectors = [.. Connectors],
        };

    public IReadOnlyList<string> Tools { get; init; } = [];

    /// <summary>Extension leads on the shelf, mm.</summary>
    public IReadOnlyList<double> LeadLengths { get; init; } = [];

    /// <summary>How warm the bench usually is, °C; for glue where nobody looked.</summary>
    public double BenchCelsius { get; init; } = 18;

    public Stock Stock => new([.. Tools], [.. Adhesives.Select(a => a.Name)], [.. LeadLengths]);
}

/// <summary>The shop's settings as stored. A shop that was never begun has none.</summary>
internal sealed class ShopSettings(ShopStore store, People people)
{
    private const string Key = "shop",
        DemoKey = "demo-pin";
    private readonly Lock _change = new();
    private ShopFile? _current;

    public ShopFile Current =>
        _current ??= store.Setting(Key) is { } text
            ? JsonSerializer.Deserialize<ShopFile>(text, EntryJson.Lenient)!
            : throw new InvalidOperationException("This shop has not been begun.");

    public string? DemoPin => store.Setting(DemoKey);

    /// <summary>A new shop, with what every bench has. Its people come next.</summary>
    /// <param name="timeZone">An IANA name.</param>
    public void Begin(string name, string timeZone) =>
        Put(
            new ShopFile(
                Format: "zygotome-shop/1",
                Shop: name,
                TimeZone: timeZone,
                Guarded: false,
                ThrowTolerance: 1.0m,
                Pin: "",
                Staff: [],
                Customers: [],
                Instruments:
                [
                    new("rule", "steel rule", "mm", 0.5),
                    new("gauge", "throw gauge", "degrees", 0.3),
                    new("scales", "bench scales", "g", 1),
                ],
                Adhesives:
                [
                    new("slow-epoxy", "slow epoxy", 60, 720, true),
                    new("contact", "foam-safe contact", 15, 240, false),
                    new("instant", "foam-safe instant glue", 1, 120, false),
                    new("wood-glue", "wood glue", 40, 600, false),
                    new("canopy-glue", "canopy glue", 60, 720, false),
                    new("hot-melt", "hot melt", 2, 10, false),
                    new("expanding", "expanding glue", 90, 480, false),
                    new("bead", "removable bead", 5, 30, false),
                    new("tape", "fibre tape", 0.1, 0.1, false),
                ]
            )
            {
                Receivers = GenericCatalogue.Of.Receivers,
                Boards = GenericCatalogue.Of.Boards,
                Stabilisers = GenericCatalogue.Of.Stabilisers,
                Connectors = GenericCatalogue.Of.Connectors,
            }
        );

    /// <summary>The demo's shop, with its people and customers.</summary>
    public void Bring(ShopFile file)
    {
        Put(file);
        foreach (var customer in file.Customers)
        {
            store.PutCustomer(customer);
        }

        store.PutSetting(DemoKey, file.Pin);
        people.Bring(file.Staff, file.Pin);
    }

    /// <summary>What a job opened now is held to.</summary>
    public ShopRules Rules =>
        new(Current.Shop, Current.TimeZone, Current.Guarded, Current.ThrowTolerance, DayMinutes: Current.DayMinutes);

    /// <summary>What entries copy from the shop, as it is now.</summary>
    public ShopLists Lists =>
        new(
            [.. Current.Adhesives],
            [.. Current.Instruments.Select(i => new Instrument(i.Name, i.U, i.Id, i.Reads))],
            [.. Current.Suppliers],
            [.. people.Here.Where(p => p.Role == Role.Lead).Select(p => p.Id)],
            Current.BenchCelsius
        )
        {
            Catalogue = Current.Catalogue,
        };

    /// <summary>The catalogue as it is after a change.</summary>
    public ShopCatalogue Change(Func<ShopCatalogue, ShopCatalogue> change)
    {
        lock (_change)
        {
            var next = change(Current.Catalogue);
            Put(
                Current with
                {
                    Receivers = next.Receivers,
                    Boards = next.Boards,
                    Stabilisers = next.Stabilisers,
                    Connectors = next.Connectors,
                }
            );
            return next;
        }
    }

    /// <summary>A glue more, at the end of the list.</summary>
    public Adhesive Add(Adhesive glue)
    {
        lock (_change)
        {
            Put(Current with { Adhesives = [.. Current.Adhesives, glue] });
            return glue;
        }
    }

    /// <summary>A tool more.</summary>
    public string AddTool(string name)
    {
        lock (_change)
        {
            Put(Current with { Tools = [.. Current.Tools, name] });
            return name;
        }
    }

    // PINs and personal data have their own tables.
    private void Put(ShopFile file)
    {
        store.PutSetting(
            Key,
            JsonSerializer.Serialize(file with { Pin = "", Staff = [], Customers = [] }, EntryJson.Lenient)
        );
        _current = null;
    }
}
