namespace Zygotome.Core.Journal;

/// <summary>How the kit came in, and what was promised of it.</summary>
public interface IHandedIn
{
    Carton Carton { get; }

    /// <summary>Null while nobody said who the kit came from.</summary>
    Supplier? Supplier { get; }

    /// <summary>The last day on which a claim still stands; null while no supplier is known.</summary>
    DateOnly? ClaimUntil { get; }

    DateOnly Promised { get; }
}
