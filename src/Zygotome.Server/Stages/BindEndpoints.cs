using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Bind;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Papers;

namespace Zygotome.Server.Stages;

/// <param name="Seen">Which way it went; null while nobody looked, or that was with another set-up.</param>
public sealed record ExpectedView(string Surface, string Name, Movement Movement, string Words, Movement? Seen);

/// <summary>A surface drawn where one answer would have it, over the picture at rest.</summary>
public sealed record WayView(string Surface, Movement Movement, string Path);

/// <summary>One call: what to do at the transmitter and the picture that must be seen from behind.</summary>
/// <param name="Besides">Surfaces that must stand still at it, each with one of the ways it can go.</param>
public sealed record DirectionView(
    string Function,
    string Call,
    IReadOnlyList<ExpectedView> Expected,
    DrawingView Picture,
    IReadOnlyList<WayView> Ways,
    IReadOnlyList<ExpectedView> Besides,
    StickView? Stick,
    LedgerLine Line
);

/// <summary>Which stick, and where it goes: across right +, up away +.</summary>
public sealed record StickView(bool Right, int Across, int Up, string Words);

/// <summary>What to do about what goes the wrong way.</summary>
/// <param name="Functions">What it is about.</param>
/// <param name="Line">In one sentence; empty while all is right. <paramref name="Or"/>: other ways.</param>
/// <param name="Settles">Once done, everything of it is right.</param>
public sealed record AdviceView(
    IReadOnlyList<string> Functions,
    string Line,
    string Or,
    bool Settles,
    IReadOnlyList<FixView> Fixes,
    SetUpsView? SetUps
);

/// <param name="Of">A channel, a servo, a surface or a function, as its kind says.</param>
public sealed record FixView(FixKind Kind, string Of, string And, string Words);

/// <summary>The eight ways to plug and reverse a mixed pair.</summary>
/// <param name="Now">Which it is, from 0. <paramref name="Right"/>: which it should be; null where none is.</param>
public sealed record SetUpsView(IReadOnlyList<SetUp> All, int Now, int? Right, string First, string Second);

/// <summary>A controller, how it must be set, and how it was seen to be.</summary>
/// <param name="Reverses">The sheet has reverse thrust on it.</param>
public sealed record ControllerView(
    string Id,
    string Name,
    bool WantsBrake,
    bool Reverses,
    ControllerSet? Set,
    LedgerLine Line
);

/// <summary>What is done before anything is called.</summary>
/// <param name="Memory">Null of a job sealed before it was asked; so are <paramref name="Cut"/> and controllers, which
/// an aircraft without motor has not either.</param>
/// <param name="NotMeasured">Why cells are measured before the first power; empty where they need not be.</param>
/// <param name="Causes">Why it may not bind, most usual first, without what was looked at already.</param>
public sealed record ReadinessView(
    LedgerLine? Memory,
    LedgerLine? Cut,
    string CutOn,
    IReadOnlyList<ControllerView> Controllers,
    IReadOnlyList<PackHeldView> Packs,
    string NotMeasured,
    bool WasConnected,
    bool Failed,
    IReadOnlyList<BindCause> Causes
);

/// <summary>One call of what is no surface, or of a switch position: what must be seen, and what was.</summary>
/// <param name="Key">Names it among the calls. <paramref name="Note"/>: how long it takes, when it begins.</param>
/// <param name="Parts">What moves, as the drawing calls it.</param>
/// <param name="Foot">From where it is seen. <paramref name="Picture"/>: with what moves in it; null where it is seen
/// from below, where <paramref name="Moved"/> lies over what is at rest, and <paramref name="Closer"/> is round it: it
/// may be small.</param>
public sealed record OutputView(
    string Key,
    string Of,
    string At,
    string Name,
    string Call,
    string Expected,
    string Note,
    bool Vital,
    bool Position,
    bool TurnsMotors,
    string Seen,
    string Takes,
    IReadOnlyList<string> Parts,
    string Foot,
    DrawingView? Picture,
    IReadOnlyList<PartView> Moved,
    BoxView? Closer,
    LedgerLine Line
);

