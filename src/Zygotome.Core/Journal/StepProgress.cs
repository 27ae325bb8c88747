namespace Zygotome.Core.Journal;

/// <summary>How far a step has got. Holds instants: whether a joint is still curing depends on when one asks.</summary>
public sealed record StepProgress(
    Evidence Started,
    Evidence? Done,
    string Adhesive,
    DateTimeOffset? HandleAt,
    DateTimeOffset? FullAt
)
{
    /// <summary>When its glue was closed; null without glue.</summary>
    public DateTimeOffset? CuresFrom { get; init; }

    /// <summary>What its glue does to the joint, and why it was used; empty of glue that does no harm.</summary>
    public string Harm { get; init; } = "";

    /// <summary>Whether somebody tapped "handled" when the joint could be handled.</summary>
    public bool Handled { get; init; }
}
