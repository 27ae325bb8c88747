using System.Collections.Frozen;
using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>The stages of a job put together, in the order of the work. Put together once, at the root.</summary>
public sealed class StageSet
{
    private readonly ImmutableArray<IStage> _stages;
    private readonly ImmutableArray<EntryKind> _common;
    private readonly ImmutableArray<object> _parts;
    private readonly FrozenDictionary<Type, int> _places;

    /// <param name="stages">At most one of each of the ten, in any order.</param>
    /// <param name="common">Kinds of entry that belong to no stage.</param>
    /// <param name="parts">What a job holds beside the stages' own, each of a type of its own.</param>
    public StageSet(IEnumerable<IStage> stages, IEnumerable<EntryKind> common, IEnumerable<object> parts)
    {
        _stages = [.. stages.OrderBy(s => s.Stage)];
        _common = [.. common];
        _parts = [.. parts];
        Kinds = new EntryKinds([.. _stages.SelectMany(s => s.Kinds), .. _common]);
        Initial = [.. _stages.Select(s => s.Initial).OfType<object>(), .. _parts];
        _places = Initial
            .SelectMany(
                (part, at) => part.GetType().GetInterfaces().Append(part.GetType()).Select(t => (Type: t, At: at))
            )
            .DistinctBy(p => p.Type)
            .ToFrozenDictionary(p => p.Type, p => p.At);
        Hearing = [.. Initial.Select((part, at) => (part, at)).Where(p => p.part is IHears).Select(p => p.at)];
    }

    /// <summary>Every kind of entry, by stage.</summary>
    public EntryKinds Kinds { get; }

    /// <summary>The stage whose list a kind stands in; null of those that belong to none.</summary>
    public Stage? StageOf(EntryKind kind) => _stages.FirstOrDefault(s => s.Kinds.Contains(kind))?.Stage;

    /// <summary>What a job holds before its first entry, each of a type of its own.</summary>
    internal ImmutableArray<object> Initial { get; }

    /// <summary>Where those lie that every entry is told to.</summary>
    internal ImmutableArray<int> Hearing { get; }

    /// <summary>Where the part lies that is of this type; of an interface that several are, the first.</summary>
    /// <exception cref="InvalidOperationException">None is: the stage that holds it is not at the root.</exception>
    internal int PlaceOf(Type type) =>
        _places.TryGetValue(type, out var at)
            ? at
            : throw new InvalidOperationException($"No stage at the root holds {type.Name} of a job.");

    /// <summary>The same with another stage under one of the ten names.</summary>
    public StageSet With(IStage stage) => new([.. _stages.Where(s => s.Stage != stage.Stage), stage], _common, _parts);

    /// <summary>Every stage's requirements, in the order of the work; none before the kit has come in.</summary>
    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        state.Opened ? _stages.SelectMany(s => s.Requirements(state, asOf)) : [];

    /// <summary>
    /// Every value the ledger needs and the maker does not state, still open, in the order of the stages.
    /// </summary>
    public IEnumerable<SheetGap> Gaps(SpecSheet sheet, ShopRules rules) =>
        _stages.SelectMany(s => s.Gaps(sheet, rules));

    /// <summary>Whether a sheet ties what a line asks about to something that moves.</summary>
    public bool Ties(SpecSheet sheet, RequirementId line) => _stages.Any(s => s.Ties(sheet, line));
}
