using System.Collections.Immutable;
using Zygotome.Core.Build;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Job;

/// <summary>A drawn part as far as it has got. <paramref name="Throws"/>: of surfaces only.</summary>
public sealed record PartInk(string Part, Ink Ink, Standing? Throws);

/// <summary>What waits to be claimed, of whom, and until which day.</summary>
public sealed record ClaimFacts(string To, DateOnly Until, ImmutableArray<string> What);

/// <summary>Parts a supplier promised.</summary>
public sealed record PartsFacts(string To, DateOnly Due, ImmutableArray<string> What);

/// <summary>A step and how long hands are on it, minutes.</summary>
public sealed record Work(string Step, string Title, double Minutes)
{
    /// <summary>
    /// What fills a wait of so many minutes best: the longest that fits; of several the first. Null where none does.
    /// </summary>
    public static Work? Filling(IEnumerable<Work> work, double minutes) =>
        work.Where(w => w.Minutes <= minutes).MaxBy(w => w.Minutes);
}

/// <summary>
/// What lists say of a job: facts and instants, never "late" or "in 20 minutes". Made of one state at
/// <see cref="From"/>; it says the same at any instant from there to <see cref="Until"/>, for ever when that is null.
/// Words that depend on the hour are made from it at reading.
/// </summary>
public sealed record JobFacts
{
    public required DateTimeOffset From { get; init; }

    public required DateTimeOffset? Until { get; init; }

    public required string Number { get; init; }

    public required string Kit { get; init; }

    public required string SheetHash { get; init; }

    public required string CustomerId { get; init; }

    public required DateOnly Promised { get; init; }

    public required string Shelf { get; init; }

    public required string TimeZone { get; init; }

    public required bool Released { get; init; }

    public required JobOutlook Outlook { get; init; }

    /// <summary>In the order of the drawing.</summary>
    public required ImmutableArray<PartInk> Inks { get; init; }

    /// <summary>Null when nothing waits, or nothing is known of a window.</summary>
    public required ClaimFacts? Claim { get; init; }

    public required ImmutableArray<PartsFacts> OnTheWay { get; init; }

    public required ImmutableArray<Cure> Cures { get; init; }

    /// <summary>What can be started, in the sheet's order: what a wait is filled with.</summary>
    public required ImmutableArray<Work> CanStart { get; init; }

    /// <summary>Whether they are the same at this instant as when they were made.</summary>
    public bool HoldsAt(DateTimeOffset instant) => From <= instant && !(Until <= instant);

    /// <summary>As they stand at an instant.</summary>
    public static JobFacts Of(JobState state, DateTimeOffset asOf)
    {
        var ledger = Ledger.Shown(state, asOf);
        var r = state.Receive;
        var inks = new ThrowInks(state, ledger);
        return new JobFacts
        {
            From = asOf,
            Until = state.Released ? null : state.NextChange(asOf),
            Number = r.Number,
            Kit = state.Sheet.Kit.Name,
            SheetHash = state.Sheet.Hash,
            CustomerId = r.CustomerId,
            Promised = r.Promised,
            Shelf = r.Shelf,
            TimeZone = state.Rules.TimeZone,
            Released = state.Released,
            Outlook = JobOutlook.Of(state, ledger, asOf),
            Inks = [.. Drawings.Plan(state.Sheet).Parts.Select(p => InkOf(state, inks, p))],
            Claim =
                r.ClaimUntil is { } until && r.Supplier is { } supplier && Claims.Waiting(state)
                    ? new ClaimFacts(
                        supplier.Name,
                        until,
                        [.. Claims.Of(state).Where(c => c.Stands && !c.Sent).Select(c => c.Text)]
                    )
                    : null,
            OnTheWay =
            [
                .. Claims
                    .OnTheWay(state)
                    .Select(c => new PartsFacts(
                        c.To,
                        c.Answer!.PartsDue!.Value,
                        [.. c.Shortages.Select(s => $"{s.Quantity} × {s.Name}")]
                    )),
            ],
            Cures = [.. Cure.All(state)],
            CanStart =
            [
                .. state.Released
                    ? []
                    : StepGraph
                        .Of(state, asOf)
                        .Where(s => s.Standing == StepStanding.CanStart && s.Step.Stage == Stage.Build)
                        .Select(s => new Work(s.Step.Id, s.Step.Title, s.Step.HandsOn)),
            ],
        };
    }

    private static PartInk InkOf(JobState state, ThrowInks inks, DrawnPart part) =>
        new(
            part.Id,
            state.Released ? Ink.Fitted : Inking.Of(state, part.Id),
            part.Kind == PartKind.Surface ? inks.Of(part.Id) : null
        );
}
