namespace Zygotome.Core.Journal;

/// <summary>What the shop knows better than whoever posts.</summary>
public enum ShopFact
{
    /// <summary>One of the shop's adhesives, posted as its id.</summary>
    Adhesive,

    /// <summary>One of the shop's instruments, posted as its id.</summary>
    Instrument,

    /// <summary>One of the shop's suppliers, posted as its id.</summary>
    Supplier,

    /// <summary>A board or stabiliser of the shop's catalogue, posted as its name.</summary>
    Device,

    /// <summary>A connector of the shop's catalogue, posted as its name.</summary>
    Connector,

    /// <summary>°C at the bench: posted by whoever looked, filled in where glue was used and nobody did.</summary>
    BenchTemperature,

    /// <summary>Ids of the shop's leads; never posted.</summary>
    Leads,

    /// <summary>What older versions posted and nobody does any more.</summary>
    OlderOnly,

    /// <summary>Composed of the job as it stands when it is recorded; never posted.</summary>
    Job,
}

/// <summary>A field of a body that is not taken from who posts it as it is.</summary>
public sealed record LookedUp(string Field, ShopFact Fact)
{
    /// <summary>Refused in a post.</summary>
    public bool ServerSays => Fact is ShopFact.Leads or ShopFact.OlderOnly or ShopFact.Job;

    /// <summary>Posted as an id, held as a copy of what the shop lists under it.</summary>
    public bool ById =>
        Fact is ShopFact.Adhesive or ShopFact.Instrument or ShopFact.Supplier or ShopFact.Device or ShopFact.Connector;
}
