using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>
/// The glue of a joint from the moment it is open: which, how warm the bench was, and what was done with it. Holds
/// instants of the server's clock.
/// </summary>
/// <param name="Plan">What is to be done, in its order.</param>
/// <param name="Acts">When each act of the plan was done, as far as it has got.</param>
public sealed record GlueRun(
    Adhesive Adhesive,
    double Celsius,
    DateTimeOffset OpenedAt,
    ImmutableArray<GlueStep> Plan,
    ImmutableArray<DateTimeOffset> Acts
)
{
    /// <summary>The seq at which it was opened: what was asked before is asked of this joint anew.</summary>
    public required long Seq { get; init; }

    /// <summary>What it does to the joint, and why it was used; empty of glue that does no harm.</summary>
    public string Harm { get; init; } = "";

    /// <summary>Why it was pressed or let go against its times; empty where it was not.</summary>
    public string Doubt { get; init; } = "";

    /// <summary>What is done next; null once all is.</summary>
    public GlueStep? Next => Acts.Length < Plan.Length ? Plan[Acts.Length] : null;

    /// <summary>When the next act is due at the earliest.</summary>
    public DateTimeOffset? Due => Next is { } next ? Curing.After(Since, next.After / 60) : null;

    /// <summary>When it can be worked no longer; runs on whatever else is opened.</summary>
    public DateTimeOffset WorkableUntil =>
        Curing.After(OpenedAt, Adhesive.Working(Celsius) + (HasWait ? Adhesive.Wait() : 0));

    /// <summary>When its faces last met; null before.</summary>
    public DateTimeOffset? ClosedAt
    {
        get
        {
            var at = Plan.Take(Acts.Length)
                .ToList()
                .FindLastIndex(s => s.Act is GlueAct.Pressed or GlueAct.PressedAgain);
            return at < 0 ? null : Acts[at];
        }
    }

    /// <summary>Whether its faces meet for good.</summary>
    public bool IsClosed => Next is null or { Act: GlueAct.LetGo };

    /// <summary>When what is done now began.</summary>
    public DateTimeOffset Since => Acts.Length > 0 ? Acts[^1] : OpenedAt;

    // Coats that dry before they meet are worked from then on.
    private bool HasWait => Plan.Any(s => s.Meanwhile == "wait");
}
