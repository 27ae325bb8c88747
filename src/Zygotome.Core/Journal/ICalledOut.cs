using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>What was called out and answered as it must, for whoever put something under it back. Total.</summary>
public interface ICalledOut
{
    /// <summary>Commands of these surfaces that nobody saw answered as they must after an entry of this
    /// number.</summary>
    ImmutableArray<string> NotSince(SpecSheet sheet, IEnumerable<Surface> surfaces, long seq);
}
