using Zygotome.Core.Airframe;
using Zygotome.Core.Jobs;
using Zygotome.Core.Quantities;
using Zygotome.Core.Throws;

namespace Zygotome.Server.Stages;

/// <summary>The next setting and what to expect, or why there is none.</summary>
public sealed record TravelAdviceView(double? Percent, string ExpectWords, double? Expect, string Why);

/// <summary>One throw, in the sheet's kind and unit.</summary>
/// <param name="ScaleEnd">Where the drawn gauge ends, same unit.</param>
/// <param name="Travel">Radio travel this way as last said, %.</param>
public sealed record ThrowView(
    LedgerLine Line,
    string Surface,
    string SurfaceName,
    string Function,
    string Rate,
    Way Way,
    string Name,
    string Printed,
    double? Low,
    double? High,
    double Target,
    string Unit,
    double Chord,
    string Measure,
    double ScaleEnd,
    double? Value,
    double? U,
    double Travel,
    TravelAdviceView? Advice
);

/// <summary>How a surface is inked while one rate is being measured; null while nothing of it is.</summary>
public sealed record SurfaceInk(string Surface, string Rate, Standing? Standing);

public sealed record ThrowsView(
    IReadOnlyList<ThrowView> Throws,
    IReadOnlyList<SurfaceInk> Inks,
    IReadOnlyList<LedgerLine> Sides,
    IReadOnlyList<LedgerLine> Neutral,
    IReadOnlyList<LedgerLine> Freedom,
    IReadOnlyList<LedgerLine> Holes,
    bool Guarded
);

internal static class ThrowsEndpoints
{
    public static void MapThrows(this IEndpointRouteBuilder app) =>
        app.MapGet("/api/jobs/{id}/throws", (string id, JobDesk desk) => desk.View(id, View));

    private static ThrowsView View(JobState state, IReadOnlyList<LedgerLine> ledger)
    {
        IReadOnlyList<LedgerLine> Lines(string prefix) =>
            [.. ledger.Where(l => l.Id.StartsWith(prefix, StringComparison.Ordinal))];
        var targets = ThrowTargets.Of(state.Sheet, state.Receive.Rules);
        return new ThrowsView(
            [.. targets.Select(t => Of(state, t, ledger.First(l => l.Id == t.Id)))],
            [
                .. targets
                    .Select(t => (t.Surface.Id, t.Rate))
                    .Distinct()
                    .Select(s => new SurfaceInk(s.Id, s.Rate, Inking.Throws(ledger, s.Id, s.Rate))),
            ],
            Lines("sides/"),
            Lines("neutral/"),
            Lines("freedom/"),
            Lines("hole/"),
            state.Receive.Rules.Guarded
        );
    }

    private static ThrowView Of(JobState state, ThrowTarget t, LedgerLine line)
    {
        var reading =
            state.Throws.Readings.TryGetValue(t.Id, out var shown)
            && ThrowReading.Of(t, shown.Read).Try(out var r, out _)
                ? r
                : null;
        var end = Math.Max(t.Band?.High ?? t.Nominal, reading?.Value ?? 0) * 1.25;
        return new ThrowView(
            line,
            t.Surface.Id,
            t.Surface.Name,
            t.Function,
            t.Rate,
            t.Way,
            t.Name,
            t.Printed,
            t.Band?.Low,
            t.Band?.High,
            t.Band?.Middle ?? t.Nominal,
            t.Unit,
            t.Surface.Chord,
            ThrowMeasures.Words(t.Measure),
            Math.Max(5, Math.Ceiling(end / 5) * 5),
            Rounded(reading?.Value),
            Rounded(reading?.U),
            state.Throws.Travel.GetValueOrDefault(t.Id, 100),
            Advice(state, t, line, shown, reading)
        );
    }

    private static TravelAdviceView? Advice(
        JobState state,
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
            || t.Band is not { } band
            || state.Released
        )
        {
            return null;
        }

        // After a new setting the old reading predicts; the advice is then to measure again.
        var travel = state.Throws.Travel.GetValueOrDefault(t.Id, shown.Read.Travel);
        if (line.Standing == Standing.Stale)
        {
            return travel == shown.Read.Travel
                ? null
                : new TravelAdviceView(
                    null,
                    "",
                    Rounded(Predict(t, angle, shown.Read.Travel, travel)),
                    $"Set to {Numbers.Say(travel)} %: measure again."
                );
        }

        return TravelAdvice
            .Next(t, shown.Read.Travel, angle, band.Middle, state.Throws.Tried.GetValueOrDefault(t.Id, []))
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
