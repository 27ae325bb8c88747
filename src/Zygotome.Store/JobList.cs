using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.Jobs;
using Zygotome.Core.Unpack;

namespace Zygotome.Store;

/// <summary>A job as the list looks it up. Dates are ISO texts.</summary>
public sealed record ListedJob(
    string Job,
    string Number,
    string Customer,
    string Kit,
    string OrderId,
    string Promised,
    long Released,
    string? ClaimUntil,
    string? PartsDue,
    long Curing,
    string Words
)
{
    public static ListedJob Of(JobState state)
    {
        var r = state.Receive;
        return new ListedJob(
            state.JobId,
            r.Number,
            r.CustomerId,
            state.Sheet.Kit.Name,
            r.Order,
            r.Promised.ToString("yyyy-MM-dd", null),
            state.Released ? 1 : 0,
            r.ClaimUntil is { } until && Claims.Waiting(state) ? until.ToString("yyyy-MM-dd", null) : null,
            Claims.OnTheWay(state).Min(c => c.Answer!.PartsDue)?.ToString("yyyy-MM-dd", null),
            !state.Released && state.Build.Steps.Values.Any(s => s is { Done: not null, HandleAt: not null }) ? 1 : 0,
            $"{state.JobId} {r.Number} {state.Sheet.Kit.Name} {state.Sheet.Kit.Maker} {r.Shelf} {r.Order} {r.Supplier?.Name}".TrimEnd()
        );
    }
}

/// <summary>The projection of all jobs that lists and searches read. Written with the entries it follows from; rebuilt from them at any time.</summary>
public sealed class JobList(Database database)
{
    private const string Columns =
        "job, number, customer, kit, order_id AS orderId, promised, released, claim_until AS claimUntil, parts_due AS partsDue, curing, words";

    /// <summary>Ids, unreleased first by promised date, of at most so many; and how many there are in all.</summary>
    /// <param name="find">Words of job, kit, shelf, order or customer; empty for all.</param>
    public (IReadOnlyList<string> Jobs, long All) Find(string? find, int most)
    {
        using var connection = database.Connect();
        if (FullText.Query(find) is not { } query)
        {
            return string.IsNullOrWhiteSpace(find)
                ? (
                    [
                        .. connection.Query<string>(
                            "SELECT job FROM job_list ORDER BY released, promised, job LIMIT @most",
                            new { most }
                        ),
                    ],
                    connection.ExecuteScalar<long>("SELECT COUNT(*) FROM job_list")
                )
                : ([], 0);
        }

        const string Found = """
            SELECT rowid FROM job_words WHERE job_words MATCH @query
            UNION SELECT j.rowid FROM customer_words w JOIN customer c ON c.rowid = w.rowid JOIN job_list j ON j.customer = c.id WHERE customer_words MATCH @query
            """;
        var jobs = connection
            .Query<string>(
                $"SELECT job FROM job_list WHERE rowid IN ({Found}) ORDER BY released, promised, job LIMIT @most",
                new { query, most }
            )
            .AsList();
        return (
            jobs,
            jobs.Count < most
                ? jobs.Count
                : connection.ExecuteScalar<long>($"SELECT COUNT(*) FROM ({Found})", new { query })
        );
    }

    /// <summary>Jobs with glue on the rail.</summary>
    public IReadOnlyList<string> Curing() => Jobs("SELECT job FROM job_list WHERE curing = 1 ORDER BY job");

    /// <summary>Jobs with something to claim that was not claimed yet, the nearest window first.</summary>
    public IReadOnlyList<string> Claiming() =>
        Jobs("SELECT job FROM job_list WHERE claim_until IS NOT NULL ORDER BY claim_until, job LIMIT 200");

    /// <summary>Jobs that wait for parts a supplier promised, the nearest day first.</summary>
    public IReadOnlyList<string> Awaiting() =>
        Jobs("SELECT job FROM job_list WHERE parts_due IS NOT NULL ORDER BY parts_due, job LIMIT 200");

    /// <summary>Jobs handed over together.</summary>
    public IReadOnlyList<string> InOrder(string order)
    {
        using var connection = database.Connect();
        return
        [
            .. connection.Query<string>(
                "SELECT job FROM job_list WHERE order_id = @order AND order_id <> '' ORDER BY job",
                new { order }
            ),
        ];
    }

    public IReadOnlyList<ListedJob> All()
    {
        using var connection = database.Connect();
        return [.. connection.Query<ListedJob>($"SELECT {Columns} FROM job_list ORDER BY job")];
    }

    /// <summary>Makes every row anew from the journal, in batches; for a file written before there was a list.</summary>
    public void Rebuild(JournalReader reader)
    {
        using var connection = database.Connect();
        using var transaction = connection.BeginTransaction();
        connection.Execute("DELETE FROM job_list");
        foreach (var id in reader.JobIds())
        {
            Put(connection, ListedJob.Of(reader.Find(id)!.State));
        }

        transaction.Commit();
    }

    /// <summary>Whether there are journals without a row.</summary>
    public bool IsBehind()
    {
        using var connection = database.Connect();
        return connection.ExecuteScalar<long>(
                "SELECT (SELECT COUNT(*) FROM journal WHERE seq = 1) - (SELECT COUNT(*) FROM job_list)"
            ) != 0;
    }

    internal static void Put(SqliteConnection connection, ListedJob row) =>
        connection.Execute(
            """
            INSERT INTO job_list (job, number, customer, kit, order_id, promised, released, claim_until, parts_due, curing, words)
            VALUES (@Job, @Number, @Customer, @Kit, @OrderId, @Promised, @Released, @ClaimUntil, @PartsDue, @Curing, @Words)
            ON CONFLICT (job) DO UPDATE SET number = @Number, customer = @Customer, kit = @Kit, order_id = @OrderId, promised = @Promised, released = @Released, claim_until = @ClaimUntil, parts_due = @PartsDue, curing = @Curing, words = @Words
            """,
            row
        );

    private IReadOnlyList<string> Jobs(string sql)
    {
        using var connection = database.Connect();
        return [.. connection.Query<string>(sql)];
    }
}
