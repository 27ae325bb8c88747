using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

/// <summary>
/// What endpoints ask of jobs: the committed state, the instant, the names behind ids. One for each request, which is
/// answered as of one instant.
/// </summary>
internal sealed class JobDesk(
    JournalReader reader,
    ShopStore shop,
    Shop.ShopSettings settings,
    Readable readable,
    TimeProvider clock
)
{
    public DateTimeOffset Now { get; } = clock.GetUtcNow();

    /// <summary>The day it is at the shop.</summary>
    public DateOnly Today => Core.Quantities.ShopDay.Of(settings.Current.TimeZone, Now);

    /// <summary>What the shop glues with.</summary>
    public IReadOnlyList<Core.Sheets.Adhesive> Adhesives => settings.Current.Adhesives;

    public JobSnapshot? Find(string id) => reader.Find(id);

    /// <summary>What a list shows of each job, and which of them cannot be read.</summary>
    public Listing<T> Each<T>(IEnumerable<JobLine> jobs, Func<JobLine, T> make) =>
        readable.Each(jobs, line => line.Job, make);

    /// <summary>The sealed ledger of a released job, else as it stands now.</summary>
    public IReadOnlyList<LedgerLine> Ledger(JobState state) => Core.Journal.Ledger.Shown(state, Now);

    public string CustomerName(JobState state) => CustomerName(state.Receive.CustomerId);

    public string CustomerName(string customer) => shop.Customer(customer)?.Name ?? "(erased)";

    /// <summary>Answers with a view of one job, or that there is no such job.</summary>
    public Results<Ok<T>, ProblemHttpResult> View<T>(string id, Func<JobState, IReadOnlyList<LedgerLine>, T> make) =>
        Find(id) is { } job ? TypedResults.Ok(make(job.State, Ledger(job.State))) : Problems.NotFound($"job {id}");
}
