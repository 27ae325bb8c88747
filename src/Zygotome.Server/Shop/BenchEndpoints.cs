using Zygotome.Core.Build;
using Zygotome.Core.Jobs;
using Zygotome.Core.Unpack;
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

/// <summary>What is next at the bench: claims before their window closes, parts on the way, and what holds each job up.</summary>
public sealed record BenchView(
    DateOnly Today,
    IReadOnlyList<ClaimLine> Claims,
    IReadOnlyList<PartsLine> Parts,
    IReadOnlyList<NextLine> Next
);

internal static class BenchEndpoints
{
    private const int Most = 12;

    public static void MapBench(this IEndpointRouteBuilder app)
    {
        app.MapGet("/api/bench", (JobDesk desk, JobList list) => View(desk, list));
        app.MapGet(
            "/api/bench/cures",
            (JobDesk desk, JobList list) =>
                new CuresView(
                    desk.Now,
                    [
                        .. list.Curing()
                            .SelectMany(id => Cure.Of(desk.Find(id)!.State, desk.Now))
                            .OrderBy(c => c.HandleAt),
                    ]
                )
        );
    }

    private static BenchView View(JobDesk desk, JobList list)
    {
        var today = desk.Today;
        IEnumerable<JobState> States(IReadOnlyList<string> jobs) => jobs.Select(id => desk.Find(id)!.State);
        return new BenchView(
            today,
            [.. States(list.Claiming()).Select(s => Claim(s, today))],
            [
                .. States(list.Awaiting())
                    .SelectMany(s =>
                        Claims
                            .OnTheWay(s)
                            .Select(c => new PartsLine(
                                s.JobId,
                                s.Receive.Number,
                                s.Sheet.Kit.Name,
                                c.To,
                                c.Answer!.PartsDue,
                                c.Answer.PartsDue < today,
                                [.. c.Shortages.Select(x => $"{x.Quantity} × {x.Name}")]
                            ))
                    ),
            ],
            [.. States(list.Find(null, Most).Jobs).Where(s => !s.Released).Select(s => Next(desk, s, today))]
        );
    }

    private static ClaimLine Claim(JobState s, DateOnly today) =>
        new(
            s.JobId,
            s.Receive.Number,
            s.Sheet.Kit.Name,
            s.Receive.Supplier!.Name,
            s.Receive.ClaimUntil!.Value,
            Claims.DaysLeft(s, today) ?? 0,
            [.. Claims.Of(s).Where(c => c.Stands && !c.Sent).Select(c => c.Text)]
        );

    private static NextLine Next(JobDesk desk, JobState s, DateOnly today)
    {
        var outlook = JobOutlook.Of(s, desk.Ledger(s), desk.Now);
        return new NextLine(
            s.JobId,
            s.Receive.Number,
            s.Sheet.Kit.Name,
            Core.StageNames.Key(outlook.Stage),
            Core.StageNames.Title(outlook.Stage),
            outlook.Holds,
            s.Receive.Promised,
            s.Receive.Promised < today
        );
    }
}
