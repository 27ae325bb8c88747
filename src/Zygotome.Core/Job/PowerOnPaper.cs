using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Wire;

namespace Zygotome.Core.Job;

/// <summary>One figure of the power train beside its limit.</summary>
/// <param name="Figure">As it is; empty where nobody knows. <paramref name="Limit"/>: likewise.</param>
/// <param name="Suits">Null where one of both is not known.</param>
public sealed record PowerRow(string What, string Figure, string Limit, bool? Suits, string Why);

/// <summary>
/// Pack, connector, controllers, regulator and propellers against each other before anything is joined: each figure
/// with its limit and the reason. It judges nothing anew: the ledger's lines are of the same numbers.
/// </summary>
public static class PowerOnPaper
{
    /// <summary>In the order the current takes: packs, connector, controllers, propellers, receiver's power.</summary>
    public static ImmutableArray<PowerRow> Of(JobState state)
    {
        var train = new PowerTrain(state.Sheet, state.Receive.Drives);
        return
        [
            .. Packs(state, train),
            .. Connector(state, train),
            .. Controllers(train),
            .. Propellers(state.Sheet, train),
            .. Receiver(state),
        ];
    }

    private static IEnumerable<PowerRow> Packs(JobState state, PowerTrain train)
    {
        var (sheet, pack) = (state.Sheet, state.Aboard.Battery);
        if (PacksTogether.Asked(sheet) > 1)
        {
            var (suits, why) = PacksTogether.Judge(sheet, state.Receive.Flies);
            yield return new PowerRow(
                "Packs together",
                state.Receive.Flying.IsEmpty ? "" : string.Join(", then ", state.Receive.Flying),
                $"{PacksTogether.Asked(sheet)}"
                    + (sheet.Power.Packs.Any(p => p.Count > 1 && p.InSeries) ? " in series" : " in parallel"),
                suits,
                $"{why} Connected in the order {string.Join(", then ", sheet.Power.PackNames)}."
            );
        }

        if (pack is null)
        {
            yield return new PowerRow("Pack", "", "", null, "It is still to be chosen.");
            yield break;
        }

        if (PackPower.Cells(sheet, train, pack) is var (cells, because))
        {
            var (least, most) = train.Cells();
            int[] named = train.IsOther || PacksTogether.Asked(sheet) > 1 ? [] : PackPower.Named(sheet);
            yield return new PowerRow(
                "Cells",
                $"{pack.Cells}",
                named.Length > 0 ? string.Join(" or ", named)
                    : most is null ? ""
                    : least is null || least == most ? $"{most}"
                    : $"{least} to {most}",
                cells,
                because
            );
        }

        var draw = train.Known;
        var gives = pack.CRating * (double)pack.Capacity.Nominal / 1000;
        if (draw > 0)
        {
            yield return new PowerRow(
                "The most that is drawn, of the pack",
                Amps(draw),
                gives is { } g ? Amps(g) : "",
                gives is { } given ? Numbers.Round(given - draw) >= 0 : null,
                gives is null
                    ? "Its C rating was not said."
                    : $"{pack.Capacity.Text} at {Numbers.Say(pack.CRating!.Value)} C; "
                        + $"{Numbers.OneDecimal(draw * 1000 / (double)pack.Capacity.Nominal)} C are needed."
            );
        }
    }

    private static IEnumerable<PowerRow> Connector(JobState state, PowerTrain train)
    {
        if (state.Sheet.Power.Motors.IsEmpty)
        {
            yield break;
        }

        var kind = state.Wire.Connector?.Kind;
        var draw = state.Aboard.MostDraw(state.Sheet);
        yield return new PowerRow(
            kind is null ? "Connector" : $"Connector, {kind.Name}",
            draw is { } d ? Amps(d) : "",
            kind is null ? "" : Amps(kind.Amps),
            kind is not null && draw is { } drawn ? Numbers.Round(kind.Amps - drawn) >= 0 : null,
            kind is null ? "Which one it is was not said."
                : kind.Keyed ? "It goes in one way round only."
                : "It goes in either way round: look at + and − each time."
        );
        var pack = state.Aboard.Battery?.Connector ?? "";
        string[] own =
        [
            .. train.Connectors is { Length: > 0 } apart
                ? apart
                : state.Sheet.Power.Packs.Select(p => p.Says(PowerFields.Pack.Connector).Counts).OfType<string>(),
        ];
        if (pack.Length > 0 && own.Length > 0)
        {
            var alike = own.Contains(pack, StringComparer.OrdinalIgnoreCase);
            yield return new PowerRow(
                "Pack's plug and controller's",
                pack,
                string.Join(" or ", own),
                alike,
                alike ? "They meet." : "An adapter, or another plug on one of them."
            );
        }
    }

