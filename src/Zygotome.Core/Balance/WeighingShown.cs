using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Balance;

/// <summary>A weighing, with what was aboard and where when it was made.</summary>
public sealed record WeighingShown(Weighed Weighed, Evidence Evidence)
{
    public Battery? Battery { get; init; }

    public ImmutableSortedDictionary<string, int> Ballast { get; init; } =
        ImmutableSortedDictionary.Create<string, int>(StringComparer.Ordinal);

    public ImmutableList<AddOn> AddOns { get; init; } = [];
}
