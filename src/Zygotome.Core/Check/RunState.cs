using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Check;

/// <summary>
/// The run of calls: one person, one look, one call after the other, nothing between that changes what was called. It
/// breaks at a wrong answer, at none, at a pause of ten minutes; then all are called again.
/// </summary>
public sealed record RunState
{
    /// <summary>How many were seen as expected, one after the other, in the run that is under way.</summary>
    public int Done { get; init; }

    /// <summary>The first answer of the run under way; null while none is.</summary>
    public Evidence? First { get; init; }

    /// <summary>The last of it.</summary>
    public Evidence? Last { get; init; }

    /// <summary>The answer that broke it last, until a whole run was made after it.</summary>
    public CalledOut? Broke { get; init; }

    public Evidence? BrokeEvidence { get; init; }

    /// <summary>The calls of the last whole run, in order, by their ids; empty before there was one.</summary>
    public ImmutableArray<string> Whole { get; init; } = [];

    /// <summary>The last answer of it.</summary>
    public Evidence? WholeEvidence { get; init; }

    /// <summary>Which call is due if this entry is recorded now: the first, where the run under way is over.</summary>
    public int Due(JobState state, Entry entry) =>
        First is { } first
        && Last is { } last
        && first.Entry.Look == entry.Look
        && first.By.Id == entry.By.Id
        && entry.RecordedAt - last.RecordedAt <= SafetyState.Idle
        && CallOut.RestsOn(state.Sheet).Cause(state, first) is null
            ? Done
            : 0;

    /// <summary>With one answer more.</summary>
    internal RunState With(JobState state, Entry entry, CalledOut called)
    {
        var calls = CallOut.Of(state.Sheet);
        var due = Due(state, entry);
        var evidence = Evidence.Of(entry);
        if (called.Answer != CalledAnswer.AsExpected || due >= calls.Length || calls[due].Id != called.Call)
        {
            return this with { Done = 0, First = null, Last = null, Broke = called, BrokeEvidence = evidence };
        }

        var whole = due + 1 == calls.Length;
        return this with
        {
            Done = whole ? 0 : due + 1,
            First =
                whole ? null
                : due == 0 ? evidence
                : First,
            Last = whole ? null : evidence,
            Broke = whole ? null : Broke,
            BrokeEvidence = whole ? null : BrokeEvidence,
            Whole = whole ? [.. calls.Select(c => c.Id)] : Whole,
            WholeEvidence = whole ? evidence : WholeEvidence,
        };
    }
}
