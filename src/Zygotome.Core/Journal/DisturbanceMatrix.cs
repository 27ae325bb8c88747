using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Sheets.Trueness;

namespace Zygotome.Core.Journal;

/// <summary>
/// What a physical happening disturbs, whatever is set: the one place where it is written down. See
/// docs/formats/journal.md for the table. What was only set otherwise is found by its value, see
/// <see cref="Settings"/>.
/// </summary>
public static class DisturbanceMatrix
{
    /// <summary>What fits, bonds, removes or adds mass.</summary>
    public static Aspect[] Weight { get; } = [new(AspectKind.Mass), new(AspectKind.Balance)];

    /// <summary>Another receiver: everything that was bound and shown through the old one, and its weight.</summary>
    public static Aspect[] AnotherReceiver { get; } =
    [
        new(AspectKind.Bind),
        new(AspectKind.Failsafe),
        new(AspectKind.Range),
        .. Weight,
        Every(AspectKind.Direction),
        Every(AspectKind.Throw),
        Every(AspectKind.Neutral),
    ];

    /// <summary>Bound: the receiver stores its failsafe anew, whatever memory it is.</summary>
    public static Aspect[] Bound { get; } = [new(AspectKind.Failsafe), new(AspectKind.Range)];

    /// <summary>
    /// A pushrod, clevis, hole or arm: where everything that its servo drives stands, how far and how freely it moves,
    /// and which way.
    /// </summary>
    public static IEnumerable<Aspect> LinkageMoved(SpecSheet sheet, string of)
    {
        var drives = sheet.Servos.Where(v => v.Drives.Contains(of)).SelectMany(v => v.Drives).Distinct().ToArray();
        return
        [
            .. drives.Append(of).SelectMany(d => Channels.ByServo(sheet, d)).Distinct().SelectMany(s => Linkage(s.Id)),
            .. drives.Select(sheet.Output).OfType<OutputSpec>().Select(Output),
        ];
    }

    /// <summary>
    /// Leads pulled and plugged again: which way and how far what they feed goes. A motor has a direction too.
    /// </summary>
    /// <param name="channel">The radio's name for it; one that leads nowhere touches everything.</param>
    public static IEnumerable<Aspect> RePlugged(SpecSheet sheet, string channel)
    {
        var reach = Channels.Leads(sheet, channel);
        return
        [
            new(AspectKind.Failsafe),
            new(AspectKind.Direction, channel),
            .. reach.Nowhere
                ?
                [
                    Every(AspectKind.Direction),
                    Every(AspectKind.Throw),
                    Every(AspectKind.Neutral),
                    Every(AspectKind.Lead),
                ]
                : reach.Surfaces.SelectMany(Fed),
            .. reach.Motors.Select(Motor).Concat(reach.Outputs.Select(Output)).SelectMany(Plugged),
        ];
    }

    /// <summary>What nobody said the extent of.</summary>
    public static Aspect[] Everything { get; } =
    [.. Enum.GetValues<AspectKind>().Select(k => Aspect.HasSurface(k) ? Every(k) : new Aspect(k))];

    /// <summary>Plugs of all surfaces drawn out and put back: each is in its place or not.</summary>
    public static IEnumerable<Aspect> AllRePlugged(SpecSheet sheet) =>
        [new(AspectKind.Failsafe), Every(AspectKind.Direction), .. sheet.Surfaces.Select(s => Lead(s.Id))];

    /// <summary>Plugs in each other's place: which way and how far what they feed goes, and its lead.</summary>
    /// <param name="moves">Surfaces, outputs and <c>motor-nose</c>.</param>
    public static IEnumerable<Aspect> PlugsMoved(SpecSheet sheet, IEnumerable<string> moves) =>
        moves
            .SelectMany(m =>
                sheet.Surface(m) is { } surface ? Fed(surface) : Plugged(new Aspect(AspectKind.Direction, m))
            )
            .Prepend(new Aspect(AspectKind.Failsafe));

    /// <summary>The lead of a surface, an output or <c>motor-nose</c>.</summary>
    public static Aspect Lead(string of) => new(AspectKind.Lead, of);

    /// <summary>That a part sits, turns and holds as it did.</summary>
    public static Aspect Fit(string part) => new(AspectKind.Fit, part);

    /// <summary>Which way a motor turns.</summary>
    public static Aspect Motor(MotorSpec motor) => new(AspectKind.Direction, $"motor-{motor.Id}");

    /// <summary>What something that is no surface does.</summary>
    public static Aspect Output(OutputSpec output) => new(AspectKind.Direction, output.Id);

    /// <summary>
    /// A step of the sheet: what the sheet says, and by itself weight and balance where it fits, bonds or uses parts,
    /// and in Wire, unless the sheet says that it adds 0 g. How true it stands only of what it fits, where it says
    /// what; and of a part whose leads part with it, what goes through their plugs.
    /// </summary>
    public static IEnumerable<Aspect> Step(SpecSheet sheet, StepSpec step) =>
        (step.Repairs.Length == 0 && step.AddsMass ? step.Disturbs.Union(Weight) : step.Disturbs)
            .SelectMany(a => a.Kind == AspectKind.Trueness ? TrueOf(sheet, step) : [a])
            .Concat(BlindPlugs(sheet, step))
            .Concat(step.Fits.SelectMany(f => new[] { f, $"{f}-left", $"{f}-right" }).Select(Fit))
            .Concat(step.Readies.Select(m => Fit($"motor-{m}")));

