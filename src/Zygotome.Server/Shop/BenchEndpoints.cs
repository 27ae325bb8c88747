using Zygotome.Core.Build;
using Zygotome.Core.Job;
using Zygotome.Server.Stages;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>A claim window that runs. <paramref name="DaysLeft"/> is negative when it is over.</summary>
public sealed record ClaimLine(
    string Job,
    string Number,
    string Kit,
    string To,
    DateOnly Until,
    int DaysLeft,
    IReadOnlyList<string> What
);

/// <summary>Parts that a supplier promised.</summary>
public sealed record PartsLine(
    string Job,
    string Number,
    string Kit,
    string To,
    DateOnly? Due,
    bool Late,
    IReadOnlyList<string> What
);

public sealed record NextLine(
    string Job,
    string Number,
    string Kit,
    string Stage,
    string StageTitle,
    string Holds,
    DateOnly Promised,
    bool Late
);

/// <summary>
/// What is next at the bench: claims before their window closes, parts on the way, and what holds each job up.
/// </summary>
public sealed record BenchView(
    DateOnly Today,
    IReadOnlyList<ClaimLine> Claims,
    IReadOnlyList<PartsLine> Parts,
    IReadOnlyList<NextLine> Next,
    IReadOnlyList<UnreadableView> Unreadable
);

internal static class BenchEndpoints
{
    private const int Most = 12;

    public static void MapBench(this IEndpointRouteBuilder app)
    {
        app.MapGet("/api/bench", (JobDesk desk, JobList list) => View(desk, list));
        app.MapGet(
            "/api/bench/cures",
            (JobDesk desk, JobList list, string? job = null) => Cures(desk, list, job ?? "")
        );
    }

    // A job's own come first, and what fills its wait is its own work before another's.
    private static CuresView Cures(JobDesk desk, JobList list, string job)
    {
        var curing = desk.Each(list.Curing(), line => (line.Job, line.Facts)).Made.ToArray();
        Cure[] cures =
        [
            .. curing
                .SelectMany(c => c.Facts.Cures)
                .Where(c => c.OnTheRail(desk.Now))
                .OrderByDescending(c => c.JobId == job)
                .ThenBy(c => c.HandleAt),
        ];
        var wait = (cures.FirstOrDefault(c => c.HandleAt > desk.Now)?.HandleAt - desk.Now)?.TotalMinutes ?? 0;
        var meanwhile = curing
            .OrderByDescending(c => c.Job == job)
            .Select(c => (c.Job, Work: Work.Filling(c.Facts.CanStart, wait)))
            .FirstOrDefault(c => c.Work is not null);
        return new CuresView(
            desk.Now,
            cures,
            meanwhile.Work is { } work ? new MeanwhileView(meanwhile.Job, work.Title, work.Minutes) : null
        );
    }

    private static BenchView View(JobDesk desk, JobList list)
    {
        var today = desk.Today;
        var claims = desk.Each(list.Claiming(), line => Claim(line, today));
        var parts = desk.Each(list.Awaiting(), line => Parts(line, today));
        var next = desk.Each(
            list.Find(null, Most).Jobs,
            line => line.Facts.Released ? null : Next(line, desk.Now, today)
        );
        return new BenchView(
            today,
            [.. claims.Made.OfType<ClaimLine>()],
            [.. parts.Made.SelectMany(p => p)],
            [.. next.Made.OfType<NextLine>()],
            [.. claims.Unreadable.Concat(parts.Unreadable).Concat(next.Unreadable).DistinctBy(u => u.Id)]
        );
    }

    private static PartsLine[] Parts(JobLine line, DateOnly today) =>
        [
            .. line.Facts.OnTheWay.Select(p => new PartsLine(
                Job: line.Job,
                Number: line.Facts.Number,
                Kit: line.Facts.Kit,
                To: p.To,
                Due: p.Due,
                Late: p.Due < today,
                What: p.What
            )),
        ];

    private static ClaimLine? Claim(JobLine line, DateOnly today) =>
        line.Facts.Claim is { } claim
            ? new ClaimLine(
                Job: line.Job,
                Number: line.Facts.Number,
                Kit: line.Facts.Kit,
                To: claim.To,
                Until: claim.Until,
                DaysLeft: claim.Until.DayNumber - today.DayNumber,
                What: claim.What
            )
            : null;

    private static NextLine Next(JobLine line, DateTimeOffset now, DateOnly today)
    {
        var f = line.Facts;
        return new NextLine(
            Job: line.Job,
            Number: f.Number,
            Kit: f.Kit,
            Stage: Core.StageNames.Key(f.Outlook.Stage),
            StageTitle: Core.StageNames.Title(f.Outlook.Stage),
            Holds: f.Outlook.Words(f.TimeZone, now),
            Promised: f.Promised,
            Late: f.Promised < today
        );
    }
}
