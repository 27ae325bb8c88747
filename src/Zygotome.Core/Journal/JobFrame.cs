using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>
/// What few entries change of a job, apart from what most do, so that the next state of a job is a small copy.
/// <see cref="JobState"/> says what each of it is.
/// </summary>
internal sealed record JobFrame(StageSet Stages, SpecSheet Filed)
{
    public required SpecSheet Sheet { get; init; }
    public required SpecSheet Built { get; init; }
    public ImmutableSortedDictionary<string, SpecSheet> Revisions { get; init; } = Ordered.ById<SpecSheet>();
    public ImmutableSortedDictionary<string, SheetConfirmation> Confirmations { get; init; } =
        Ordered.ById<SheetConfirmation>();
    public string JobId { get; init; } = "";
    public Evidence? Opening { get; init; }
    public ShopRules Rules { get; init; } = ShopRules.Default;
    public ImmutableSortedDictionary<string, SchoolAnswer> Schools { get; init; } = Ordered.ById<SchoolAnswer>();
    public ImmutableSortedDictionary<string, string> Options { get; init; } = Ordered.ById<string>();
    public ImmutableSortedDictionary<string, GivenValue> Given { get; init; } = Ordered.ById<GivenValue>();
    public ImmutableSortedDictionary<string, Concession> Concessions { get; init; } = Ordered.ById<Concession>();
    public Release? Release { get; init; }
    public Log<Release> Releases { get; init; } = [];
    public Log<Retraction> Retracted { get; init; } = [];
    public ImmutableSortedDictionary<string, long> AskedAnew { get; init; } = Ordered.ById<long>();
    public Log<string> Unsupported { get; init; } = [];
    public Log<string> Unknown { get; init; } = [];
}