    private static IEnumerable<PowerRow> Controllers(PowerTrain train) =>
        from load in train.Loads()
        let left = (load.Rating - load.Through) / load.Rating
        select new PowerRow(
            load.Name == "main" ? "The most through the controller" : $"The most through {load.Name}",
            load.Through is { } through ? Amps(through) : "",
            load.Rating is { } rating ? Amps(rating) : "",
            left is { } l ? Numbers.Round(l - PowerFlags.Headroom) >= 0 : null,
            left is { } share
                ? $"{Numbers.Say(Math.Round(share * 100))} % left; "
                    + $"{Numbers.Say(PowerFlags.Headroom * 100)} % is the least."
                : "Its rating, or what goes through it, is not known."
        );

    private static IEnumerable<PowerRow> Propellers(SpecSheet sheet, PowerTrain train)
    {
        foreach (var motor in sheet.Power.Motors.Where(m => !m.IsFan))
        {
            var fitted = train.Propeller(motor);
            var cutOut = motor.Says(PowerFields.Motor.CutOut).Counts;
            if (fitted.Length == 0 || !PropellerSize.Parse(fitted).Try(out var size, out _))
            {
                continue;
            }

            var left = cutOut is null ? (double?)null : Numbers.Round((double)(cutOut.Low - size.DiameterMm) / 2);
            yield return new PowerRow(
                sheet.Power.Motors.Length == 1 ? "Propeller" : $"Propeller, {motor.Id}",
                $"{fitted}, {Numbers.OneDecimal((double)size.DiameterMm)} mm",
                cutOut?.Text ?? (motor.Propeller.Length > 0 && motor.Propeller != fitted ? motor.Propeller : ""),
                left is { } gap ? gap >= PowerFlags.Gap
                    : motor.Propeller == fitted ? true
                    : null,
                left is { } mm
                        ? $"{Numbers.OneDecimal(mm)} mm left each side; {Numbers.Say(PowerFlags.Gap)} is the least."
                    : motor.Propeller == fitted ? "The sheet's own."
                    : $"The sheet's is {motor.Propeller}: what it draws is not the sheet's."
            );
        }
    }

    private static IEnumerable<PowerRow> Receiver(JobState state)
    {
        var supply = Supply.Of(state);
        if (supply.Peak == 0 && !supply.IsStated)
        {
            yield break;
        }

        var own = Supply.IsSeparate(state) ? " The receiver gets a supply of its own." : "";
        PowerRow Row(string what, double figure, double? limit, string unit, string why) =>
            new(
                what,
                $"{Numbers.Say(Math.Round(figure, 2))} {unit}",
                limit is { } most ? $"{Numbers.Say(most)} {unit}" : "",
                limit is { } l ? Numbers.Round(l - figure) >= 0 : null,
                $"{why}{own}"
            );
        yield return Row("Regulator, all working", supply.Working, supply.Continuous, "A", "Servos, lights, retracts.");
        yield return Row(
            "Regulator, two stalled",
            supply.Peak,
            supply.Most,
            "A",
            "The two that draw most, the rest working."
        );
        if (supply.Heat is { } heat)
        {
            yield return Row(
                "Regulator, heat",
                heat,
                supply.Watts,
                "W",
                "4.2 V a cell less its volts, × what it gives."
            );
        }
    }

    private static string Amps(double amps) => $"{Numbers.Say(Math.Round(amps, 1))} A";
}
