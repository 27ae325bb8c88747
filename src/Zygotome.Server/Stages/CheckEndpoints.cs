using Zygotome.Core;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Check;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Trueness;

namespace Zygotome.Server.Stages;

/// <summary>One call of the run: what is done at the transmitter, and the picture that must be seen.</summary>
/// <param name="Group">"Rudder". <paramref name="At"/>: "left".</param>
/// <param name="Ways">Its surfaces as they must go, over the picture from behind.</param>
/// <param name="Below">What moves is seen from below.</param>
/// <param name="Parts">What moves, as the drawing calls it.</param>
public sealed record CheckCallView(
    string Id,
    string Call,
    string Expected,
    string Note,
    string Group,
    string At,
    bool Below,
    IReadOnlyList<WayView> Ways,
    IReadOnlyList<string> Parts,
    StickView? Stick
);

/// <summary>The run as it stands.</summary>
/// <param name="Done">Seen as expected one after the other; counts for this person in this look alone.</param>
/// <param name="Look">The look it is of. <paramref name="Until"/>: when a pause breaks it; null while none is under
/// way.</param>
/// <param name="Broke">The call that broke it last; empty while none did.</param>
/// <param name="Whole">A whole run stands.</param>
public sealed record CheckRunView(
    IReadOnlyList<CheckCallView> Calls,
    int Done,
    string Look,
    string ById,
    DateTimeOffset? Since,
    DateTimeOffset? Until,
    string Broke,
    string BrokeWords,
    bool Whole,
    LedgerLine Line
);

/// <param name="Measures">What is measured, mm, in the order it is typed; empty where nothing is.</param>
/// <param name="Limits">"at least 3 mm". <paramref name="Reckoned"/>: by the sheet's geometry, mm.</param>
/// <param name="Motor">Whose propeller is tried for balance here; empty of every other question.</param>
public sealed record CheckAskView(
    string Id,
    CheckRoom Room,
    string Brief,
    string Words,
    string Why,
    string Mend,
    IReadOnlyList<string> Parts,
    IReadOnlyList<string> Measures,
    string Limits,
    double? Reckoned,
    string Motor,
    LedgerLine Line
);

/// <param name="Limits">"at most 45 A, the controller's rating".</param>
/// <param name="Motors">That are read each; none where there is but one.</param>
public sealed record FullPowerView(IReadOnlyList<string> Limits, IReadOnlyList<string> Motors, LedgerLine Line);

/// <param name="Metres">That it must answer from. <paramref name="Motor"/>: running.</param>
public sealed record RangeView(bool Motor, double Metres, LedgerLine Line);

/// <summary>The last look. Parts of it are null of a job sealed before they were asked.</summary>
public sealed record CheckView(
    CheckRunView? Run,
    DrawingView AtRest,
    DrawingView? Below,
    IReadOnlyList<CheckAskView> Asks,
    FullPowerView? FullPower,
    IReadOnlyList<RangeView> Range,
    LedgerLine? Taxi,
    FlightView? Flight,
    BalanceMethod Balancing,
    IReadOnlyList<TripItemView> Trip,
    IReadOnlyList<LedgerLine> Elsewhere
);

/// <summary>The shop's own flight, where the job is done so.</summary>
/// <param name="Thrown">By hand, without power.</param>
/// <param name="Before">What nobody may concede and is open: it does not fly before. Empty where it may.</param>
/// <param name="Functions">Commands that may have been too quick or too slow.</param>
/// <param name="Advice">What follows from how it flew last.</param>
public sealed record FlightView(
    bool Thrown,
    IReadOnlyList<string> Before,
    IReadOnlyList<NameView> Surfaces,
    IReadOnlyList<string> Functions,
    IReadOnlyList<FlightAdviceView> Advice,
    LedgerLine Line
);

/// <param name="Name">"Elevator, left".</param>
public sealed record NameView(string Id, string Name);

/// <param name="Page">The stage where it is done, as its address has it.</param>
public sealed record FlightAdviceView(string Words, string Why, string Page, string Stage);

