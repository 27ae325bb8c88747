using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>A claim as sent, with what came of it.</summary>
public sealed record Claimed(
    string Id,
    int Number,
    string To,
    ImmutableArray<string> Findings,
    ImmutableArray<ClaimedShortage> Shortages,
    string Wish,
    string LetterHash,
    string MailHash,
    Evidence Evidence
)
{
    /// <summary>No mail carries it.</summary>
    public bool ByLetter { get; init; }

    public Evidence? Posted { get; init; }

    /// <summary>On its way to the supplier: a written letter is not.</summary>
    public bool IsSent => !ByLetter || Posted is not null;

    public ClaimAnswer? Answer { get; init; }

    public Evidence? Arrived { get; init; }
}

/// <summary>What a supplier answered, and when parts are due.</summary>
public sealed record ClaimAnswer(ClaimAnswerKind Kind, string Words, DateOnly? PartsDue, Evidence Evidence);
