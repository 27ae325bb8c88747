namespace Zygotome.Core.Journal;

/// <summary>Who may record a kind of entry.</summary>
public enum Posters
{
    /// <summary>Counter, technician, lead.</summary>
    Anybody,

    /// <summary>Technician and lead: whoever has hands on the model.</summary>
    Bench,

    Lead,
}
