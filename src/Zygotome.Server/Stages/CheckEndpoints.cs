using Zygotome.Core.Bind;
using Zygotome.Core.Check;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

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

/// <param name="Least">mm; null where nothing is measured. <paramref name="Reckoned"/>: by the sheet's geometry, mm.
/// </param>
public sealed record CheckAskView(
    string Id,
    CheckRoom Room,
    string Words,
    string Why,
    string Mend,
    IReadOnlyList<string> Parts,
    double? Least,
    double? Reckoned,
    LedgerLine Line
);

/// <param name="Limits">"at most 45 A, the controller's rating".</param>
public sealed record FullPowerView(IReadOnlyList<string> Limits, LedgerLine Line);

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
    LedgerLine? Taxi
);

internal static class CheckEndpoints
{
    public static void MapCheck(this IEndpointRouteBuilder app) =>
        app.MapGet("/api/jobs/{id}/check", (string id, JobDesk desk) => desk.View(id, View));

    internal static CheckView View(JobState state, IReadOnlyList<LedgerLine> ledger)
    {
        LedgerLine? Found(RequirementId id) => ledger.FirstOrDefault(l => l.Id == id.Written);
        var calls = CallOut.Of(state.Sheet);
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
                    Words: ask.Words,
                    Why: ask.Why,
                    Mend: ask.Mend,
                    Parts: ask.Parts,
                    Least: ask.Least,
                    Reckoned: ask.Reckoned,
                    Line: line
                ),
            ],
            FullPower: Found(new PowerRunId()) is { } power
                ? new FullPowerView(
                    [.. PowerLimits.Of(state).Select(l => $"{(l.IsAmps ? "at most" : "at least")} {l.Words}")],
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
            Taxi: Found(new TaxiId())
        );
    }

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
