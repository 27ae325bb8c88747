using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>A repair with glue in it: of which finding, where, and when it can be handled.</summary>
public sealed record RepairGlued(string Tag, string Place, DateTimeOffset HandleAt);

/// <summary>Repairs, as the steps that make them see them; a step names its finding in <c>Repairs</c>. Total.</summary>
public interface IRepairs
{
    /// <summary>Whether a step of the job is one of a repair.</summary>
    bool IsRepair(StepSpec step);

    IEnumerable<RepairGlued> Glued { get; }

    /// <summary>What of the findings a step waits for, as people say it.</summary>
    IEnumerable<string> Keeps(JobState state, StepSpec step);

    /// <summary>The job after its step made the repair; its glue is what the step's progress says.</summary>
    /// <param name="grams">What it added; null where nobody said.</param>
    JobState Made(JobState state, Entry entry, StepSpec step, string how, Mass? grams);

    /// <summary>The step is not done after all.</summary>
    IRepairs Undone(string finding);

    /// <summary>Its glue can be handled at another instant.</summary>
    IRepairs CanBeHandled(string finding, DateTimeOffset? at);
}
