using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;

namespace Zygotome.Server.Stages;

/// <summary>The next setting and what to expect, or why there is none.</summary>
public sealed record TravelAdviceView(double? Percent, string ExpectWords, double? Expect, string Why);

/// <summary>One throw, in the sheet's kind and unit.</summary>
/// <param name="Pair">The surface and its like on the other side, by one name; <paramref name="Title"/>: that and the
/// function, as the row is called. <paramref name="Side"/>: left, right, or empty where there is but one.</param>
/// <param name="ScaleEnd">Where the drawn gauge ends, same unit.</param>
/// <param name="Figure">The reading as it is said beside its limits; <paramref name="Spread"/>: its uncertainty. Both
/// empty while there is none.</param>
/// <param name="Travel">The number in the radio it hangs on, as last said, %. <paramref name="Number"/>: which that is;
/// empty where none is; <paramref name="NumberShort"/>: in two words. <paramref name="Sets"/>: how many throws it sets
/// beside this one.</param>
public sealed record ThrowView(
    LedgerLine Line,
    string Surface,
    string SurfaceName,
    string Pair,
    string Title,
    string Side,
    string Function,
    string Rate,
    Way Way,
    string Name,
    string Printed,
    double? Low,
    double? High,
    double Target,
    string Unit,
    string Chord,
    string Measure,
    double ScaleEnd,
    string Figure,
    string Spread,
    double? Value,
    double? U,
    double Travel,
    string Number,
    string NumberShort,
    int Sets,
    TravelAdviceView? Advice
);

/// <summary>How a surface is inked while one rate is being measured; null while nothing of it is.</summary>
public sealed record SurfaceInk(string Surface, string Rate, Standing? Standing);

/// <summary>Left against right of one row, rate and way.</summary>
public sealed record SidesView(LedgerLine Line, string Pair, string Function, string Rate, Way Way);

/// <summary>What is shown of one surface beside its throws.</summary>
public sealed record SurfaceLineView(LedgerLine Line, string Surface, string Name);

public sealed record ThrowsView(
    IReadOnlyList<ThrowView> Throws,
    IReadOnlyList<SurfaceInk> Inks,
    IReadOnlyList<SidesView> Sides,
    IReadOnlyList<SurfaceLineView> Neutral,
    IReadOnlyList<SurfaceLineView> Freedom,
    IReadOnlyList<SurfaceLineView> Holes,
    bool Guarded
);

internal static class ThrowsEndpoints
{
    public static void MapThrows(this IEndpointRouteBuilder app) =>
        app.MapGet("/api/jobs/{id}/throws", (string id, JobDesk desk) => desk.View(id, View));

    internal static ThrowsView View(JobState state, IReadOnlyList<LedgerLine> ledger)
    {
        IReadOnlyList<SurfaceLineView> Lines(SurfaceAsk of) =>
            [
                .. from line in ledger
                join surface in state.Sheet.Surfaces on line.Id equals new SurfaceId(of, surface.Id).Written
                select new SurfaceLineView(line, surface.Id, surface.Name),
            ];
        var inks = new ThrowInks(state, ledger);
        var numbers = RadioNumbers.Of(state);
        var targets = numbers.Targets;
        return new ThrowsView(
            Throws:
            [
                .. from target in targets
                let line = ledger.FirstOrDefault(l => l.Id == target.Id)
                // A sealed ledger has the lines that were asked for then.
                where line is not null
                select Of(state, numbers, target, line),
            ],
            Inks:
            [
                .. targets
                    .Select(t => (t.Surface.Id, t.Rate))
                    .Distinct()
                    .Select(s => new SurfaceInk(s.Id, s.Rate, inks.Of(s.Id, s.Rate))),
            ],
            Sides:
            [
                .. from line in ledger
                join id in SideBySide.Ids(targets) on line.Id equals id.Written
                select new SidesView(line, id.Pair, id.Function, id.Rate, id.Way),
            ],
            Neutral: Lines(SurfaceAsk.Neutral),
            Freedom: Lines(SurfaceAsk.Freedom),
            Holes: Lines(SurfaceAsk.Hole),
            Guarded: state.Rules.Guarded
        );
    }

