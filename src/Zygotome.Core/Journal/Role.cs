namespace Zygotome.Core.Journal;

/// <summary>What somebody may do: a lead grants concessions and inspects independently.</summary>
public enum Role
{
    Technician,
    Lead,
    Counter,
}
