using Zygotome.Core.Bind;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Server.Stages;

public sealed record ExpectedView(string Surface, string Name, Movement Movement, string Words, Movement? Seen);

/// <summary>One call: what to do at the transmitter and the picture that must be seen from behind.</summary>
public sealed record DirectionView(
    string Function,
    string Call,
    IReadOnlyList<ExpectedView> Expected,
    DrawingView Picture,
    LedgerLine Line
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
    bool TurnsMotors,
    string Seen,
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
    int Mode,
    IReadOnlyList<DirectionView> Directions,
    DrawingView AtRest,
    DrawingView? Below,
    IReadOnlyList<OutputView> Outputs,
    IReadOnlyList<CalledView> Called,
    IReadOnlyList<string> Channels,
    IReadOnlyList<string> Functions,
    IReadOnlyList<MotorView> Motors
);

/// <summary>A motor, which way it should turn, and whether that was seen.</summary>
/// <param name="Part">On the drawing.</param>
public sealed record MotorView(string Id, bool Fan, string Expected, string Part, LedgerLine Line);

/// <summary>Something the sheet ties to nothing that moves: called, and seen to do what?</summary>
public sealed record CalledView(string Output, string Text, string Why, string Seen, LedgerLine Line);

internal static class BindEndpoints
{
    public static void MapBind(this IEndpointRouteBuilder app) =>
        app.MapGet("/api/jobs/{id}/bind", (string id, JobDesk desk) => desk.View(id, View));

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
            TurnsMotors: call.TurnsMotors,
            Seen: state.Bind.Outputs.GetValueOrDefault(line.Id)?.Seen ?? "",
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

    // A sealed ledger has the lines that were asked for then: what is asked for since is not in it.
    internal static BindView View(JobState state, IReadOnlyList<LedgerLine> ledger)
    {
        LedgerLine Line(RequirementId id) => ledger.First(l => l.Id == id.Written);
        bool Asked(RequirementId id) => ledger.Any(l => l.Id == id.Written);
        return new BindView(
            Bound: Line(new BoundId()),
            Failsafe: Line(new FailsafeId()),
            FailsafeDeclared: state.Sheet.Radio.Failsafe.Likely ?? RadioSpec.Unstated,
            Methods: state.Sheet.Radio.BindMethods,
            ModelMemory: state.Bind.Bound?.ModelMemory ?? "",
            Mode: state.Bind.Bound?.Mode ?? 2,
            Directions:
            [
                .. Directions
                    .Calls(state.Sheet)
                    .Where(c => Asked(new DirectionId(c.Function)))
                    .Select(c => new DirectionView(
                        c.Function,
                        c.Call,
                        [
                            .. c.Expected.Select(e => new ExpectedView(
                                e.Surface.Id,
                                e.Surface.Name,
                                e.Movement,
                                BindWords.Of(e.Movement),
                                state.Bind.Directions.TryGetValue(c.Function, out var shown)
                                    ? shown.Seen.GetValueOrDefault(e.Surface.Id, Movement.None)
                                    : null
                            )),
                        ],
                        DrawingView.Of(BehindView.Of(state.Sheet, c.Picture)),
                        Line(new DirectionId(c.Function))
                    )),
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
            ]
        );
    }
}
