using Zygotome.Core.Balance;
using Zygotome.Core.Journal;

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

/// <summary>What one weighing shows, by name: "All-up weight".</summary>
public sealed record WeighedLine(Weighable Of, LedgerLine Line, string Name);

/// <summary>One configuration: the sheet's range, the school's target band, and how it stands.</summary>
/// <param name="OwnPlace">The pack has a place of its own in it. <paramref name="PackFront"/>: where its front lies, as last
/// said, else where the sheet says; null where neither does.</param>
public sealed record ConfigurationView(
    string Name,
    double? Low,
    double? High,
    double? TargetLow,
    double? TargetHigh,
    string School,
    LedgerLine Range,
    IReadOnlyList<WeighedLine> Lines,
    double? X,
    double? UX,
    double? Y,
    double? Grams,
    BalanceAdviceView? Advice,
    IReadOnlyList<SupportPlace> Supports,
    bool OwnPlace,
    double? PackFront
);

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
    public static void MapBalance(this IEndpointRouteBuilder app) =>
        app.MapGet("/api/jobs/{id}/balance", (string id, JobDesk desk) => desk.View(id, View));

    internal static BalanceView View(JobState state, IReadOnlyList<LedgerLine> ledger)
    {
        var bay = state.Sheet.Geometry.Bay;
        var fronts = PackPlaces.Fronts(state);
        var motor = state.Sheet.Power.Motors.FirstOrDefault();
        var pack = state.Aboard.Battery!;
        return new BalanceView(
            state.Sheet.Geometry.Datum,
            [
                .. from configuration in state.Sheet.Balance.Configurations
                let lines = Lines(configuration.Name, ledger)
                // A sealed ledger has the lines that were asked for then.
                where lines.Any(l => l.Of == Weighable.Centre)
                select Of(state, configuration, lines),
            ],
            new PackView(
                (double)pack.Length.Nominal,
                pack.Mass.Text,
                fronts?.First,
                fronts?.Last,
                bay?.From ?? 0,
                bay?.To ?? 0,
                bay?.Width ?? 40
            ),
            [
                .. state.Sheet.Geometry.BallastStations.Select(s => new BallastView(
                    s.Name,
                    s.At,
                    s.Piece,
                    s.Limit,
                    state.Balance.BallastAt(s.Name)
                )),
            ],
            motor?.Kind ?? "",
            motor?.Mass,
            motor?.At
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
            configuration.Name,
            target?.Range.Low,
            target?.Range.High,
            target?.Target.Low,
            target?.Target.High,
            target?.School ?? "",
            range,
            lines,
            Rounded(cg?.X),
            Rounded(cg?.UX),
            Rounded(cg?.Y),
            cg?.Weight,
            cg is null || target is null || state.Released ? null
                : range.Standing == Standing.Stale
                    ? new BalanceAdviceView(
                        "Weigh again: what it was weighed with has changed.",
                        null,
                        "",
                        0,
                        null,
                        false
                    )
                : BalanceAdvice
                    .For(state, target, cg)
                    .Match(
                        a => new BalanceAdviceView(a.Words, a.PackFront, a.Station, a.Pieces, Rounded(a.LandsAt), true),
                        r => new BalanceAdviceView(r.Text, null, "", 0, null, false)
                    ),
            [.. shown?.Weighed.Supports.Select(s => new SupportPlace(s.X.Text, s.Y.Text)) ?? []],
            configuration.PackFront is not null,
            PackPlaces.FrontOf(state, configuration.Name) ?? configuration.PackFront
        );
    }

    private static double? Rounded(double? value) => value is { } v ? Math.Round(v, 2) : null;
}
