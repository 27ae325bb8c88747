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
            _ => "receive/ports",
        };
}

/// <summary>Something the owner wants aboard beside the kit.</summary>
public sealed record AddOnId(string Name) : RequirementId(Stage.Receive)
{
    public override string Written => $"add-on/{Name}";
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
