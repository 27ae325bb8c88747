using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Receive;

/// <summary>
/// Motors, propellers, controllers and pack against each other: the sheet's own with what was chosen apart in their
/// place. Each that does not suit is named, and by how much.
/// </summary>
public sealed class PowerTrain(SpecSheet sheet, IReadOnlyDictionary<string, DriveHeld> drives)
{
    /// <summary>What one motor draws: nominal and upper limit, A. <paramref name="ByProportion"/>: nobody said it, it
    /// is reckoned from the sheet's.</summary>
    public sealed record Drawn(double Nominal, double High, bool ByProportion);

    /// <summary>
    /// As said of this drive; else as the sheet says of its own; else by proportion, where the motor is the kit's and
    /// only its propeller is another. Null where nothing is known.
    /// </summary>
    /// <remarks>
    /// By proportion: at the same speed a propeller takes power as diameter⁴ × pitch, so the current goes with it. The
    /// motor slows under a larger one, so this is an upper bound for it; a run under full power decides.
    /// </remarks>
    public Drawn? Draw(MotorSpec motor)
    {
        var own = motor.Says(PowerFields.Motor.Draw).Counts;
        if (drives.GetValueOrDefault(motor.Id)?.Kind is not { } kind)
        {
            return own is null ? null : new Drawn((double)own.Nominal, (double)own.High, false);
        }

        if (kind.Draw is { } said)
        {
            return new Drawn(said.Value, (double)said.Typed.High, false);
        }

        if (own is null || DriveKind.Said(kind.Motor) is not null)
        {
            return null;
        }

        if (DriveKind.Said(kind.Propeller) is not { } propeller)
        {
            return new Drawn((double)own.Nominal, (double)own.High, false);
        }

        if (
            !PropellerSize.Parse(propeller).Try(out var now, out _)
            || !PropellerSize.Parse(motor.Propeller).Try(out var then, out _)
        )
        {
            return null;
        }

        var times = Math.Pow((double)(now.Diameter / then.Diameter), 4) * (double)(now.Pitch / then.Pitch);
        return new Drawn((double)own.Nominal * times, (double)own.High * times, true);
    }

    /// <summary>Of all motors together; null where one of them is not known or there is none.</summary>
    public Drawn? Draw() =>
        sheet.Power.Motors.Select(Draw).ToArray() is { Length: > 0 } all && all.All(d => d is not null)
            ? new Drawn(all.Sum(d => d!.Nominal), all.Sum(d => d!.High), all.Any(d => d!.ByProportion))
            : null;

    /// <summary>Upper limits of those that are known together, A: no pack has to give less.</summary>
    public double Known => sheet.Power.Motors.Sum(m => Draw(m)?.High ?? 0);

    /// <summary>The fewest and the most cells that motors and controllers take; null where nobody says.</summary>
    public (int? Least, int? Most) Cells()
    {
        var kinds = sheet.Power.Motors.Select(m => drives.GetValueOrDefault(m.Id)?.Kind).OfType<DriveKind>().ToArray();
        var own = sheet
            .Power.Controllers.Where(c => !IsReplaced(c.Id))
            .Select(c => c.Says(PowerFields.Controller.Cells).Counts)
            .OfType<Quantity>()
            .ToArray();

        // A single number is the most a controller takes.
        int?[] least =
        [
            .. own.Select(c => (int?)(c.Form == QuantityForm.Single ? 1 : c.Low)),
            .. kinds.Select(k => k.LeastCells),
        ];
        int?[] most = [.. own.Select(c => (int?)c.High), .. kinds.SelectMany(k => new[] { k.MostCells, k.MotorCells })];
        return (least.Max(), most.Min());
    }

    /// <summary>Whether any motor or controller is another than the kit's own: what packs the sheet names says
    /// nothing of it then. Another propeller alone changes no cells.</summary>
    public bool IsOther =>
        sheet.Power.Motors.Any(m =>
            HasOwn(m.Id) || DriveKind.Said(drives.GetValueOrDefault(m.Id)?.Kind.Motor) is not null
        );

    /// <summary>The plug of the pack's side, where one was said of a controller chosen apart.</summary>
    public ImmutableArray<string> Connectors =>
        [
            .. sheet
                .Power.Motors.Select(m => DriveKind.Said(drives.GetValueOrDefault(m.Id)?.Kind.Connector))
                .OfType<string>()
                .Distinct(StringComparer.OrdinalIgnoreCase),
        ];

    /// <summary>
    /// One drive, of what was chosen apart: null where something that decides is not known; why, in words.
    /// </summary>
    public (bool? Suits, string Why) Judge(MotorSpec motor)
    {
        var kind = drives[motor.Id].Kind;
        (bool? Suits, string Why)[] said = [.. Currents(motor, kind), .. Turns(motor, kind)];
        return Suiting.Of(said, (null, "Neither its draw nor what it bears is known."));
    }

