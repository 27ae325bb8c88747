using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Build;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Trueness;
using Zygotome.Core.Unpack;
using Zygotome.Server.Shop;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

public sealed record StepPart(string Name, string Bag, int Needed, int InHand);

/// <summary>Something a step asks, and what was answered.</summary>
/// <param name="Right">As answered last, where that still counts; null while it is asked.</param>
/// <param name="WaitUntil">When what comes after it may be done; null where nothing waits.</param>
/// <param name="Ring">In which order the places of a ring of screws are tightened; empty where there is none.</param>
public sealed record AskView(
    string Id,
    AskWhen When,
    AskHow How,
    string Words,
    string Why,
    bool Moves,
    bool Settled,
    bool? Right,
    string Note,
    DateTimeOffset? WaitUntil,
    IReadOnlyList<int> Ring
)
{
    /// <summary>Of what an instrument answers; null of anything else.</summary>
    public required MeasureView? Measure { get; init; }
}

/// <summary>One act of a joint whose glue is open.</summary>
/// <param name="At">When it was done; null before.</param>
/// <param name="Due">When it is due at the earliest; null of what is not next.</param>
/// <param name="Seconds">After the act before it.</param>
public sealed record GlueActView(
    GlueAct Act,
    string Words,
    string Meanwhile,
    double Seconds,
    DateTimeOffset? At,
    DateTimeOffset? Due
);

/// <summary>The open glue of a joint.</summary>
public sealed record GlueView(
    string Adhesive,
    string Opened,
    double Celsius,
    DateTimeOffset OpenedAt,
    DateTimeOffset WorkableUntil,
    IReadOnlyList<GlueActView> Acts
);

/// <summary>A glue of the shop's list for one joint: what speaks for it, and what against.</summary>
/// <param name="Harm">What it does to the joint; null where nothing is known against it.</param>
/// <param name="Usual">The one that the materials and the job of the joint ask for.</param>
/// <param name="Words">Its times and how it is done.</param>
public sealed record GlueChoiceView(string Id, string Name, string Opens, string? Harm, bool Usual, string Words);

/// <summary>A servo that has to stand at its reference before a step closes its rod.</summary>
public sealed record ServoView(string Id, string Name, string At);

/// <summary>Where a finding would lie that this step raises.</summary>
public sealed record StepPlace(string Place, PlaceKind PlaceKind, FindingKind Kind, double X, double Y);

/// <summary>A tool that a step asks for, and whether the shop has one that gets there.</summary>
/// <param name="Short">Why one of the same tip does not; empty where there is none.</param>
public sealed record StepTool(string Name, bool Have, string Short);

/// <summary>Where the damage is that a step repairs, mm across (right +) and aft, and how large, mm.</summary>
public sealed record StepSpot(string Tag, double Across, double Down, double Size);

public sealed record StepView(
    string Id,
    string Title,
    Stage Stage,
    StepStanding Standing,
    IReadOnlyList<string> WaitsFor,
    double HandsOn,
    IReadOnlyList<StepPart> Parts,
    IReadOnlyList<StepTool> Tools,
    IReadOnlyList<string> Cautions,
    IReadOnlyList<string> Lines,
    string Page,
    IReadOnlyList<string> Decided,
    bool IsBond,
    string BondWords,
    string Power,
    bool MayTurn,
    IReadOnlyList<string> Readies,
    IReadOnlyList<string> Fits,
    string Adhesive,
    DateTimeOffset? HandleAt,
    DateTimeOffset? FullAt,
    string By,
    DateTimeOffset? DoneAt,
    string? EntryId,
    bool IsRepair
)
{
    public required IReadOnlyList<AskView> Asks { get; init; }

    /// <summary>Parts of the drawing that light up with it: fitted by it, worked on, or their rods closed.</summary>
    public required IReadOnlyList<string> Lit { get; init; }

    /// <summary>Its marks can be printed at full size.</summary>
    public required bool Template { get; init; }

    /// <summary>Null until it is opened.</summary>
    public required GlueView? Glue { get; init; }

    /// <summary>Of a joint that is under way.</summary>
    public required IReadOnlyList<GlueChoiceView> Glues { get; init; }

    public required IReadOnlyList<ServoView> Servos { get; init; }

    /// <summary>Left or right; empty of what is done once.</summary>
    public required string Side { get; init; }

    public required int People { get; init; }

    public required string With { get; init; }

    /// <summary>Minutes of hands so far.</summary>
    public required double Minutes { get; init; }

    /// <summary>Since when hands are on it; null while they are off.</summary>
    public required DateTimeOffset? Running { get; init; }

    public required IReadOnlyList<string> Coat { get; init; }

    public required IReadOnlyList<string> KeepClear { get; init; }

    /// <summary>What is out of reach once it is done.</summary>
    public required IReadOnlyList<string> Covers { get; init; }

    /// <summary>What comes off again to get back to what it covers, first what went on last.</summary>
    public required IReadOnlyList<string> Under { get; init; }

    /// <summary>What has to come off before this can be done: what was closed over it.</summary>
    public required IReadOnlyList<string> Back { get; init; }

    /// <summary>What usually comes before it and here does not: the page has more between them.</summary>
    public required IReadOnlyList<string> Against { get; init; }

    /// <summary>Why it stands elsewhere than on the page.</summary>
    public required IReadOnlyList<string> Moved { get; init; }

    public required StepPlace? Place { get; init; }

    /// <summary>Where what it repairs lies; null of the kit's own.</summary>
    public required StepSpot? Spot { get; init; }

    /// <summary>Its joint was handled before its glue could bear it.</summary>
    public required bool Early { get; init; }
}

