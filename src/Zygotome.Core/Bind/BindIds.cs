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

/// <summary>That the stabiliser came awake.</summary>
public sealed record StabiliserAwakeId() : RequirementId(Stage.Bind)
{
    public override string Written => "stabiliser/awake";
}

/// <summary>That it is told of the surfaces that are wired.</summary>
public sealed record StabiliserCountId() : RequirementId(Stage.Bind)
{
    public override string Written => "stabiliser/count";
}

/// <summary>What it does at one <see cref="StabiliserCall"/>.</summary>
public sealed record StabiliserCallId(string Call) : RequirementId(Stage.Bind)
{
    public override string Written => $"stabiliser/answers/{Call}";
}

/// <summary>By what one of its modes is told.</summary>
public sealed record StabiliserModeId(string Mode) : RequirementId(Stage.Bind)
{
    public override string Written => $"stabiliser/mode/{Mode}";
}

/// <summary>Which switch a <see cref="SwitchUse"/> is on.</summary>
public sealed record SwitchId(string Use) : RequirementId(Stage.Bind)
{
    public override string Written => $"switch/{Use}";
}

/// <summary>A position of a switch as a whole.</summary>
public sealed record SwitchWholeId(string Switch, SwitchAt At) : RequirementId(Stage.Bind)
{
    public override string Written => $"switched/{Switch}/{BindWords.Of(At)}";
}

/// <summary>Both ends of a channel.</summary>
public sealed record EndsId(string Channel) : RequirementId(Stage.Bind)
{
    public override string Written => $"ends/{Channel}";
}

/// <summary>What goes in and out, time after time.</summary>
public sealed record CyclesId(string Output) : RequirementId(Stage.Bind)
{
    public override string Written => $"cycles/{Output}";
}

/// <summary>That an alarm is heard.</summary>
public sealed record AlarmId(AlarmKind Alarm) : RequirementId(Stage.Bind)
{
    public override string Written => $"alarm/{BindWords.Of(Alarm)}";
}

/// <summary>That the set-up card is keyed.</summary>
public sealed record CardId() : RequirementId(Stage.Bind)
{
    public override string Written => "bind/card";
}

/// <summary>Which way the surfaces of a function go with the stabiliser by-passed.</summary>
public sealed record WithoutId(string Function) : RequirementId(Stage.Bind)
{
    public override string Written => $"stabiliser/without/{Function}";
}
