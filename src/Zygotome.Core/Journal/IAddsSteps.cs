using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>A part of a job that adds steps to its sheet, such as repairs; in their order.</summary>
public interface IAddsSteps
{
    /// <summary>To be done after those of the sheet.</summary>
    IEnumerable<StepSpec> Steps(SpecSheet built);
}