    private IEnumerable<(bool? Suits, string Why)> Currents(MotorSpec motor, DriveKind kind)
    {
        if (DriveKind.Said(kind.Motor) is not null && kind.MotorCells is null)
        {
            yield return (null, "How many cells the motor takes is not known.");
        }

        if (HasOwn(motor.Id) && kind.MostCells is null)
        {
            yield return (null, "How many cells the controller takes is not known.");
        }

        if (Draw(motor) is not { } draw)
        {
            yield return (
                null,
                "Nobody said what it draws with this propeller: take it from its paper, or by a run under full power."
            );
            yield break;
        }

        var about = draw.ByProportion ? "by proportion about " : "up to ";
        var words = $"{about}{Numbers.Say(Math.Round(draw.High, 1))} A";
        if (draw.ByProportion)
        {
            yield return (
                null,
                $"Nobody said what it draws with this propeller; {words}. A run under full power shows it."
            );
        }

        if (kind.Bears is { } bears)
        {
            var over = Numbers.Round(draw.High - bears.Value);
            yield return over > 0
                ? (false, $"The motor bears {bears.Text}; {words}, {Numbers.Say(Math.Round(over, 1))} A too many.")
                : (true, $"The motor bears {bears.Text}, {words}.");
        }
        else if (DriveKind.Said(kind.Motor) is not null)
        {
            yield return (null, "What the motor bears is not known.");
        }

        var (rating, through, name) = Controller(motor, kind);
        if (rating is null)
        {
            yield return (null, "What the controller is rated for is not known.");
        }
        else if (through is { } all)
        {
            var left = (rating.Value - all) / rating.Value;
            var said = $"{name} is rated {Numbers.Say(rating.Value)} A";
            yield return Numbers.Round(all - rating.Value) > 0
                ? (
                    false,
                    $"{said}; {Through(all, draw.ByProportion)}, "
                        + $"{Numbers.Say(Math.Round(all - rating.Value, 1))} A too many."
                )
            : Numbers.Round(left - PowerFlags.Headroom) < 0
                ? (
                    false,
                    $"{said}; {Through(all, draw.ByProportion)}: {Numbers.Say(Math.Round(left * 100, 1))} % left, "
                        + "15 % is the least."
                )
            : (true, $"{said}, {Through(all, draw.ByProportion)}.");
        }
    }

    private static string Through(double amperes, bool byProportion) =>
        $"{(byProportion ? "by proportion about" : "up to")} {Numbers.Say(Math.Round(amperes, 1))} A go through it";

    // Several motors may share the kit's own; one that was chosen apart is its motor's alone.
    private (double? Rating, double? Through, string Name) Controller(MotorSpec motor, DriveKind kind)
    {
        if (DriveKind.Said(kind.Controller) is { } name || kind.Rating is not null)
        {
            return (kind.Rating?.Value, Draw(motor)?.High, $"Controller {DriveKind.Said(kind.Controller)}".TrimEnd());
        }

        var own = sheet.Power.Controllers.FirstOrDefault(c => c.Id == motor.Controller);
        var together = sheet
            .Power.Motors.Where(m => m.Controller == motor.Controller && !HasOwn(m.Id))
            .Select(Draw)
            .ToArray();
        return (
            (double?)own?.Says(PowerFields.Controller.Rating).Counts?.Nominal,
            together.All(d => d is not null) ? together.Sum(d => d!.High) : null,
            "The kit's controller"
        );
    }

    /// <summary>What each controller is rated for and what goes through it at most, A; null what nobody says.</summary>
    public ImmutableArray<(string Name, double? Rating, double? Through)> Loads()
    {
        var apart =
            from motor in sheet.Power.Motors
            where HasOwn(motor.Id)
            let kind = drives[motor.Id].Kind
            let name = DriveKind.Said(kind.Controller) ?? "the controller"
            select (
                sheet.Power.Motors.Length > 1 ? $"{name}, {motor.Id}" : name,
                kind.Rating?.Value,
                Draw(motor)?.High
            );
        var own =
            from controller in sheet.Power.Controllers
            let its = sheet.Power.Motors.Where(m => m.Controller == controller.Id && !HasOwn(m.Id)).ToArray()
            where its.Length > 0
            let draws = its.Select(Draw).ToArray()
            select (
                controller.Id,
                (double?)controller.Says(PowerFields.Controller.Rating).Counts?.Nominal,
                draws.All(d => d is not null) ? draws.Sum(d => d?.High) : null
            );
        return [.. apart, .. own];
    }

    /// <summary>The propeller a motor turns: as chosen apart, else the sheet's; empty where neither says.</summary>
    public string Propeller(MotorSpec motor) =>
        DriveKind.Said(drives.GetValueOrDefault(motor.Id)?.Kind.Propeller) ?? motor.Propeller;

    private bool HasOwn(string motor) =>
        drives.GetValueOrDefault(motor)?.Kind is { } k
        && (DriveKind.Said(k.Controller) is not null || k.Rating is not null);

    private bool IsReplaced(string controller) =>
        sheet.Power.Motors.Where(m => m.Controller == controller).ToArray() is { Length: > 0 } its
        && its.All(m => HasOwn(m.Id));

    private static IEnumerable<(bool? Suits, string Why)> Turns(MotorSpec motor, DriveKind kind)
    {
        if (
            DriveKind.Said(kind.Propeller) is not { } propeller
            || !PropellerSize.Parse(propeller).Try(out var size, out _)
            || motor.Says(PowerFields.Motor.CutOut).Counts is not { } cutOut
        )
        {
            yield break;
        }

        var left = Numbers.Round((double)(cutOut.Low - size.DiameterMm) / 2);
        if (left < PowerFlags.Gap)
        {
            yield return (
                false,
                $"A {propeller} propeller is {Numbers.OneDecimal((double)size.DiameterMm)} mm across: in {cutOut.Text} "
                    + (left < 0 ? "it does not turn" : $"{Numbers.OneDecimal(left)} mm are left each side")
                    + $"; {Numbers.Say(PowerFlags.Gap)} mm each side is the least."
            );
        }
    }
}
