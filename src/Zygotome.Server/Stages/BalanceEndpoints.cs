using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Balance;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Server.Stages;

public sealed record BallastView(string Name, double At, double Piece, double Limit, int Pieces);

public sealed record PackView(
    double Length,
    string Mass,
    double? FirstFront,
    double? LastFront,
    double BayFrom,
    double BayTo,
    double BayWidth
);

public sealed record BalanceAdviceView(
    string Words,
    double? PackFront,
    string Station,
    int Pieces,
    double? LandsAt,
    bool Possible
);

/// <summary>Where a support stood at the last weighing, as typed.</summary>
public sealed record SupportPlace(string X, string Y);

/// <summary>Where a support is said to stand, before it is weighed on.</summary>
public sealed record SupportPost(Station X, Lateral Y);

/// <summary>The same in mm, to be drawn: aft of the datum, to the right.</summary>
public sealed record SupportDrawn(double X, double Y);

/// <summary>What one weighing shows, by name: "All-up weight".</summary>
public sealed record WeighedLine(Weighable Of, LedgerLine Line, string Name);

/// <summary>One configuration: the sheet's range, the school's target band, and how it stands.</summary>
/// <param name="Figure">The centre as it is said beside its range; <paramref name="Spread"/>: its uncertainty. Both
/// empty while it was not weighed.</param>
/// <param name="OwnPlace">The pack has a place of its own in it. <paramref name="PackFront"/>: where its front lies, as
/// last said, else where the sheet says; null where neither does.</param>
public sealed record ConfigurationView(
    string Name,
    double? Low,
    double? High,
    double? TargetLow,
    double? TargetHigh,
    string School,
    LedgerLine Range,
    IReadOnlyList<WeighedLine> Lines,
    string Figure,
    string Spread,
    double? X,
    double? UX,
    double? Y,
    double? Grams,
    BalanceAdviceView? Advice,
    IReadOnlyList<SupportPlace> Supports,
    bool OwnPlace,
    double? PackFront,
    string Stands,
    MarksView? Marks
);

/// <summary>Where it can be held up on fingertips or a stand, and what it did there.</summary>
/// <param name="Words">The maker's marks, or the ends of the range.</param>
/// <param name="Only">The manual gives marks and no figure: scales alone show nothing.</param>
public sealed record MarksView(string Words, string Method, bool Only, IReadOnlyList<MarkPlaceView> Places);

public sealed record MarkPlaceView(MarkPlace At, string Words, MarkAnswer? Did);

public sealed record BalanceView(
    string Datum,
    IReadOnlyList<ConfigurationView> Configurations,
    PackView Pack,
    IReadOnlyList<BallastView> Ballast,
    string MotorKind,
    double? PropellerMass,
    double? PropellerAt
);

internal static class BalanceEndpoints
{
    public static void MapBalance(this IEndpointRouteBuilder app)
    {
        app.MapGet("/api/jobs/{id}/balance", (string id, JobDesk desk) => desk.View(id, View));
        app.MapPost(
            "/api/balance/supports",
            Results<Ok<SupportDrawn[]>, ProblemHttpResult> (SupportPost?[] posts) =>
                Array.IndexOf(posts, null) is >= 0 and var nothing
                    ? Problems.Of(new Refusal("balance/support", "A support is nothing.", $"[{nothing}]"))
                    : TypedResults.Ok(
                        posts.OfType<SupportPost>().Select(p => new SupportDrawn(p.X.Value, p.Y.Value)).ToArray()
                    )
        );
    }

    internal static BalanceView View(JobState state, IReadOnlyList<LedgerLine> ledger)
    {
        var bay = state.Sheet.Geometry.Bay;
        var fronts = PackPlaces.Fronts(state);
        var motor = state.Sheet.Power.Motors.FirstOrDefault();
        var pack = state.Aboard.Battery;
        return new BalanceView(
            Datum: state.Sheet.Geometry.Datum,
            Configurations:
            [
                .. from configuration in state.Sheet.Balance.Configurations
                let lines = Lines(configuration.Name, ledger)
                // A sealed ledger has the lines that were asked for then.
                where lines.Any(l => l.Of == Weighable.Centre)
                select Of(state, configuration, lines),
            ],
            Pack: new PackView(
                Length: (double)(pack?.Length.Nominal ?? 0),
                Mass: pack?.Mass.Text ?? "",
                FirstFront: fronts?.First,
                LastFront: fronts?.Last,
                BayFrom: bay?.From ?? 0,
                BayTo: bay?.To ?? 0,
                BayWidth: bay?.Width ?? 40
            ),
            Ballast:
            [
                .. state.Sheet.Geometry.BallastStations.Select(s => new BallastView(
                    s.Name,
                    s.At,
                    s.Piece,
                    s.Limit,
                    state.Balance.BallastAt(s.Name)
                )),
            ],
            MotorKind: motor?.Kind ?? "",
            PropellerMass: motor?.Mass,
            PropellerAt: motor?.At
        );
    }