    // What is fitted takes its plugs with it, out of sight: what goes through them is wiggled and called out again.
    private static IEnumerable<Aspect> BlindPlugs(SpecSheet sheet, StepSpec step) =>
        from lead in sheet.Leads
        where lead.Says(RadioFields.Lead.Separable).Likely == true
        from servo in sheet.Servos
        where servo.Id == lead.From
        from surface in servo.Drives.Select(sheet.Surface).OfType<Surface>()
        where step.Fits.Any(f => Places.IsNamed(f, surface.On) || Places.IsNamed(surface.On, f))
        from aspect in new[] { new Aspect(AspectKind.Direction, surface.Id), Lead(surface.Id) }
        select aspect;

    // Of a step that does not say what it fits: of everything that is read between wing, tail and fin.
    private static IEnumerable<Aspect> TrueOf(SpecSheet sheet, StepSpec step)
    {
        var carriers = sheet
            .Surfaces.Where(s => step.Fits.Any(f => Places.IsNamed(f, s.Id)))
            .Select(s => s.On)
            .Concat(step.Fits)
            .ToArray();
        return Reference
            .TruePart.Of(sheet)
            .Where(p => carriers.Length == 0 || carriers.Any(c => Places.IsNamed(c, p) || Places.IsNamed(p, c)))
            .Select(p => new Aspect(AspectKind.Trueness, p));
    }

    /// <summary>
    /// A repair or replacement at a place, with its neighbours; weight and balance are asked for beside it, by the
    /// grams.
    /// </summary>
    public static Aspect[] Repaired(SpecSheet sheet, string place, PlaceKind kind)
    {
        var near = Neighbours.Of(sheet, place);
        var surfaces = near.Surfaces.AsEnumerable();

        // Servos and leads of the whole aircraft may lie in a body.
        if (!near.Which && near.Surfaces.Length == 0 || Places.IsNamed("body", place))
        {
            surfaces = kind is PlaceKind.Servo or PlaceKind.ReceiverPower or PlaceKind.Lead ? sheet.Surfaces : surfaces;
        }

        return
        [
            Fit(place),
            Within(place),
            .. kind switch
            {
                PlaceKind.Servo or PlaceKind.Horn or PlaceKind.Linkage => surfaces.SelectMany(s =>
                    LinkageMoved(sheet, s.Id).Append(Within(s.Id))
                ),
                PlaceKind.ReceiverPower =>
                [
                    new(AspectKind.Failsafe),
                    new(AspectKind.Range),
                    .. surfaces.SelectMany(Fed),
                ],
                PlaceKind.Lead => surfaces.SelectMany(Fed),
                PlaceKind.Motor => near.Motors.Select(Motor),
                PlaceKind.Joint => [.. True(sheet, place), .. surfaces.SelectMany(s => Hinged(s).Concat(Fed(s)))],
                PlaceKind.MotorMount => [.. True(sheet, place), .. near.Motors.Select(Motor)],
                PlaceKind.Hinge => surfaces.SelectMany(s => Hinged(s).Append(Within(s.Id))),
                _ when near.Which => surfaces.SelectMany(Hinged),
                PlaceKind.Spar or PlaceKind.Skin => True(sheet, place),
                _ => (Aspect[])[],
            },
        ];
    }

    /// <summary>
    /// What a reading of trueness rests on: what it is read between, and its own part in itself; of no part in
    /// particular every one.
    /// </summary>
    public static IEnumerable<Aspect> Trueness(SpecSheet sheet, Truth truth) =>
        truth
            .Between.Select(part => new Aspect(AspectKind.Trueness, part))
            .Concat((truth.Part.Length > 0 ? [truth.Part] : TrueParts(sheet)).Select(Within))
            .Prepend(new Aspect(AspectKind.Trueness));

    // How true a part is in itself. A step never touches it: its own joint is read.
    private static Aspect Within(string part) => new(AspectKind.Trueness, $"in:{part}");

    // A mended part: in itself, and to what it is read against. A place that is no such part touches all.
    private static Aspect[] True(SpecSheet sheet, string place)
    {
        string[] parts = [.. TrueParts(sheet).Where(p => Places.IsNamed(place, p) || Places.IsNamed(p, place))];
        return parts.Length > 0
            ? [.. parts.SelectMany(p => new[] { new Aspect(AspectKind.Trueness, p), Within(p) })]
            : [new Aspect(AspectKind.Trueness)];
    }

    private static IEnumerable<string> TrueParts(SpecSheet sheet) =>
        Reference.TruePart.Of(sheet).Concat(sheet.Power.Motors.Select(m => $"motor-{m.Id}"));

    private static IEnumerable<Aspect> Linkage(string surface) =>
        [
            new(AspectKind.Neutral, surface),
            new(AspectKind.Throw, surface),
            new(AspectKind.Freedom, surface),
            new(AspectKind.Direction, surface),
            Fit(surface),
        ];

    private static IEnumerable<Aspect> Hinged(Surface surface) =>
        [new(AspectKind.Neutral, surface.Id), new(AspectKind.Throw, surface.Id), new(AspectKind.Freedom, surface.Id)];

    private static IEnumerable<Aspect> Fed(Surface surface) =>
        [new(AspectKind.Direction, surface.Id), new(AspectKind.Throw, surface.Id), Lead(surface.Id)];

    // Which way it goes, and what it is plugged into.
    private static IEnumerable<Aspect> Plugged(Aspect direction) => [direction, Lead(direction.Surface)];

    private static Aspect Every(AspectKind kind) => new(kind, Aspect.Every);
}
