using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Plausibility;

/// <summary>Draw against controller and pack, cells against controller, propellers.</summary>
internal static class PowerFlags
{
    /// <summary>The share of a controller's rating that stays free above what is drawn: a usual least.</summary>
    public const double Headroom = 0.15;

    /// <summary>mm each side of a propeller in its cut-out.</summary>
    public const double Gap = 3;

    private const double MostC = 60;

    // Propellers side by side, by their printed diameters, inches.
    private static IEnumerable<Flag> Discs(PowerSpec power)
    {
        const double together = 40;
        var discs = power
            .Motors.Select((m, i) => (Motor: m, Index: i, Size: PropellerSize.Parse(m.Propeller).OrDefault()))
            .Where(d => d.Size is not null && !d.Motor.IsFan)
            .Select(d => (d.Motor, d.Index, Radius: (double)d.Size!.Diameter * 25.4 / 2))
            .ToArray();
        foreach (var (a, k) in discs.Select((d, k) => (d, k)))
        {
            foreach (var b in discs[(k + 1)..])
            {
                var apart = Math.Abs(a.Motor.Y - b.Motor.Y);
                if (Math.Abs(a.Motor.At - b.Motor.At) < together && apart < a.Radius + b.Radius)
                {
                    yield return Flag.Of(
                        "discs",
                        $"$.power.motors[{b.Index}].propeller",
                        b.Motor.Propeller,
                        $"The propellers of {a.Motor.Id} and {b.Motor.Id} would touch: {Numbers.Say(apart)} mm apart, "
                            + $"and {Numbers.Say(a.Radius + b.Radius)} mm of blades between them."
                    );
                }
            }
        }
    }

    // A propeller needs its gap on both sides within what it turns in; a surface that moves into it comes on top.
    private static IEnumerable<Flag> CutOuts(PowerSpec power)
    {
        foreach (var (motor, i) in power.Motors.Select((m, i) => (m, i)))
        {
            if (
                motor.Says(PowerFields.Motor.CutOut).Likely is { } cutOut
                && PropellerSize.Parse(motor.Propeller).Try(out var size, out _)
                && Numbers.Round((double)cutOut.Low - (2 * Gap)) < Numbers.Round((double)size.DiameterMm)
            )
            {
                var left = ((double)cutOut.Low - (double)size.DiameterMm) / 2;
                yield return Flag.Of(
                    "cut-out",
                    $"$.power.motors[{i}].cutOut",
                    cutOut.Text,
                    $"A {motor.Propeller} propeller is {Numbers.OneDecimal((double)size.DiameterMm)} mm across: in "
                        + $"{cutOut.Text} that "
                        + (left < 0 ? "does not turn" : $"leaves {Numbers.OneDecimal(left)} mm each side")
                        + $"; {Numbers.Say(Gap)} mm each side is the least."
                );
            }
        }
    }

    // A doubt may rest on likely numbers: it asks and judges nothing.
    private static double Draw(MotorSpec motor) => (double)(motor.Says(PowerFields.Motor.Draw).Likely?.High ?? 0);

    public static IEnumerable<Flag> Of(SpecSheet sheet)
    {
        var power = sheet.Power;
        foreach (var (controller, i) in power.Controllers.Select((c, i) => (c, i)))
        {
            var draw = power.Motors.Where(m => m.Controller == controller.Id).Sum(Draw);
            if (controller.Says(PowerFields.Controller.Rating).Likely is { Nominal: > 0 } rating && draw > 0)
            {
                var left = ((double)rating.Nominal - draw) / (double)rating.Nominal;
                if (Numbers.Round(left) < Headroom)
                {
                    yield return Flag.Of(
                        "draw",
                        $"$.power.controllers[{i}].rating",
                        rating.Text,
                        left < 0
                            ? $"The motors draw up to {Numbers.Say(draw)} A through a controller rated {rating.Text}."
                            : $"Only {Numbers.Say(left * 100)} % of {rating.Text} is left above {Numbers.Say(draw)} "
                                + $"A; 15 % is the least."
                    );
                }
            }

            foreach (var (pack, k) in power.Packs.Select((p, k) => (p, k)))
            {
                if (
                    controller.Says(PowerFields.Controller.Cells).Likely is { } cells
                    && (pack.Cells < cells.Low || pack.Cells > cells.High)
                )
                {
                    yield return Flag.Of(
                        "cells",
                        $"$.power.packs[{k}].cells",
                        $"{pack.Cells}",
                        $"A pack of {pack.Cells} cells on controller {controller.Id}, which takes {cells.Text}."
                    );
                }
            }
        }

        var total = power.Motors.Sum(Draw);
        foreach (var (pack, k) in power.Packs.Select((p, k) => (p, k)))
        {
            var capacity = pack.Says(PowerFields.Pack.Capacity).Likely;
            var hours = (double)(capacity?.Low ?? 0) / 1000 * pack.Count;
            if (hours > 0 && total / hours > MostC)
            {
                yield return Flag.Of(
                    "c-rating",
                    $"$.power.packs[{k}].capacity",
                    capacity!.Text,
                    $"{Numbers.Say(total)} A from {Numbers.Say(hours)} Ah is {Numbers.Say(total / hours)} C; few "
                        + $"packs give that. A digit may be missing."
                );
            }

            if (
                pack.Says(PowerFields.Pack.Length).Likely is { } length
                && sheet.Geometry.Bay is { } bay
                && length > bay.To - bay.From
            )
            {
                yield return Flag.Of(
                    "pack-bay",
                    $"$.power.packs[{k}].length",
                    Numbers.Say(length),
                    $"The pack is {Numbers.Say(length)} mm long, its bay {Numbers.Say(bay.To - bay.From)} mm."
                );
            }
        }

        foreach (var flag in CutOuts(power))
        {
            yield return flag;
        }

        foreach (var flag in Discs(power))
        {
            yield return flag;
        }

        foreach (var (motor, i) in power.Motors.Select((m, i) => (m, i)))
        {
            if (!sheet.Steps.Any(s => s.Readies.Contains(motor.Id)))
            {
                yield return Flag.Of(
                    "readies",
                    $"$.power.motors[{i}].id",
                    motor.Id,
                    $"No step says that it readies motor {motor.Id}: nothing tells when its "
                        + $"{(motor.IsFan ? "wires are joined" : "propeller goes on")}."
                );
            }

            if (motor.Propeller.Length == 0)
            {
                continue;
            }

            if (!PropellerSize.Parse(motor.Propeller).Try(out var size, out var refusal))
            {
                yield return Flag.Of("propeller", $"$.power.motors[{i}].propeller", motor.Propeller, refusal.Text);
            }
            else if (size.Pitch > size.Diameter * 1.2m || size.Pitch < size.Diameter * 0.25m)
            {
                yield return Flag.Of(
                    "pitch",
                    $"$.power.motors[{i}].propeller",
                    motor.Propeller,
                    $"{motor.Propeller}: a pitch of {size.Pitch} on a diameter of {size.Diameter} is unusual; the "
                        + $"two may be exchanged, or a point is missing."
                );
            }
        }
    }
}