/// <summary>A box on a drawing, mm.</summary>
public sealed record BoxView(double Left, double Top, double Width, double Height)
{
    /// <summary>A square round a part, four times as wide.</summary>
    internal static BoxView Round(Bounds box) =>
        Math.Max(box.Width, box.Height) * 4 is var wide
            ? new BoxView(
                Math.Round(box.Left + ((box.Width - wide) / 2), 1),
                Math.Round(box.Top + ((box.Height - wide) / 2), 1),
                Math.Round(wide, 1),
                Math.Round(wide, 1)
            )
            : null;
}

/// <param name="Below">What is called from below is seen on it; null where nothing is.</param>
public sealed record BindView(
    LedgerLine Bound,
    LedgerLine Failsafe,
    string FailsafeDeclared,
    IReadOnlyList<string> Methods,
    string ModelMemory,
    string MemoryNumber,
    int Mode,
    ReadinessView Ready,
    IReadOnlyList<AdviceView> Advice,
    IReadOnlyList<DirectionView> Directions,
    DrawingView AtRest,
    DrawingView? Below,
    IReadOnlyList<OutputView> Outputs,
    IReadOnlyList<CalledView> Called,
    IReadOnlyList<string> Channels,
    IReadOnlyList<string> Functions,
    IReadOnlyList<MotorView> Motors,
    StabiliserView? Stabiliser,
    SwitchesView Switches,
    IReadOnlyList<EndsView> Ends,
    IReadOnlyList<CyclesView> Cycles,
    CardView? Card
);

/// <summary>A motor, which way it should turn, and whether that was seen.</summary>
/// <param name="Part">On the drawing.</param>
public sealed record MotorView(string Id, bool Fan, string Expected, string Part, LedgerLine Line);

/// <summary>Something the sheet ties to nothing that moves: called, and seen to do what?</summary>
public sealed record CalledView(string Output, string Text, string Why, string Seen, LedgerLine Line);

internal static class BindEndpoints
{
    public static void MapBind(this IEndpointRouteBuilder app)
    {
        app.MapGet(
            "/api/jobs/{id}/bind",
            (string id, JobDesk desk) => desk.View(id, (state, ledger) => View(state, desk.Now, ledger))
        );
        app.MapGet(
            "/api/jobs/{id}/bind/card.pdf",
            (string id, JobDesk desk) => Card(id, desk, "pdf", "application/pdf", SetUpCardPaper.Pdf)
        );
        app.MapGet(
            "/api/jobs/{id}/bind/card.csv",
            (string id, JobDesk desk) => Card(id, desk, "csv", "text/csv", SetUpCardPaper.Csv)
        );
        app.MapGet(
            "/api/jobs/{id}/bind/card.json",
            (string id, JobDesk desk) => Card(id, desk, "json", "application/json", SetUpCardPaper.Json)
        );
    }

    private static Results<FileContentHttpResult, ProblemHttpResult> Card(
        string id,
        JobDesk desk,
        string ending,
        string type,
        Func<JobState, DateTimeOffset, byte[]> write
    ) =>
        desk.Find(id) is { State: var state }
            ? TypedResults.File(write(state, desk.Now), type, $"{state.JobId}-set-up-card.{ending}")
            : Problems.NotFound($"job {id}");

