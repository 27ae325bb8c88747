using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Check;

/// <summary>
/// What is looked at before it flies, from what this sheet has and this job fitted: none where there is nothing. A
/// further question is a further line here.
/// </summary>
public static class CheckAsks
{
    /// <summary>mm between a turning propeller and anything else: the shop's limit.</summary>
    internal const double Gap = 3;

    // mm/s that a propeller may shake: the shop's limit.
    private const double Shake = 5;

    /// <summary>In the order of a walk round the aircraft; the same for the same state.</summary>
    public static ImmutableArray<CheckAsk> Of(JobState state) =>
        state.Once(s => new All([.. Airframe(s.Sheet), .. s.Sheet.Power.Motors.SelectMany(m => Turning(s, m))])).Of;

    private sealed record All(ImmutableArray<CheckAsk> Of);

    private static readonly ImmutableArray<string> Sides = ["left", "right"];

    private static IEnumerable<CheckAsk> Airframe(SpecSheet sheet) =>
        [
            .. Linkages(sheet),
            .. Wings(sheet),
            .. Covers(sheet),
            .. sheet.Geometry.Wheels.SelectMany((w, i) => Wheels(sheet, w, sheet.Geometry.WheelPart(i))),
            .. Air(sheet),
            new CheckAsk(
                Id: "loose",
                Room: CheckRoom.Airframe,
                Brief: "Nothing loose inside",
                Words: "Held to the ear and shaken: nothing loose inside?",
                Why: "A screw that was dropped finds the gears of a servo, or a contact.",
                Mend: "Open it, find it, and count what the bag should hold."
            ),
        ];

    private static IEnumerable<CheckAsk> Linkages(SpecSheet sheet) =>
        from servo in sheet.Servos
        let surfaces = servo.Drives.Select(sheet.Surface).OfType<Surface>().ToArray()
        where surfaces.Length > 0
        let names = string.Join(" and ", surfaces.Select(s => s.Name.ToLowerInvariant()))
        select new CheckAsk(
            Id: $"keepers/{servo.Id}",
            Room: CheckRoom.Airframe,
            Brief: $"{Texts.Capital(names)}: clevises",
            Words: $"{Texts.Capital(names)}: keeper or band on each clevis, locks and horn screws tight?",
            Why: "A clevis that opens in the air is a surface that flutters, then none.",
            Mend: "Put it on, lock it, and pull at the rod."
        )
        {
            Parts = [.. surfaces.Select(s => s.Id)],
            On = [.. surfaces.Select(s => new Setting(SettingKind.Linkage, s.Id))],
        };

    /// <summary>Whether its wing comes off, leads and all.</summary>
    internal static bool Parted(SpecSheet sheet) =>
        sheet.Leads.Any(l => l.Says(RadioFields.Lead.Separable).Likely == true);

    /// <summary>Whether a question is about how a wing half holds.</summary>
    internal static bool IsWing(string ask) => ask.StartsWith("wing/", StringComparison.Ordinal);

    // A wing that comes off is latched or screwed; one that stays on is pulled all the same.
    private static IEnumerable<CheckAsk> Wings(SpecSheet sheet)
    {
        var parted = Parted(sheet);
        return from lifting in sheet.Geometry.Lifting
            where lifting.Role == "wing"
            from side in Sides
            let part = $"{lifting.Id}-{side}"
            select new CheckAsk(
                Id: $"wing/{part}",
                Room: CheckRoom.Airframe,
                Brief: $"{Texts.Capital(side)} {Places.Words(lifting.Id)}: holds",
                Words: $"{Texts.Capital(side)} {Places.Words(lifting.Id)}: "
                    + (
                        parted
                            ? "latch clicked or screw tight, tip pulled, no gap left?"
                            : "tip pulled and twisted, nothing gives?"
                    ),
                Why: "A latch that only looks shut lets go with the first turn.",
                Mend: parted
                    ? "Off, look at latch and spar, on again until it clicks; pull again."
                    : "Find where it gives: a finding."
            )
            {
                Parts = [part],
            };
    }

