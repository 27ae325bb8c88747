using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>The stages of a job put together, in the order of the work. Put together once, at the root.</summary>
public sealed class StageSet
{
    private readonly ImmutableArray<IStage> _stages;

    /// <param name="common">Kinds of entry that belong to no stage.</param>
    /// <param name="parts">What a job holds beside the stages' own.</param>
    public StageSet(IEnumerable<IStage> stages, IEnumerable<EntryKind> common, IEnumerable<object> parts)
    {
        _stages = [.. stages.OrderBy(s => s.Stage)];
        Kinds = new EntryKinds([.. _stages.SelectMany(s => s.Kinds), .. common]);
        Initial = [.. _stages.Select(s => s.Initial).OfType<object>(), .. parts];
    }

    public EntryKinds Kinds { get; }

    /// <summary>What a job holds before its first entry, each of a type of its own.</summary>
    internal ImmutableArray<object> Initial { get; }

    /// <summary>Every stage's claims, in the order of the work; none before the kit has come in.</summary>
    public IEnumerable<Claim> Claims(JobState state, DateTimeOffset asOf) =>
        state.Opened ? _stages.SelectMany(s => s.Claims(state, asOf)) : [];

    /// <summary>Every value the ledger needs and the maker does not state, still open, in the order of the stages.</summary>
    public IEnumerable<SheetGap> Gaps(SpecSheet sheet, ShopRules rules) =>
        _stages.SelectMany(s => s.Gaps(sheet, rules));

    /// <summary>Whether a sheet ties what a line asks about to something that moves.</summary>
    public bool Ties(SpecSheet sheet, string line) => _stages.Any(s => s.Ties(sheet, line));
}