/// <summary>One thing done outdoors, with all that a phone without a network needs to ask and answer it.</summary>
/// <param name="Line">The first of what it shows that is open, else the first.</param>
/// <param name="Open">Something of it is not shown.</param>
/// <param name="After">The item that must have gone well before; empty where none.</param>
/// <param name="NotBefore">What is in its way whoever does it; empty where nothing is.</param>
/// <param name="Wrong">Why what was last said of it does not count; empty where it does.</param>
public sealed record TripItemView(
    string Id,
    string Title,
    string Walk,
    string Do,
    string Good,
    string Then,
    string Bad,
    string First,
    double? Metres,
    string After,
    string NotBefore,
    IReadOnlyList<FieldNeedView> Needs,
    LedgerLine Line,
    bool Open,
    string Wrong
);

public sealed record FieldNeedView(FieldAsk Ask, string Words, IReadOnlyList<FieldAnswerView> Answers);

/// <param name="Safe">What is then seen counts; else <paramref name="Do"/> first.</param>
public sealed record FieldAnswerView(string Value, string Words, bool Safe, string Do);

/// <summary>All that a phone keeps of a job for its trip outdoors.</summary>
/// <param name="Asked">When the server was asked.</param>
public sealed record TripView(string JobId, string Kit, DateTimeOffset Asked, IReadOnlyList<TripItemView> Items);

internal static class CheckEndpoints
{
    public static void MapCheck(this IEndpointRouteBuilder app)
    {
        app.MapGet("/api/jobs/{id}/check", (string id, JobDesk desk) => desk.View(id, View));
        app.MapGet(
            "/api/jobs/{id}/check/trip",
            (string id, JobDesk desk) =>
                desk.View(id, (state, ledger) => new TripView(id, state.Sheet.Kit.Name, desk.Now, Trip(state, ledger)))
        );
    }

    // What other stages show and the last look reads again: stale, it is done anew there.
    private static HashSet<string> Elsewhere(JobState state) =>
        [
            new FailsafeId().Written,
            .. StabiliserCalls.Of(state.Sheet).Select(c => new StabiliserCallId(c.Id).Written),
            .. state.Sheet.Outputs.Select(o => new CyclesId(o.Id).Written),
            .. Enum.GetValues<AlarmKind>().Select(k => new AlarmId(k).Written),
            .. state.Aboard.AddOns.Select(a => new AddOnId(a.Name).Written),
            .. Truths.Of(state.Sheet).Select(t => new TruthId(t.Id).Written),
        ];

    internal static CheckView View(JobState state, IReadOnlyList<LedgerLine> ledger)
    {
        LedgerLine? Found(RequirementId id) => ledger.FirstOrDefault(l => l.Id == id.Written);
        var calls = CallOut.Of(state.Sheet);
        var elsewhere = Elsewhere(state);
        return new CheckView(
            Run: Found(new RunId()) is { } run ? Run(state, run) : null,
            AtRest: DrawingView.Of(BehindView.Of(state.Sheet, BehindView.AtRest)),
            Below: calls.Any(c => c.From == SeenFrom.Below)
                ? DrawingView.Of(Drawings.Of(state.Sheet, DrawingSide.Below))
                : null,
            Asks:
            [
                .. from ask in CheckAsks.Of(state)
                let line = Found(new CheckAskId(ask.Id))
                where line is not null
                select new CheckAskView(
                    Id: ask.Id,
                    Room: ask.Room,
                    Brief: ask.Brief,
                    Words: ask.Words,
                    Why: ask.Why,
                    Mend: ask.Mend,
                    Parts: ask.Parts,
                    Measures: ask.Gauge?.Measures ?? [],
                    Limits: ask.Gauge?.Limits ?? "",
                    Reckoned: ask.Reckoned,
                    Motor: state.Sheet.Power.Motors.FirstOrDefault(m => CheckAsks.Balance(m.Id) == ask.Id)?.Id ?? "",
                    Line: line
                ),
            ],
            FullPower: Found(new PowerRunId()) is { } power
                ? new FullPowerView(
                    PowerLimits.Said(state),
                    state.Sheet.Power.Motors.Length > 1 ? [.. state.Sheet.Power.Motors.Select(m => m.Id)] : [],
                    power
                )
                : null,
            Range:
            [
                .. from motor in (bool[])[false, true]
                let line = Found(new RangeId(motor))
                where line is not null
                select new RangeView(motor, RangeHeld.Far(state.Sheet), line),
            ],
            Taxi: Found(new TaxiId()),
            Flight: Found(new FlownId()) is { } flown ? Flight(state, ledger, flown) : null,
            Balancing: CheckAsks.Method(state),
            Trip: Trip(state, ledger),
            Elsewhere: [.. ledger.Where(l => elsewhere.Contains(l.Id))]
        );
    }

