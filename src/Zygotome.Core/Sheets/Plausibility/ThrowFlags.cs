using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Plausibility;

/// <summary>Throws against their surfaces and against each other.</summary>
internal static class ThrowFlags
{
    private const double LeastDegrees = 2;

    public static IEnumerable<Flag> Of(SpecSheet sheet)
    {
        for (var i = 0; i < sheet.Throws.Length; i++)
        {
            var row = sheet.Throws[i];
            foreach (var (way, value) in row.Ways)
            {
                foreach (var flag in One(sheet, row, $"$.throws[{i}].{way.Word()}", way, value))
                {
                    yield return flag;
                }
            }

            if (
                sheet
                    .Throws.Take(i)
                    .Any(r =>
                        (r.Surfaces, r.Function, r.Rate, r.Position)
                        == (row.Surfaces, row.Function, row.Rate, row.Position)
                    )
            )
            {
                yield return Flag.Of(
                    "row-twice",
                    $"$.throws[{i}].surfaces",
                    row.Surfaces,
                    $"{row.Surfaces} at {(row.Position.Length > 0 ? row.Position : row.Rate)} stands in the table "
                        + $"twice; one row may belong to another rate."
                );
            }
        }

        foreach (var flag in Order(sheet))
        {
            yield return flag;
        }

        foreach (var (rate, i) in sheet.Rates.Select((r, i) => (r, i)))
        {
            if (rate.Says(ThrowFields.RateRow.Expo).Undisputed is { } expo && Math.Abs(expo.Nominal) > 60)
            {
                yield return Flag.Of(
                    "expo",
                    $"$.rates[{i}].expo",
                    expo.Text,
                    $"An expo of {expo.Text} leaves almost nothing around the middle of the stick."
                );
            }
        }
    }

    private static IEnumerable<Flag> One(SpecSheet sheet, ThrowRow row, string path, Way way, Printed<Quantity> value)
    {
        if (value.Undisputed is not { } q || sheet.Named(row.Surfaces).FirstOrDefault() is not { Chord: > 0 } surface)
        {
            yield break;
        }

        var most = Most(surface);
        bool Plausible(double mm) => Degrees(mm, surface.Chord) is { } d && d >= LeastDegrees && d <= most;
        if (q.Dimension == Dimension.Percent)
        {
            if (q.High > 150 || q.Low < 10)
            {
                yield return Flag.Of(
                    "percent",
                    path,
                    q.Text,
                    $"{q.Text} of travel is outside what a transmitter can set and a linkage should need."
                );
            }

            yield break;
        }

        if (
            sheet.Defaults.Says(ThrowFields.Tolerance).Undisputed is { } tolerance
            && q.Form == QuantityForm.Single
            && q.Dimension == tolerance.Dimension
            && tolerance.Nominal >= Math.Abs(q.Nominal)
        )
        {
            yield return Flag.Of(
                "tolerance",
                path,
                q.Text,
                $"A tolerance of {tolerance.Text} is as wide as the throw of {q.Text}: a surface that hardly moves "
                    + $"would do."
            );
        }

        var (low, high) = (Math.Abs((double)q.Low), Math.Abs((double)q.High));
        (low, high) = (Math.Min(low, high), Math.Max(low, high));
        var angles =
            q.Dimension == Dimension.Angle
                ? (Low: low, High: high)
                : (Low: Degrees(low, surface.Chord) ?? 0, High: Degrees(high, surface.Chord) ?? 180);
        var misreading = Misreading.Of(q, Plausible);
        if (q.Dimension == Dimension.Length && high > surface.Chord)
        {
            yield return Flag.Of(
                "throw-over-chord",
                path,
                q.Text,
                $"{Numbers.Say(high)} mm is more than the {Numbers.Say(surface.Chord)} mm chord of the "
                    + $"{surface.Name.ToLowerInvariant()}: it cannot move that far.",
                misreading?.Words ?? "",
                misreading?.Suggestion ?? ""
            );
        }
        else if (angles.High > most)
        {
            yield return Flag.Of(
                "throw-steep",
                path,
                q.Text,
                $"{q.Text} on a chord of {Numbers.Say(surface.Chord)} mm is {Numbers.Say(angles.High)}°; over "
                    + $"{most}° is hard to believe for this surface.",
                misreading?.Words ?? "",
                misreading?.Suggestion ?? ""
            );
        }
        else if (angles.Low < LeastDegrees && row.Position.Length == 0)
        {
            yield return Flag.Of(
                "throw-small",
                path,
                q.Text,
                $"{q.Text} on a chord of {Numbers.Say(surface.Chord)} mm is {Numbers.Say(angles.Low)}°; under "
                    + $"{LeastDegrees}° hardly moves the aircraft.",
                misreading?.Words ?? "",
                misreading?.Suggestion ?? ""
            );
        }

        if (
            way == Way.Down
            && surface.Kind == "aileron"
            && row.Ways.FirstOrDefault(w => w.Way == Way.Up).Value?.Undisputed is { } up
            && up.Dimension == q.Dimension
            && q.Nominal > up.Nominal
        )
        {
            yield return Flag.Of(
                "differential",
                path,
                q.Text,
                $"Down ({q.Text}) is more than up ({up.Text}); an aileron usually goes up further, so the two may be "
                    + $"exchanged."
            );
        }
    }

    private static double Most(Surface surface) =>
        surface.Kind switch
        {
            "flap" or "flaperon" => 60,
            "airbrake" => 70,
            _ => 45,
        };

    // Upright ruler: the angle that a throw of d mm makes on a chord of c mm; none when the throw is longer than the
    // chord.
    private static double? Degrees(double mm, double chord) =>
        mm <= chord ? Math.Asin(mm / chord) / Numbers.RadiansPerDegree : null;

    private static IEnumerable<Flag> Order(SpecSheet sheet)
    {
        for (var i = 0; i < sheet.Throws.Length; i++)
        {
            var low = sheet.Throws[i];
            (string Small, string Large, bool Positions)[] pairs =
            [
                ("low", "high", false),
                ("mid", "full", true),
                ("take-off", "landing", true),
            ];
            foreach (var (small, large, positions) in pairs)
            {
                if ((positions ? low.Position : low.Rate) != small || (!positions && low.Position.Length > 0))
                {
                    continue;
                }

                var high = sheet.Throws.FirstOrDefault(r =>
                    r.Surfaces == low.Surfaces
                    && r.Function == low.Function
                    && (positions ? r.Position : r.Rate) == large
                    && (positions || r.Position.Length == 0)
                );
                foreach (var (way, value) in low.Ways)
                {
                    if (
                        value.Undisputed is { } a
                        && high?.Ways.FirstOrDefault(w => w.Way == way).Value?.Undisputed is { } b
                        && a.Dimension == b.Dimension
                        && Math.Abs(a.Nominal) >= Math.Abs(b.Nominal)
                    )
                    {
                        yield return Flag.Of(
                            "order",
                            $"$.throws[{i}].{way.Word()}",
                            a.Text,
                            $"{low.Surfaces} {small} ({a.Text}) is not less than {large} ({b.Text}); the two rows "
                                + $"may be exchanged."
                        );
                    }
                }
            }
        }
    }
}