    private static IEnumerable<CheckAsk> Covers(SpecSheet sheet) =>
        from place in sheet.Geometry.Placed
        where place.IsOpened
        from part in PlacedPart.Of(place)
        select new CheckAsk(
            Id: $"shut/{part.Part}",
            Room: CheckRoom.Airframe,
            Brief: $"{Texts.Capital(part.Name)}: shut",
            Words: $"{Texts.Capital(part.Name)}: in its place, catch or screws hold against a pull?",
            Why: place.Kind == PlacedKind.Cowl
                ? "A cowl that creeps forward meets the propeller."
                : "What comes off in the air takes the balance, or the pack, with it.",
            Mend: "A stronger magnet, the screw that is missing, or a strip of tape; then pull again."
        )
        {
            IsVital = false,
            Parts = [part.Part],
        };

    private static IEnumerable<CheckAsk> Wheels(SpecSheet sheet, Wheel wheel, string part)
    {
        var name = Texts.Capital(wheel.Name.Length > 0 ? wheel.Name : Places.Words(part));
        yield return new CheckAsk(
            Id: $"wheel/{part}/runs",
            Room: CheckRoom.Airframe,
            Brief: $"{name}: runs free",
            Words: $"{name}: spins free, drags nowhere, collars tight?",
            Why: "One that drags pulls it off the strip; a lost collar loses the wheel.",
            Mend: "Ease it, or move the collar half a millimetre; lock its screw on the flat."
        )
        {
            IsVital = false,
            Parts = [part],
        };
        if (wheel.Steered || Steers(sheet, wheel))
        {
            yield return new CheckAsk(
                Id: $"wheel/{part}/link",
                Room: CheckRoom.Airframe,
                Brief: $"{name}: steering link",
                Words: $"{name}: steering link tight, no play in it?",
                Why: "A loose link steers by itself at take-off.",
                Mend: "Tighten or replace it; the wheel must follow the stick at once."
            )
            {
                Parts = [part],
            };
        }

        if (wheel.Retracts || Retracts(sheet, wheel))
        {
            yield return new CheckAsk(
                Id: $"wheel/{part}/well",
                Room: CheckRoom.Airframe,
                Brief: $"{name}: in its well",
                Words: $"{name}: in its well, what is left on each side of it?",
                Why: "What rubs hangs one day, with the gear half out.",
                Mend: "Loosen the bolts on the side it rubs, shift the leg the other way, tighten; then clean "
                    + "cycles again."
            )
            {
                IsVital = false,
                Parts = [part],
                Gauge = new CheckGauge.Well(),
                Moves =
                [
                    .. sheet
                        .Outputs.Where(o => o.Kind == OutputKind.Retract && o.Wheels.Contains(wheel.Id))
                        .Select(DisturbanceMatrix.Output),
                ],
            };
        }
    }

    private static bool Steers(SpecSheet sheet, Wheel wheel) =>
        sheet.Outputs.Any(o => o.Kind == OutputKind.Steering && o.Wheels.Contains(wheel.Id));

    private static bool Retracts(SpecSheet sheet, Wheel wheel) =>
        sheet.Outputs.Any(o => o.Kind == OutputKind.Retract && o.Wheels.Contains(wheel.Id));

    // What has no motor has nothing to cool.
    private static IEnumerable<CheckAsk> Air(SpecSheet sheet) =>
        from place in sheet.Geometry.Placed
        where sheet.Power.Motors.Length > 0 && place.Kind is PlacedKind.Inlet or PlacedKind.Outlet
        from part in PlacedPart.Of(place)
        select new CheckAsk(
            Id: $"air/{part.Part}",
            Room: CheckRoom.Airframe,
            Brief: $"{Texts.Capital(part.Name)}: open",
            Words: $"{Texts.Capital(part.Name)}: open, nothing taped or pushed over it?",
            Why: "A controller without air goes off in the air.",
            Mend: "Take away what covers it; where that must stay, cut an opening as large."
        )
        {
            IsVital = false,
            Parts = [part.Part],
        };

    /// <summary>The question whether the propeller of this motor is balanced.</summary>
    public static string Balance(string motor) => $"propeller/{motor}/balance";

