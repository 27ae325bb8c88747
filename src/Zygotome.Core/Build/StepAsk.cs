using Zygotome.Core.Journal;
using Zygotome.Core.Sheets.MarkOut;
using Zygotome.Core.Sheets.Trueness;

namespace Zygotome.Core.Build;

/// <summary>When a step asks something.</summary>
public enum AskWhen
{
    /// <summary>With the parts in hand, before adhesive or screw.</summary>
    Dry,

    /// <summary>While it may still move: before the glue sets.</summary>
    Open,

    /// <summary>Before it is called done.</summary>
    Closing,

    /// <summary>Once it is done, of a joint once its glue can be handled. A line of the ledger.</summary>
    Cured,
}

/// <summary>How it is answered.</summary>
public enum AskHow
{
    /// <summary>Yes, or not yet.</summary>
    Tick,

    /// <summary>In words: how the first side was done.</summary>
    Note,

    /// <summary>The same as the first side, or what differs.</summary>
    Same,

    /// <summary>By what is measured: how true it stands.</summary>
    Read,

    /// <summary>By what is measured: where a mark was drawn.</summary>
    Mark,
}

/// <summary>One thing that a step asks of whoever does it.</summary>
/// <param name="Id">Within its step: <c>orientation</c>, <c>clear/1</c>.</param>
/// <param name="Words">The question, as it is asked at the bench.</param>
/// <param name="Why">What goes wrong otherwise; empty where the question says it.</param>
public sealed record StepAsk(string Id, AskWhen When, AskHow How, string Words, string Why)
{
    /// <summary>One that is answered with yes, or not yet.</summary>
    internal static StepAsk Tick(string id, AskWhen when, string words, string why = "") =>
        new(id, when, AskHow.Tick, words, why);

    /// <summary>Seconds to wait after it before the next.</summary>
    public double Wait { get; init; }

    /// <summary>Something that moves: not free of it is a finding.</summary>
    public bool Moves { get; init; }

    /// <summary>What is read, of one that is measured.</summary>
    public Truth? Truth { get; init; }

    /// <summary>What is marked out, of a mark.</summary>
    public Mark? Mark { get; init; }

    /// <summary>Answered by an instrument, not by a tick.</summary>
    public bool IsMeasured => Truth is not null || Mark is not null;
}

/// <summary>What was answered, and by which entry.</summary>
public sealed record StepAnswer(bool Right, string Note, Evidence Evidence);