    private static OutputView Output(JobState state, OutputCall call, LedgerLine line)
    {
        var turned =
            call.From == SeenFrom.Below && !call.Picture.IsEmpty ? BelowView.Of(state.Sheet, call.Picture) : null;
        return new(
            Key: line.Id,
            Of: call.Of,
            At: call.At,
            Name: call.Name,
            Call: call.Call,
            Expected: call.Expected,
            Note: call.Note,
            Vital: call.IsVital,
            Position: call.IsPosition,
            TurnsMotors: call.TurnsMotors,
            Seen: state.Bind.Outputs.GetValueOrDefault(line.Id)?.Seen ?? "",
            Takes: call.Takes?.ToString() ?? "",
            Parts: call.Parts,
            Foot: call.From == SeenFrom.Behind
                ? "from behind, you stand at the tail"
                : DrawingSides.Words(DrawingSide.Below),
            Picture: call.From == SeenFrom.Behind ? DrawingView.Of(BehindView.Of(state.Sheet, call.Picture)) : null,
            Moved: turned is null ? [] : [.. DrawingView.Of(turned).Parts.Where(p => call.Picture.ContainsKey(p.Id))],
            Closer: turned?.Parts.FirstOrDefault(p => call.Picture.ContainsKey(p.Id)) is { } part
                ? BoxView.Round(part.Box)
                : null,
            Line: line
        );
    }

    private static ReadinessView Ready(JobState state, DateTimeOffset now, Func<RequirementId, LedgerLine?> line) =>
        new(
            Memory: line(new MemoryId()),
            Cut: line(new CutId()),
            CutOn: state.Bind.Cut?.On ?? "",
            Controllers:
            [
                .. from controller in MotorControllers.Of(state.Sheet)
                let asked = line(new ControllerId(controller.Id))
                where asked is not null
                select new ControllerView(
                    Id: controller.Id,
                    Name: controller.Name,
                    WantsBrake: controller.WantsBrake,
                    Reverses: MotorControllers.MayReverse(state.Sheet, controller),
                    Set: state.Bind.Controllers.GetValueOrDefault(controller.Id)?.Set,
                    Line: asked
                ),
            ],
            Packs: [.. state.Receive.Flies.Select(p => PackHeldView.Of(state.Receive, p))],
            NotMeasured: state.Aboard.PackNotMeasured(now, !state.Safety.WasConnected),
            WasConnected: state.Safety.WasConnected,
            Failed: !state.Bind.RuledOut.IsEmpty,
            Causes: [.. Enum.GetValues<BindCause>().Except(state.Bind.RuledOut)]
        );

    // What stands of the answer; each surface of it drawn both ways, for whoever taps.
    private static DirectionView Direction(JobState state, DirectionCall call, LedgerLine line)
    {
        var shown = line.Standing == Standing.Stale ? null : state.Bind.Directions.GetValueOrDefault(call.Function);
        return Direction(state.Sheet, call, shown?.Seen, line) with
        {
            Besides =
            [
                .. state
                    .Sheet.Surfaces.Where(s => !call.Picture.ContainsKey(s.Id) && s.Functions.Length > 0)
                    .Select(s => new ExpectedView(
                        s.Id,
                        s.Name,
                        Movements.Natural(state.Sheet, s, s.Functions[0]),
                        "",
                        null
                    )),
            ],
            Stick = Sticks.Of(call.Function, state.Bind.Bound?.Mode ?? 2) is { } s
                ? new StickView(s.Right, s.Across, s.Up, s.Words)
                : null,
        };
    }

    /// <summary>A picture to be seen from behind, each of its surfaces drawn both ways.</summary>
    internal static DirectionView Direction(
        SpecSheet sheet,
        DirectionCall call,
        IReadOnlyDictionary<string, Movement>? seen,
        LedgerLine line
    ) =>
        new(
            Function: call.Function,
            Call: call.Call,
            Expected:
            [
                .. call.Expected.Select(e => new ExpectedView(
                    e.Surface.Id,
                    e.Surface.Name,
                    e.Movement,
                    BindWords.Of(e.Movement),
                    seen?.GetValueOrDefault(e.Surface.Id, Movement.None)
                )),
            ],
            Picture: DrawingView.Of(BehindView.Of(sheet, call.Picture)),
            Ways: [.. Ways(sheet, call, m => m), .. Ways(sheet, call, Movements.Opposite)],
            Besides: [],
            Stick: null,
            Line: line
        );