    private static WeighedLine[] Lines(string configuration, IReadOnlyList<LedgerLine> ledger) =>
        [
            .. from id in Enum.GetValues<Weighable>().Select(of => new BalanceId(of, configuration))
            join line in ledger on id.Written equals line.Id
            select new WeighedLine(id.Of, line, id.What),
        ];

    private static ConfigurationView Of(
        JobState state,
        Core.Sheets.BalanceConfiguration configuration,
        IReadOnlyList<WeighedLine> lines
    )
    {
        var target = BalanceTarget.Of(state.Sheet, configuration, state.BalanceSchool);
        var cg =
            state.Balance.Weighings.TryGetValue(configuration.Name, out var shown)
            && shown.Weighed.Calculate().Try(out var found, out _)
                ? found
                : null;
        var range = lines.First(l => l.Of == Weighable.Centre).Line;
        return new ConfigurationView(
            Name: configuration.Name,
            Low: target?.Range.Low,
            High: target?.Range.High,
            TargetLow: target?.Target.Low,
            TargetHigh: target?.Target.High,
            School: target?.School ?? "",
            Range: range,
            Lines: lines,
            Figure: cg is null ? "" : target?.Range.Beside(cg.X) ?? Numbers.OneDecimal(cg.X),
            Spread: cg is null ? "" : Numbers.Uncertainty(cg.UX),
            X: Rounded(cg?.X),
            UX: Rounded(cg?.UX),
            Y: Rounded(cg?.Y),
            Grams: cg?.Weight,
            Advice: cg is null || target is null || state.Released ? null
                : range.Standing == Standing.Stale
                    ? new BalanceAdviceView(
                        Words: "Weigh again: what it was weighed with has changed.",
                        PackFront: null,
                        Station: "",
                        Pieces: 0,
                        LandsAt: null,
                        Possible: false
                    )
                : BalanceAdvice
                    .For(state, target, cg)
                    .Match(
                        a => new BalanceAdviceView(
                            Words: a.Words,
                            PackFront: a.PackFront,
                            Station: a.Station,
                            Pieces: a.Pieces,
                            LandsAt: Rounded(a.LandsAt),
                            Possible: true
                        ),
                        r => new BalanceAdviceView(
                            Words: r.Text,
                            PackFront: null,
                            Station: "",
                            Pieces: 0,
                            LandsAt: null,
                            Possible: false
                        )
                    ),
            Supports: [.. shown?.Weighed.Supports.Select(s => new SupportPlace(s.X.Text, s.Y.Text)) ?? []],
            OwnPlace: configuration.PackFront is not null,
            PackFront: PackPlaces.FrontOf(state, configuration.Name) ?? configuration.PackFront,
            Stands: configuration.Stands,
            Marks: Marks(state, configuration, target)
        );
    }

    private static MarksView? Marks(
        JobState state,
        Core.Sheets.BalanceConfiguration configuration,
        BalanceTarget? target
    )
    {
        var seen = state.Balance.Marks.GetValueOrDefault(configuration.Name)?.Marks.Seen ?? [];
        var places = MarkedBalance.Places(state.Sheet, configuration);
        return places.IsEmpty
            ? null
            : new MarksView(
                configuration.Marks.Length > 0 ? configuration.Marks : $"{target?.Range} aft",
                configuration.Method,
                target is null,
                [
                    .. places.Select(p => new MarkPlaceView(
                        p,
                        Place(p, configuration, target),
                        seen.FirstOrDefault(s => s.At == p)?.Did
                    )),
                ]
            );
    }

    private static string Place(MarkPlace at, Core.Sheets.BalanceConfiguration configuration, BalanceTarget? target) =>
        (at, target) switch
        {
            (MarkPlace.AtTheMarks, _) => $"at {configuration.Marks}",
            (MarkPlace.ForwardEnd, { } t) => $"held {Numbers.OneDecimal(t.Range.Low!.Value)} mm aft, the forward end",
            (_, { } t) => $"held {Numbers.OneDecimal(t.Range.High!.Value)} mm aft, the aft end",
            (MarkPlace.ForwardEnd, _) => "at the forward marks",
            _ => "at the aft marks",
        };

    private static double? Rounded(double? value) => value is { } v ? Math.Round(v, 2) : null;
}
