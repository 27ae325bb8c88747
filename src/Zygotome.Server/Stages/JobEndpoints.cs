using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Build;
using Zygotome.Core.Drawing;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

/// <summary>A job in the list.</summary>
public sealed record JobCard(
    string Id,
    string Number,
    string Kit,
    string Customer,
    DateOnly Promised,
    string Shelf,
    Stage Stage,
    string StageTitle,
    string Holds,
    int Shown,
    int All,
    bool Released,
    int? ClaimDaysLeft,
    DrawingRef Drawing,
    IReadOnlyList<PartInk> Inks
);

/// <param name="All">How many there are; <paramref name="Jobs"/> may be fewer.</param>
/// <param name="Unreadable">Jobs on file that cannot be shown.</param>
public sealed record JobsView(
    DateTimeOffset Now,
    DateOnly Today,
    IReadOnlyList<JobCard> Jobs,
    long All,
    IReadOnlyList<UnreadableView> Unreadable
);

/// <summary>One graduation of the ruler.</summary>
public sealed record MarkView(string Id, string Text, Standing Standing);

public sealed record RulerStage(Stage Stage, string Key, string Title, IReadOnlyList<MarkView> Marks);

/// <param name="Retractable">Whether its kind is on the list of what may be withdrawn at all.</param>
/// <param name="Look">In which it was recorded: within it, it is its author's to withdraw.</param>
/// <param name="Typed">Values in it that may have been typed wrongly, as they were typed.</param>
public sealed record LastEntryView(
    string EntryId,
    string Said,
    string By,
    string ById,
    DateTimeOffset At,
    bool Retractable,
    string Look,
    IReadOnlyList<string> Typed
)
{
    internal static LastEntryView Of(JobState state, Entry entry) =>
        new(
            EntryId: entry.EntryId,
            Said: entry.Body.Say(state),
            By: entry.By.Name,
            ById: entry.By.Id,
            At: entry.RecordedAt,
            Retractable: !state.Released && Replay.CanBeWithdrawn(state, entry),
            Look: entry.Look,
            Typed: [.. entry.Body.TypedValues().Select(v => v.Text)]
        );
}

/// <summary>A finding on the drawing of the view it was marked on.</summary>
public sealed record FindingMark(
    string Id,
    string Tag,
    DrawingSide View,
    double Across,
    double Down,
    double Size,
    Grade Grade,
    string GradeWords,
    bool Cleared
);

/// <param name="Was">The value it is set back to; empty where it is none.</param>
public sealed record LoopView(string Id, string Detail, string By, DateTimeOffset OpenedAt, string Was);

/// <summary>What every screen of a job needs.</summary>
public sealed record JobView(
    string Id,
    string Number,
    string Kit,
    string Customer,
    DateOnly Promised,
    string Shelf,
    long Seq,
    DateTimeOffset Now,
    bool Released,
    int? Record,
    IReadOnlyList<RulerStage> Ruler,
    LampsView Lamps,
    DrawingView Drawing,
    IReadOnlyList<FindingMark> Findings,
    IReadOnlyList<LoopView> Loops,
    LastEntryView? Last,
    IReadOnlyList<string> Cautions
);

/// <summary>The jobs, and what is common to all stages of one.</summary>
internal static class JobEndpoints
{
    public static void MapJobs(this IEndpointRouteBuilder app)
    {
        app.MapGet(
            "/api/jobs",
            (JobDesk desk, JobList list, string? find, int? most) =>
            {
                var (jobs, all) = list.Find(find, Math.Clamp(most ?? 40, 1, 100));
                var listing = desk.Each(jobs, line => Card(desk, line));
                return new JobsView(desk.Now, desk.Today, listing.Made, all, listing.Unreadable);
            }
        );
        app.MapGet(
            "/api/jobs/{id}",
            Results<Ok<JobView>, ProblemHttpResult> (string id, JobDesk desk) =>
                desk.Find(id) is { } job ? TypedResults.Ok(View(desk, job)) : Problems.NotFound($"job {id}")
        );
    }

    private static JobCard Card(JobDesk desk, JobLine line)
    {
        var f = line.Facts;
        return new JobCard(
            Id: line.Job,
            Number: f.Number,
            Kit: f.Kit,
            Customer: desk.CustomerName(f.CustomerId),
            Promised: f.Promised,
            Shelf: f.Shelf,
            Stage: f.Outlook.Stage,
            StageTitle: f.Outlook.Stage.Title(),
            Holds: f.Outlook.Words(f.TimeZone, desk.Now),
            Shown: f.Outlook.Shown,
            All: f.Outlook.All,
            Released: f.Released,
            ClaimDaysLeft: f.Claim?.Until.DayNumber - desk.Today.DayNumber,
            Drawing: DrawingRef.Of(f.SheetHash),
            Inks: f.Inks
        );
    }

    private static JobView View(JobDesk desk, JobSnapshot job)
    {
        var state = job.State;
        var ledger = desk.Ledger(state);
        var last = job.Journal[^1];
        return new JobView(
            Id: state.JobId,
            Number: state.Receive.Number,
            Kit: state.Sheet.Kit.Name,
            Customer: desk.CustomerName(state),
            Promised: state.Receive.Promised,
            Shelf: state.Receive.Shelf,
            Seq: state.Seq,
            Now: desk.Now,
            Released: state.Released,
            Record: state.Release?.Number,
            Ruler:
            [
                .. StageNames.All.Select(s => new RulerStage(
                    s,
                    s.Key(),
                    s.Title(),
                    [.. ledger.Where(l => l.Stage == s).Select(l => new MarkView(l.Id, l.Text, l.Standing))]
                )),
            ],
            Lamps: LampsView.Of(state),
            Drawing: DrawingView.Of(Drawings.Plan(state.Sheet), state, ledger),
            Findings: [.. state.Unpack.Findings.Select(Mark)],
            Loops:
            [
                .. state
                    .Build.Loops.Where(l => l.Closed is null)
                    .Select(l => new LoopView(l.Id, l.Detail, l.By.Name, l.OpenedAt, l.Was)),
            ],
            Last: LastEntryView.Of(state, last),
            Cautions: state.Sheet.Cautions
        );
    }

    private static FindingMark Mark(Finding f)
    {
        var at = DrawingSides.Place(f.View, f.X, f.Y);
        return new FindingMark(
            Id: f.Id,
            Tag: f.Tag,
            View: f.View,
            Across: at.Across,
            Down: at.Down,
            Size: f.Size,
            Grade: f.Grading.Grade,
            GradeWords: FindingWords.Grade(f.Grading.Grade),
            Cleared: f.Cleared
        );
    }
}

/// <param name="Meanwhile">The work that fills the next wait best; null where nothing waits, or nothing fits.</param>
public sealed record CuresView(DateTimeOffset Now, IReadOnlyList<Cure> Cures, MeanwhileView? Meanwhile);

public sealed record MeanwhileView(string Job, string Title, double Minutes);