    private static FlightView Flight(JobState state, IReadOnlyList<LedgerLine> ledger, LedgerLine line) =>
        new(
            Thrown: FlightLines.Asked(state) is { Thrown: true },
            Before: [.. ledger.Where(l => l.Open && l.Concedable == Concedable.Never).Select(l => l.Text)],
            Surfaces: [.. state.Sheet.Surfaces.Select(s => new NameView(s.Id, s.Name))],
            Functions: [.. state.Sheet.Surfaces.SelectMany(s => s.Functions).Distinct()],
            Advice: state.Check.Flown is { } flown
                ?
                [
                    .. FlightAdvice
                        .Of(state, flown.Flown)
                        .Select(a => new FlightAdviceView(a.Words, a.Why, a.At.Key(), a.At.Title())),
                ]
                : [],
            Line: line
        );

    private static IReadOnlyList<TripItemView> Trip(JobState state, IReadOnlyList<LedgerLine> ledger) =>
        [
            .. from item in Core.Check.Trip.Of(state)
            let ids = item.Lines.Select(l => l.Written).ToArray()
            let lines = ledger.Where(l => ids.Contains(l.Id)).ToArray()
            where lines.Length > 0
            let said = state.Check.Field.GetValueOrDefault(item.Id)
            let line = lines.FirstOrDefault(l => l.Open) ?? lines[0]
            select new TripItemView(
                Id: item.Id,
                Title: item.Title,
                Walk: item.Walk,
                Do: item.Do,
                Good: item.Good,
                Then: item.Then,
                Bad: item.Bad,
                First: item.First,
                Metres: item.Metres,
                After: item.After,
                NotBefore: Core.Check.Trip.NotBefore(state, item),
                Needs:
                [
                    .. FieldNeeds
                        .Of(state.Sheet, item.Needs, state.The<ILinked>().BoundMemory)
                        .Select(n => new FieldNeedView(
                            n.Ask,
                            n.Words,
                            [.. n.Answers.Select(a => new FieldAnswerView(a.Value, a.Words, a.Safe, a.Do))]
                        )),
                ],
                Line: line,
                Open: lines.Any(l => l.Open),
                // What was shown after it counts all the same.
                Wrong: said is { Wrong.Length: > 0 } && (line.Evidence?.Seq ?? 0) < said.Seq
                    ? string.Join(" ", said.Wrong)
                    : ""
            ),
        ];

    private static CheckRunView Run(JobState state, LedgerLine line)
    {
        var run = state.Check.Run;
        var goes = run.First is { } first && CallOut.RestsOn(state.Sheet).Cause(state, first) is null;
        return new CheckRunView(
            Calls: [.. CallOut.Of(state.Sheet).Select(c => Call(state, c))],
            Done: goes ? run.Done : 0,
            Look: goes ? run.First!.Entry.Look : "",
            ById: goes ? run.First!.By.Id : "",
            Since: goes ? run.First!.ObservedAt : null,
            Until: goes ? run.Last!.RecordedAt + SafetyState.Idle : null,
            Broke: run.Broke?.Call ?? "",
            BrokeWords: line.Standing == Standing.NotMet ? line.Why : "",
            Whole: line.Standing == Standing.Met,
            Line: line
        );
    }

    private static CheckCallView Call(JobState state, CheckCall call)
    {
        var moved = BehindView.Of(state.Sheet, call.Picture).Parts.Where(p => call.Picture.ContainsKey(p.Id));
        return new CheckCallView(
            Id: call.Id,
            Call: call.Call,
            Expected: call.Expected,
            Note: call.Note,
            Group: call.Group,
            At: call.At,
            Below: call.From == SeenFrom.Below,
            Ways: [.. moved.Select(p => new WayView(p.Id, call.Picture[p.Id], p.Path))],
            Parts: call.Parts,
            Stick: Sticks.Of(call.Stick, state.Bind.Bound?.Mode ?? 2) is { } s
                ? new StickView(s.Right, call.Back ? -s.Across : s.Across, call.Back ? -s.Up : s.Up, s.Words)
                : null
        );
    }
}
