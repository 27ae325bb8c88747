using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Balance;

/// <summary>A weighing, with what was aboard and where when it was made.</summary>
public sealed record WeighingShown(Weighed Weighed, Evidence Evidence)
{
    public Battery? Battery { get; init; }

    public ImmutableSortedDictionary<string, int> Ballast { get; init; } = Ordered.ById<int>();

    public ImmutableList<AddOn> AddOns { get; init; } = [];
}
