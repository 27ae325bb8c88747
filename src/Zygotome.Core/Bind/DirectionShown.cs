using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <param name="Seen">By surface.</param>
public sealed record DirectionShown(ImmutableSortedDictionary<string, Movement> Seen, Evidence Evidence);
