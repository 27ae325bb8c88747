using Zygotome.Core.Quantities;

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

    /// <summary>Why it was handled before its glue could bear it; empty where nobody did.</summary>
    public string HandledEarly { get; init; } = "";

    /// <summary>The open glue of its joint; null before it is opened, and where nobody ran its times.</summary>
    public GlueRun? Glue { get; init; }

    /// <summary>Since when hands are on it; null while it is paused, and once it is done.</summary>
    public DateTimeOffset? Running { get; init; }

    /// <summary>Whose hands, by id.</summary>
    public string Hands { get; init; } = "";

    /// <summary>How long hands were on it before that.</summary>
    public TimeSpan Worked { get; init; }

    /// <summary>Minutes of hands as somebody put them right; null: as they were recorded.</summary>
    public double? SaidMinutes { get; init; }

    /// <summary>Who else had hands on it, by name; empty where nobody had.</summary>
    public string With { get; init; } = "";

    /// <summary>From which seq on an answer counts: since it was begun, or begun again.</summary>
    public long From { get; init; }

    /// <summary>Minutes of hands on it up to an instant.</summary>
    public double Minutes(DateTimeOffset asOf) =>
        SaidMinutes
        ?? Numbers.Round((Worked + (Running is { } since && asOf > since ? asOf - since : default)).TotalMinutes);

    /// <summary>Hands off at an instant; the same where they are off.</summary>
    public StepProgress Paused(DateTimeOffset at) =>
        Running is { } since
            ? this with
            {
                Running = null,
                Worked = Worked + (at > since ? at - since : default),
            }
            : this;
}
