using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>
/// A stage of the work: the entries it takes, what it holds of a job, and what it asks to be shown before release. A
/// new stage is one of these in a folder of its own and a line at the root, <c>Job/Stages.cs</c>.
/// </summary>
public interface IStage
{
    Stage Stage { get; }

    /// <summary>Its kinds of entry, each named <c>stage/name</c>.</summary>
    IReadOnlyList<EntryKind> Kinds { get; }

    /// <summary>
    /// What it holds of a job before the first entry: an immutable value of a type of its own, by which it is found
    /// again; null where it holds nothing.
    /// </summary>
    object? Initial { get; }

    /// <summary>
    /// Its requirements in their order, and how each stands. A pure function of state and instant; total on whatever a
    /// journal holds.
    /// </summary>
    IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf);

    /// <summary>
    /// What it cannot judge because the sheet does not say it in the maker's name; a lead gives a value.
    /// </summary>
    IEnumerable<SheetGap> Gaps(SpecSheet sheet, ShopRules rules) => [];

    /// <summary>
    /// Whether a sheet ties what this line asks about to something that moves, so that it is asked for there instead.
    /// </summary>
    bool Ties(SpecSheet sheet, RequirementId line) => false;
}