    private static ThrowView Of(JobState state, RadioNumbers numbers, ThrowTarget t, LedgerLine line)
    {
        var reading =
            state.Throws.Readings.TryGetValue(t.Id, out var shown)
            && ThrowReading.Of(t, shown.Read).Try(out var r, out _)
                ? r
                : null;
        var end = Math.Max(t.Band?.High ?? t.Nominal, reading?.Value ?? 0) * 1.25;
        return new ThrowView(
            Line: line,
            Surface: t.Surface.Id,
            SurfaceName: t.Surface.Name,
            Pair: t.Surface.Pair,
            Title: Title(t),
            Side: Places.SideOf(t.Surface.Id),
            Function: t.Function,
            Rate: t.Rate,
            Way: t.Way,
            Name: t.Name,
            Printed: t.Printed,
            Low: t.Band?.Low,
            High: t.Band?.High,
            Target: t.Band?.Middle ?? t.Nominal,
            Unit: t.Unit,
            Chord: Numbers.Say(t.Surface.Chord),
            Measure: ThrowMeasures.Words(t.Measure),
            ScaleEnd: Math.Max(5, Math.Ceiling(end / 5) * 5),
            Figure: reading is null ? "" : t.Band?.Beside(reading.Value) ?? Numbers.OneDecimal(reading.Value),
            Spread: reading is null ? "" : Numbers.Uncertainty(reading.U),
            Value: Rounded(reading?.Value),
            U: Rounded(reading?.U),
            Travel: numbers.Now(state.Settings, t),
            Number: numbers.NumberOf(t) is { } number ? SettingWords.Of(state, number) : "",
            NumberShort: numbers.NumberOf(t)?.Kind switch
            {
                SettingKind.EndPoint => "end point",
                SettingKind.Share => "share",
                _ => "",
            },
            Sets: numbers.NumberOf(t) is { } sets ? numbers.SetBy(sets).Count() - 1 : 0,
            Advice: Advice(state, numbers, t, line, shown, reading)
        );
    }

    // "Aileron"; of a surface with other functions, or called otherwise, with the function.
    private static string Title(ThrowTarget t)
    {
        var name = Core.Texts.Capital(Places.Words(t.Surface.Pair));
        return t.Surface.Kind == t.Function ? name : $"{name}, {t.Function}";
    }

    private static TravelAdviceView? Advice(
        JobState state,
        RadioNumbers numbers,
        ThrowTarget t,
        LedgerLine line,
        ThrowShown? shown,
        ThrowReading? reading
    )
    {
        if (
            shown is null
            || reading?.Angle is not { } angle
            || line.Standing == Standing.Met
            || t.Band is null
            || state.Released
        )
        {
            return null;
        }

        // After a new setting the old reading predicts; the advice is then to measure again.
        if (line.Standing == Standing.Stale)
        {
            var (then, now) = (numbers.Given(state.Settings, t, shown.Evidence), numbers.GivenNow(state.Settings, t));
            return then == now
                ? null
                : new TravelAdviceView(
                    null,
                    "",
                    Rounded(Predict(t, angle, then, now)),
                    "Set otherwise since: the hollow needle is what to expect; measure again."
                );
        }

        return ThrowAdvice
            .For(state, numbers, t)
            .Match(
                a => new TravelAdviceView(
                    a.Percent,
                    $"{Numbers.OneDecimal(a.Expect)} ± {Numbers.OneDecimal(a.U)}",
                    Rounded(a.Expect),
                    a.Why
                ),
                f => new TravelAdviceView(null, "", null, f.Text)
            );
    }

    private static double Predict(ThrowTarget t, ThrowAngle read, double was, double now) =>
        ThrowMeasures.FromAngle(new ThrowAngle(read.Degrees * now / was, 0), t.Measure, t.Surface.Chord).Value;

    private static double? Rounded(double? value) => value is { } v ? Math.Round(v, 2) : null;
}