/// <summary>How a lead changed the order of one step.</summary>
public sealed record OrderView(string Step, string Words, string Reason, string By, bool CanPutBack);

/// <param name="Unread">What stands true and is read of the whole: open, and at no step that is still to come.</param>
public sealed record StepsView(
    IReadOnlyList<StepView> Steps,
    IReadOnlyList<ErratumView> Errata,
    IReadOnlyList<LoopView> Loops,
    IReadOnlyList<string> Functions,
    IReadOnlyList<OrderView> Order,
    IReadOnlyList<MeasureView> Unread,
    IReadOnlyList<LeftoverView> Leftovers
);

/// <summary>What should be left of a bag from which no step takes any more.</summary>
/// <param name="Why">What a count that differed points to; empty where none did.</param>
public sealed record LeftoverView(string Bag, IReadOnlyList<LeftPart> Parts, IReadOnlyList<string> Why);

public sealed record LeftPart(string Id, string Name, int Left);

internal static class BuildEndpoints
{
    public static void MapBuild(this IEndpointRouteBuilder app)
    {
        app.MapMeasured();
        app.MapGet(
            "/api/jobs/{id}/in-hand",
            Results<Ok<HandView>, ProblemHttpResult> (string id, string step, JobDesk desk) =>
                desk.Find(id) is not { State: var state } ? Problems.NotFound($"job {id}")
                : state.Sheet.Step(step) is { } spec ? TypedResults.Ok(HandView.Of(InHandView.Of(state.Sheet, spec)))
                : Problems.NotFound($"step {step}")
        );
        app.MapGet(
            "/api/jobs/{id}/steps",
            (string id, JobDesk desk, ErratumStore errata, ShopSettings settings) =>
                desk.View(
                    id,
                    (state, ledger) =>
                        View(
                            state,
                            ledger,
                            errata.Of(state.Sheet.Kit.Id).Where(e => e.Tells(state)),
                            settings.Current,
                            desk.Now
                        )
                )
        );
    }

    private static StepsView View(
        JobState state,
        IReadOnlyList<LedgerLine> ledger,
        IEnumerable<KitErratum> errata,
        ShopFile shop,
        DateTimeOffset now
    )
    {
        var open = ledger.Where(l => l.Open).Select(l => l.Id).ToHashSet(StringComparer.Ordinal);
        var drawing = Drawings.Plan(state.Sheet);
        return new StepsView(
            Steps: [.. StepGraph.Of(state, now).Select(s => StepViews.Of(state, drawing, shop, s, now))],
            Errata: [.. errata.Select(ErratumView.Of)],
            Loops:
            [
                .. state
                    .Build.Loops.Where(l => l.Closed is null)
                    .Select(l => new LoopView(l.Id, l.Detail, l.By.Name, l.OpenedAt, l.Was)),
            ],
            Functions: state.Sheet.Radio.Functions,
            Order:
            [
                .. state.Build.Changes.Select(c => new OrderView(
                    c.Step,
                    c.Words(BuildRules.Title(state, c.Step)),
                    c.Reason,
                    c.Evidence.By.Name,
                    c is not AddedStep
                )),
            ],
            Unread:
            [
                .. Truths
                    .Of(state.Sheet)
                    .Where(t => open.Contains($"trueness/{t.Id}"))
                    .Where(t => TruthLines.CanBeRead(state, t, now))
                    .Select(t => MeasureViews.Of(state, t)),
            ],
            Leftovers:
            [
                .. Leftovers
                    .Bags(state)
                    .Where(bag => open.Contains($"leftover/{bag}"))
                    .Select(bag => new LeftoverView(
                        bag,
                        [.. Leftovers.Expected(state, bag).Select(e => new LeftPart(e.Part.Id, e.Part.Name, e.Left))],
                        [
                            .. state.Build.LeftOver.GetValueOrDefault(bag) is { } counted
                                ? Leftovers.Explain(state, counted.Differences)
                                : [],
                        ]
                    )),
            ]
        );
    }
}
