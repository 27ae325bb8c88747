using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>A paper in the box, or where its numbers come from.</summary>
public sealed record PaperId(string Paper) : RequirementId(Stage.Unpack)
{
    public override string Written => $"papers/{Paper}";
}

/// <summary>A bag counted against the list.</summary>
public sealed record BagId(string Bag) : RequirementId(Stage.Unpack)
{
    public override string Written => $"bag/{Bag}";
}

/// <summary>A point of the inspection walk.</summary>
public sealed record WalkId(string Point) : RequirementId(Stage.Unpack)
{
    public override string Written => $"walk/{Point}";
}

/// <summary>A finding, by the entry that raised it.</summary>
public sealed record FindingId(string Finding) : RequirementId(Stage.Unpack)
{
    public override string Written => $"finding/{Finding}";
}
