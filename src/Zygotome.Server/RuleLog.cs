using Zygotome.Store;

namespace Zygotome.Server;

/// <summary>
/// Writes down each rule that threw: a mistake of ours that refused somebody's post or left a job unlisted.
/// </summary>
internal sealed partial class RuleLog
{
    private readonly ILogger<RuleLog> _log;

    public RuleLog(JournalWriter writer, JobList list, ILogger<RuleLog> log)
    {
        _log = log;
        writer.RuleFailed += Failed;
        list.Failed += (job, e) => NotListed($"of job {job}", e);
    }

    [LoggerMessage(LogLevel.Error, "A rule failed on what was recorded of job {Job}; the post was refused.")]
    private partial void Failed(string job, Exception e);

    [LoggerMessage(LogLevel.Error, "The row {OfWhat} in the list could not be made.")]
    public partial void NotListed(string ofWhat, Exception e);
}
