using System.Text.Json;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;

namespace Zygotome.Store;

/// <summary>What a job is looked up by. Dates are ISO texts.</summary>
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
);

/// <summary>What the list says of a job.</summary>
/// <param name="Seq">The seq of the job it was made of.</param>
/// <param name="MadeBy">The program that made it: another may make something else of the same journal.</param>
/// <param name="Facts">As JSON; null when the job cannot be read and <paramref name="Unreadable"/> says why.</param>
public sealed record KeptFacts(string Job, long Seq, string MadeBy, string? Facts, string? Unreadable)
{
    internal static readonly string Program = typeof(JobFacts).Assembly.ManifestModule.ModuleVersionId.ToString("N");

    /// <summary>The line of the list, or null where it is to be made anew: another program's, or over by now.</summary>
    internal JobLine? LineAt(DateTimeOffset now) =>
        MadeBy != Program ? null
        : Facts is null ? new JobLine(Job, null, Unreadable ?? "")
        : JsonSerializer.Deserialize<JobFacts>(Facts, EntryJson.Lenient) is { } facts && facts.HoldsAt(now)
            ? new JobLine(Job, facts, "")
        : null;
}

/// <summary>A job as a list reads it.</summary>
public sealed record JobLine(string Job, JobFacts? Known, string Why)
{
    /// <exception cref="UnreadableJobException">The job is on file, but nothing can be said of it.</exception>
    public JobFacts Facts => Known ?? throw new UnreadableJobException(Job, Why);
}

/// <summary>Both, as made of one state.</summary>
internal sealed record JobRow(ListedJob Listed, KeptFacts Kept)
{
    public static JobRow Of(JobState state, DateTimeOffset asOf)
    {
        var facts = JobFacts.Of(state, asOf);
        var r = state.Receive;
        var listed = new ListedJob(
            Job: state.JobId,
            Number: facts.Number,
            Customer: facts.CustomerId,
            Kit: facts.Kit,
            OrderId: r.Order,
            Promised: Iso(facts.Promised)!,
            Released: facts.Released ? 1 : 0,
            ClaimUntil: Iso(facts.Claim?.Until),
            PartsDue: Iso(facts.OnTheWay.Select(p => (DateOnly?)p.Due).Min()),
            Curing: facts.Cures.IsEmpty ? 0 : 1,
            Words: (
                $"{state.JobId} {r.Number} {facts.Kit} {state.Sheet.Kit.Maker} {r.Shelf} {r.Order} "
                + $"{r.Supplier?.Name}"
            ).TrimEnd()
        );
        var json = JsonSerializer.Serialize(facts, EntryJson.Lenient);
        return new JobRow(listed, new KeptFacts(state.JobId, state.Seq, KeptFacts.Program, json, null));
    }

    /// <summary>A job that cannot be read has a row under its id, so that it is found and said.</summary>
    public static JobRow Broken(string job, long seq, string why) =>
        new(
            new ListedJob(
                Job: job,
                Number: job,
                Customer: "",
                Kit: "",
                OrderId: "",
                Promised: "",
                Released: 0,
                ClaimUntil: null,
                PartsDue: null,
                Curing: 0,
                Words: job
            ),
            new KeptFacts(job, seq, KeptFacts.Program, null, why)
        );

    private static string? Iso(DateOnly? day) => day?.ToString("yyyy-MM-dd", null);
}
