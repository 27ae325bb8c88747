using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>A part of a job that orders its steps otherwise than the sheet: a lead's changes.</summary>
public interface IOrdersSteps
{
    /// <summary>The steps as they are done: added, moved, split, left out. Total; steps it does not know
    /// stay.</summary>
    ImmutableArray<StepSpec> Reordered(ImmutableArray<StepSpec> steps);
}
