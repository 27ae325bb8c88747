namespace Zygotome.Core.Jobs;

/// <summary>What somebody may do: a lead grants concessions and inspects independently.</summary>
public enum Role
{
    Technician,
    Lead,
    Counter,
}

/// <summary>Who recorded something, as known when it was recorded.</summary>
public sealed record Person(string Id, string Name, Role Role);