    private static IEnumerable<CheckAsk> Turning(JobState state, MotorSpec motor)
    {
        var sheet = state.Sheet;
        var of = sheet.Power.Motors.Length == 1 ? "" : $", {motor.Id}";
        var at = sheet.Power.Motors.Length == 1 ? "" : $"{Texts.Capital(motor.Id)}: ";
        CheckAsk Ask(string what, string brief, string words, string why, string mend) =>
            new(
                Id: $"propeller/{motor.Id}/{what}",
                Room: CheckRoom.Propeller,
                Brief: Texts.Capital($"{at}{brief}"),
                Words: words,
                Why: why,
                Mend: mend
            )
            {
                Parts = [$"motor-{motor.Id}"],
                On = [SheetValues.OfTurning(motor.Id)],
            };
        if (motor.IsFan)
        {
            yield return Ask(
                "fan",
                "fan turns free",
                $"Fan{of}: turned by hand it rubs nowhere, rotor nut tight, intake clear?",
                "A rotor that touches its ring breaks; what lies before it is drawn in.",
                "Pack off and wires off first. Centre the ring, tighten the nut, clear the intake."
            );
            yield break;
        }

        yield return Ask(
            "hub",
            "hub and bore",
            $"Propeller{of}: {Hub(motor)}, centred, no play on the shaft?",
            "A hub that is loose on its shaft walks out of true and throws a blade.",
            "Bore out to the shaft, or put the ring in that fits; a larger bore than the shaft is never flown."
        ) with
        {
            // Blades that fold sit in a yoke, which has a grub screw or a collet.
            Gauge = motor.Kind == "folding" ? null : new CheckGauge.Bore(),
        };
        yield return Ask(
            "face",
            "printed face forward",
            $"Propeller{of}: printed face forward{Turns(motor)}?",
            "Backwards it pulls half as hard, and looks right.",
            "Turn it round; of handed twins, change the two over."
        );
        yield return Ask(
            "nut",
            "nut and blades",
            $"Propeller{of}: {Nut(motor)}, blades fast, spins true?",
            "A nut that loosens as it turns lets the propeller go.",
            "Seat and tighten it; a collet only snug until it holds, or it breaks."
        );
        yield return Ask("balance", "balance", $"Propeller{of}: {Still(state)}", Heavy, Tried) with
        {
            IsVital = false,
        };
        if (PropellerGap.Of(sheet, motor) is { } reckoned)
        {
            yield return Ask(
                "gap",
                "gap to what is nearest",
                $"Propeller{of}: gap to what is nearest, surfaces at full deflection, mm?",
                $"One that touches breaks. At least {Numbers.Say(Gap)} mm, the shop's limit.",
                "A smaller propeller, or its shaft moved with washers; never a surface stopped short."
            ) with
            {
                Gauge = new CheckGauge.AtLeast(Gap),
                Reckoned = reckoned,
            };
        }
    }

    private const string Heavy = "A heavy blade shakes screws, bearings and the receiver loose.",
        Tried = "Try it below, put on what it says, trial mass off; then look again.";

    /// <summary>How this job balances it.</summary>
    public static BalanceMethod Method(JobState state) =>
        state.School(Schools.PropellerBalance) switch
        {
            "position" => BalanceMethod.ByPosition,
            "meter" => BalanceMethod.ThreeTrials,
            _ => BalanceMethod.HeavyBlade,
        };

    private static string Still(JobState state) =>
        Method(state) switch
        {
            BalanceMethod.ByPosition => "on its shaft where it shook least, hub and shaft marked, does it run smooth?",
            BalanceMethod.ThreeTrials =>
                $"at full power, does the meter stay under {Numbers.Say(Shake)} mm/s, trial mass off?",
            _ => "on the balancer, does it stay wherever it is put, trial mass off?",
        };

    private static string Hub(MotorSpec motor) =>
        motor.Hub.Length > 0 ? $"{motor.Hub} seated" : "bore fits the shaft, by itself or by its ring";

    private static string Turns(MotorSpec motor) => motor.Turns.Length > 0 ? $", and it turns {motor.Turns}" : "";

    private static string Nut(MotorSpec motor) =>
        motor.Nut.Length > 0 ? $"its {motor.Nut} nut tight" : "nut tight, its thread the way that tightens";
}
