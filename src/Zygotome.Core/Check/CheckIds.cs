using Zygotome.Core.Journal;

namespace Zygotome.Core.Check;

/// <summary>That everything was called out in one unbroken run.</summary>
public sealed record RunId() : RequirementId(Stage.Check)
{
    public override string Written => "check/run";
}

/// <summary>Something that is looked at before it flies.</summary>
public sealed record CheckAskId(string Ask) : RequirementId(Stage.Check)
{
    public override string Written => $"check/{Ask}";
}

/// <summary>What it draws at full power.</summary>
public sealed record PowerRunId() : RequirementId(Stage.Check)
{
    public override string Written => "check/full-power";
}

/// <summary>That it answers from afar, the motor off or running.</summary>
public sealed record RangeId(bool Motor) : RequirementId(Stage.Check)
{
    public override string Written => Motor ? "check/range-motor" : "check/range";
}

/// <summary>That it rolls as it should.</summary>
public sealed record TaxiId() : RequirementId(Stage.Check)
{
    public override string Written => "check/taxi";
}
