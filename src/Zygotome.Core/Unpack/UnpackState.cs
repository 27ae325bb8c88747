using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>What was in the box and how it was.</summary>
public sealed record UnpackState : IAddsSteps, IFollowsSheet, IPartsInHand, IRepairs
{
    public ImmutableSortedDictionary<string, Evidence> Papers { get; init; } = Ordered.ById<Evidence>();

    /// <summary>Good parts in hand, by part id.</summary>
    public ImmutableSortedDictionary<string, int> Present { get; init; } = Ordered.ById<int>();

    /// <summary>Parts that are there but wrong, by part id.</summary>
    public ImmutableSortedDictionary<string, int> Wrong { get; init; } = Ordered.ById<int>();

    /// <summary>Things in the box that are on no list.</summary>
    public ImmutableList<(string Name, int Quantity)> Extra { get; init; } = [];

    /// <summary>Bags that somebody says are counted: what is not there then is missing.</summary>
    public ImmutableSortedDictionary<string, Evidence> CountedBags { get; init; } = Ordered.ById<Evidence>();

    public ImmutableList<Finding> Findings { get; init; } = [];

    /// <summary>
    /// How many findings were ever raised. A tag tied to the aircraft keeps its number when another is retracted.
    /// </summary>
    public int Raised { get; init; }

    /// <summary>Where the numbers of a missing paper come from.</summary>
    public ImmutableSortedDictionary<string, string> PaperSources { get; init; } = Ordered.ById<string>();

    /// <summary>Pictures of papers, by paper.</summary>
    public ImmutableSortedDictionary<string, ImmutableList<PhotoKept>> PaperPhotos { get; init; } =
        Ordered.ById<ImmutableList<PhotoKept>>();

    public ImmutableList<Substitute> Substitutes { get; init; } = [];

    /// <summary>Answered points of the inspection walk, by point.</summary>
    public ImmutableSortedDictionary<string, WalkAnswered> Walk { get; init; } = Ordered.ById<WalkAnswered>();

    public ImmutableList<Claimed> Claims { get; init; } = [];

    /// <summary>What this job proposed to put right in the manual.</summary>
    public ImmutableList<Erratum> Errata { get; init; } = [];

    IEnumerable<StepSpec> IAddsSteps.Steps(SpecSheet built) =>
        Findings.Where(f => f.NeedsStep).Select(f => RepairSteps.Of(built, f));

    // A bag whose list changed is counted again.
    object IFollowsSheet.Moved(SpecSheet from, SpecSheet to) =>
        this with
        {
            CountedBags = CountedBags.RemoveRange(
                to.Parts.Where(p =>
                        from.Part(p.Id) is not { } was
                        || was.Quantity != p.Quantity
                        || was.Bag != p.Bag
                        || was.Fastener != p.Fastener
                    )
                    .Select(p => p.Bag)
            ),
        };

    int IPartsInHand.Left(JobState state, StepSpec step, string part) => Counting.Left(state, step, part);

    int IPartsInHand.Spare(JobState state, string part) => Counting.Free(state, part);

    bool IPartsInHand.IsCounted(string bag) => CountedBags.ContainsKey(bag);

    IEnumerable<RepairGlued> IRepairs.Glued =>
        Findings
            .Where(f => f.Repair?.HandleAt is not null)
            .Select(f => new RepairGlued(f.Tag, f.Place, f.Repair!.HandleAt!.Value));

    IEnumerable<string> IRepairs.Keeps(JobState state, StepSpec step) => Drying.Keeps(state, step);

    JobState IRepairs.Made(JobState state, Entry entry, StepSpec step, string how, Mass? grams) =>
        Find(step.Repairs) is not { } finding
            ? state
            : RepairSteps.Made(state, entry, finding, how, RepairGlue.Of(state.Progress(step.Id)), grams);

    IRepairs IRepairs.Undone(string finding) =>
        Find(finding) is { } f ? With(f with { Repair = null, Sound = false, Reinspection = null }) : this;

    IRepairs IRepairs.CanBeHandled(string finding, DateTimeOffset? at) =>
        Find(finding) is { Repair: { } repair } f ? With(f with { Repair = repair with { HandleAt = at } }) : this;

    bool IRepairs.IsRepair(StepSpec step) => Find(step.Repairs) is not null;

    /// <summary>How many of a part were counted; 0 before.</summary>
    public int CountOf(string part) => Present.GetValueOrDefault(part);

    /// <summary>The finding of this id; null when there is none.</summary>
    public Finding? Find(string id) => Findings.FirstOrDefault(f => f.Id == id);

    /// <summary>What was decided or mended stays found, and decided.</summary>
    internal static Refusal? ActedOn(Finding finding) =>
        new(
            "retract/acted-on",
            $"{finding.Tag} was acted on: say what is so now, and have it re-inspected.",
            "body.entry"
        );

    /// <summary>With this finding in the place of the one of its id.</summary>
    public UnpackState With(Finding finding) =>
        this with
        {
            Findings = Findings.SetItem(Findings.FindIndex(f => f.Id == finding.Id), finding),
        };
}
