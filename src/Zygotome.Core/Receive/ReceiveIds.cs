using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>What is judged at the counter.</summary>
public enum CounterAsk
{
    PackFits,
    PackSuits,
    Ports,
    PackSound,
    Protocol,
    PacksTogether,
}

/// <summary>What is judged at the counter, of what was handed in.</summary>
public sealed record CounterId(CounterAsk Of) : RequirementId(Stage.Receive)
{
    public override string Written =>
        Of switch
        {
            CounterAsk.PackFits => "receive/pack-fits",
            CounterAsk.PackSuits => "receive/pack-suits",
            CounterAsk.PackSound => "receive/pack-sound",
            CounterAsk.Protocol => "receive/protocol",
            CounterAsk.PacksTogether => "receive/packs-together",
            _ => "receive/ports",
        };
}

/// <summary>Something the owner wants aboard beside the kit.</summary>
public sealed record AddOnId(string Name) : RequirementId(Stage.Receive)
{
    public override string Written => $"add-on/{Name}";
}

/// <summary>A servo that takes the place of the kit's own.</summary>
/// <param name="Servo">The sheet's id of its servo.</param>
public sealed record ServoId(string Servo) : RequirementId(Stage.Receive)
{
    public override string Written => $"receive/servo/{Servo}";
}

/// <summary>What drives a motor's propeller, chosen apart from the kit.</summary>
/// <param name="Motor">The sheet's id of its motor.</param>
public sealed record DriveId(string Motor) : RequirementId(Stage.Receive)
{
    public override string Written => $"receive/drive/{Motor}";
}

/// <summary>How the owner carries it, where steps hang on it.</summary>
public sealed record CarriedId() : RequirementId(Stage.Receive)
{
    public override bool OfSheet => true;

    public override string Written => "receive/carried";
}

/// <summary>As what the kit is built.</summary>
public sealed record OptionId(string Option) : RequirementId(Stage.Receive)
{
    public override bool OfSheet => true;

    public override string Written => $"receive/option/{Option}";
}

/// <summary>That a lead looked through the revision.</summary>
public sealed record SheetConfirmedId() : RequirementId(Stage.Receive)
{
    public override bool OfSheet => true;

    public override string Written => "sheet/confirmed";
}

/// <summary>A mistake of the sheet's file, at its JSON path.</summary>
public sealed record SheetMistakeId(string Path) : RequirementId(Stage.Receive)
{
    public override bool OfSheet => true;

    public override string Written => $"sheet/mistake/{Path}";
}

/// <summary>Something that every sheet has to speak of, if only to say that there is none.</summary>
/// <param name="List">The list it would stand in, such as <c>power.motors</c>.</param>
public sealed record SilentId(string List) : RequirementId(Stage.Receive)
{
    public override bool OfSheet => true;

    public override string Written => $"sheet/silent/{List}";
}

/// <summary>Assumed values of a section.</summary>
public sealed record AssumedId(string Section) : RequirementId(Stage.Receive)
{
    public override bool OfSheet => true;

    public override string Written => $"sheet/assumed/{Section}";
}

/// <summary>Two statements at a JSON path, and nobody decided.</summary>
public sealed record UndecidedId(string Path) : RequirementId(Stage.Receive)
{
    public override bool OfSheet => true;

    public override string Written => $"sheet/undecided/{Path}";
}
