using Zygotome.Core.Journal;

namespace Zygotome.Core.Bind;

/// <summary>That it is bound, and to which memory.</summary>
public sealed record BoundId() : RequirementId(Stage.Bind)
{
    public override string Written => "bind/bound";
}

/// <summary>That the cut holds every motor, whatever the stick says.</summary>
public sealed record CutId() : RequirementId(Stage.Bind)
{
    public override string Written => "bind/cut";
}

/// <summary>That the transmitter shows the memory that was bound.</summary>
public sealed record MemoryId() : RequirementId(Stage.Bind)
{
    public override string Written => "bind/memory";
}

/// <summary>How a controller is set.</summary>
public sealed record ControllerId(string Controller) : RequirementId(Stage.Bind)
{
    public override string Written => $"controller/{Controller}";
}

/// <summary>What happens when the signal is lost.</summary>
public sealed record FailsafeId() : RequirementId(Stage.Bind)
{
    public override string Written => "bind/failsafe";
}

/// <summary>That the sheet says what should happen then.</summary>
public sealed record FailsafeStatedId() : RequirementId(Stage.Bind)
{
    public override bool OfSheet => true;

    public override string Written => "sheet/failsafe";
}

/// <summary>Which way the surfaces of a function go.</summary>
public sealed record DirectionId(string Function) : RequirementId(Stage.Bind)
{
    public override string Written => $"direction/{Function}";
}

/// <summary>Which way a motor turns.</summary>
public sealed record MotorDirectionId(string Motor) : RequirementId(Stage.Bind)
{
    public override string Written => $"motor-direction/{Motor}";
}

/// <summary>What an output, or a position of a switch, does at one of its positions.</summary>
public sealed record OutputId(string Of, string At) : RequirementId(Stage.Bind)
{
    public override string Written => $"output/{Of}/{At}";
}

/// <summary>What an <see cref="UnknownOutput"/> does.</summary>
public sealed record CalledId(string Output) : RequirementId(Stage.Bind)
{
    public override string Written => $"called/{Output}";
}