    private static IEnumerable<WayView> Ways(SpecSheet sheet, DirectionCall call, Func<Movement, Movement> which)
    {
        var moved = call.Expected.ById(e => e.Surface.Id, e => which(e.Movement));
        return BehindView
            .Of(sheet, moved)
            .Parts.Where(p => moved.ContainsKey(p.Id))
            .Select(p => new WayView(p.Id, moved[p.Id], p.Path));
    }

    // A sealed ledger has the lines that were asked for then: what is asked for since is not in it.
    internal static BindView View(JobState state, DateTimeOffset now, IReadOnlyList<LedgerLine> ledger)
    {
        LedgerLine Line(RequirementId id) => ledger.First(l => l.Id == id.Written);
        LedgerLine? Found(RequirementId id) => ledger.FirstOrDefault(l => l.Id == id.Written);
        bool Asked(RequirementId id) => ledger.Any(l => l.Id == id.Written);
        return new BindView(
            Bound: Line(new BoundId()),
            Failsafe: Line(new FailsafeId()),
            FailsafeDeclared: state.Sheet.Radio.Failsafe.Likely ?? RadioSpec.Unstated,
            Methods: state.Sheet.Radio.BindMethods,
            ModelMemory: state.Bind.Bound?.ModelMemory ?? "",
            MemoryNumber: state.Bind.Bound?.Number ?? "",
            Mode: state.Bind.Bound?.Mode ?? 2,
            Ready: Ready(state, now, Found),
            Advice:
            [
                .. DirectionAsks
                    .Advice(state)
                    .Select(a => new AdviceView(
                        Functions: a.Functions,
                        Line: a.Line,
                        Or: a.Or,
                        Settles: a.Settles,
                        Fixes: [.. a.Fixes.Select(f => new FixView(f.Kind, f.Of, f.And, f.Words))],
                        SetUps: a.SetUps is { } s ? new SetUpsView(s.All, s.Now, s.Right, s.First, s.Second) : null
                    )),
            ],
            Directions:
            [
                .. Directions
                    .Calls(state.Sheet)
                    .Where(c => Asked(new DirectionId(c.Function)))
                    .Select(c => Direction(state, c, Line(new DirectionId(c.Function)))),
            ],
            AtRest: DrawingView.Of(BehindView.Of(state.Sheet, BehindView.AtRest)),
            Below: OutputCalls.Of(state.Sheet).Any(c => c.From == SeenFrom.Below)
                ? DrawingView.Of(Drawings.Of(state.Sheet, DrawingSide.Below))
                : null,
            Outputs:
            [
                .. OutputCalls
                    .Of(state.Sheet)
                    .Select(c => (Call: c, Id: new OutputId(c.Of, c.At)))
                    .Where(c => Asked(c.Id))
                    .Select(c => Output(state, c.Call, Line(c.Id))),
            ],
            Called:
            [
                .. UnknownOutputs
                    .Of(state.Sheet)
                    .Where(o => Asked(new CalledId(o.Id)))
                    .Select(o => new CalledView(
                        o.Id,
                        o.Text,
                        o.Why,
                        state.Bind.Called.GetValueOrDefault(o.Id)?.Seen ?? "",
                        Line(new CalledId(o.Id))
                    )),
            ],
            Channels: [.. RadioSettings.Channels(state.Sheet)],
            Functions: [.. state.Sheet.Surfaces.SelectMany(s => s.Functions).Distinct()],
            Motors:
            [
                .. state
                    .Sheet.Power.Motors.Where(m => Asked(new MotorDirectionId(m.Id)))
                    .Select(m => new MotorView(
                        m.Id,
                        m.IsFan,
                        MotorTurned.Expected(m),
                        $"motor-{m.Id}",
                        Line(new MotorDirectionId(m.Id))
                    )),
            ],
            Stabiliser: RestOfBindViews.Stabiliser(state, Found),
            Switches: RestOfBindViews.Switches(state, Found),
            Ends: RestOfBindViews.Ends(state, Found),
            Cycles: RestOfBindViews.Cycles(state, Found),
            Card: RestOfBindViews.Card(state, Found)
        );
    }
}
