using System.Collections.Immutable;
using Zygotome.Core.Balance;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;

namespace Zygotome.Core.Job;

/// <summary>Mass and moment from the first numbers on. A running estimate: the weighing decides.</summary>
public sealed record Budget(
    ImmutableArray<BudgetPart> Parts,
    double? EmptyGrams,
    Band? Target,
    string School,
    string Words,
    ImmutableArray<PackOutlook> Packs
)
{
    // Of many packs brought, not every way to fly several of them.
    private const int MostFlown = 12;

    /// <summary>
    /// Of the packs brought, the one to fly: it fits, has cells and current, balances and keeps the all-up weight, with
    /// the least ballast, then nearest the middle of the target band. Null when none can.
    /// </summary>
    public PackOutlook? Best =>
        Packs
            .Where(p => p is { InTheWay: false, Balances: true, WeightInLimit: not false })
            .OrderBy(p => p.BallastGrams)
            .ThenBy(p => Math.Abs((p.LandsAt ?? 0) - (Target?.Middle ?? 0)))
            .FirstOrDefault();

    /// <summary>What is to be put together at the counter, before there is a job, or from one.</summary>
    public sealed record Asked(
        SpecSheet Sheet,
        ImmutableArray<PackHeld> Packs,
        ReceiverKind? Receiver,
        ImmutableArray<AddOn> AddOns,
        BalanceSchool School
    )
    {
        /// <summary>The aircraft as it was weighed, once it was.</summary>
        public Weighed? Weighed { get; init; }

        /// <summary>Servos and drives that take the place of the kit's own.</summary>
        public ImmutableSortedDictionary<string, ServoHeld> Servos { get; init; } = Ordered.ById<ServoHeld>();

        public ImmutableSortedDictionary<string, DriveHeld> Drives { get; init; } = Ordered.ById<DriveHeld>();

        /// <summary>Pieces of ballast that are in, by station.</summary>
        public ImmutableSortedDictionary<string, int> Ballast { get; init; } = Ordered.ById<int>();
    }

    /// <summary>
    /// The weighed aircraft without pack and ballast: mass, g, centre, mm, the add-ons that were aboard, and the number
    /// of the entry.
    /// </summary>
    public sealed record Weighed(double Grams, double At, ImmutableArray<string> AddOns, long Seq = 0);

    /// <summary>Of a job as it stands; of the weighing where there is one, else of the sheet's numbers.</summary>
    public static Budget Of(Journal.JobState state) =>
        Of(
            new Asked(
                state.Sheet,
                [.. state.Receive.Packs],
                state.Receive.Receiver,
                [.. state.Receive.AddOns],
                state.BalanceSchool
            )
            {
                Weighed = WeighedEmpty(state),
                Servos = state.Receive.Servos,
                Drives = state.Receive.Drives,
                Ballast = state.Balance.Ballast,
            }
        );

    /// <summary>
    /// x = ΣWᵢxᵢ/ΣWᵢ over what is known; the pack's centre stays within [from + length/2, to − length/2].
    /// </summary>
    public static Budget Of(Asked asked)
    {
        var sheet = asked.Sheet;
        var target =
            sheet.Balance.Configurations.Length > 0
                ? BalanceTarget.Of(sheet, sheet.Balance.Configurations[0], asked.School)
                : null;
        var train = new PowerTrain(sheet, asked.Drives);
        var parts = Known(asked).ToImmutableArray();
        var empty = asked.Weighed?.Grams ?? sheet.Balance.Empty?.Mass;
        var words =
            empty is null
                ? "The sheet states no empty weight: nothing can be said of the balance before the first weighing."
            : target is null ? "The sheet states no balance range in the maker's name."
            : asked.Weighed is not null ? "From the last weighing."
            : "From the sheet's empty weight; the weighing decides.";
        return new Budget(
            Parts: parts,
            EmptyGrams: empty,
            Target: target?.Target,
            School: target?.School ?? "",
            Words: words,
            Packs:
            [
                .. Flown(sheet, asked.Packs)
                    .Select(f =>
                        Powered(sheet, train, f.AsOne, Pack(asked, parts, target, empty is not null, f.AsOne)) with
                        {
                            Packs = f.Names,
                        }
                    ),
            ]
        );
    }

    private static IEnumerable<BudgetPart> Known(Asked asked)
    {
        var sheet = asked.Sheet;
        if (asked.Weighed is { } w)
        {
            yield return new BudgetPart("aircraft as weighed, without its pack", w.Grams, w.At, "weighing");
            foreach (var part in Since(asked, w))
            {
                yield return part;
            }

            yield break;
        }

        if (sheet.Balance.Empty is { } empty)
        {
            yield return new BudgetPart("empty aircraft", empty.Mass, empty.At, empty.Stated ? "sheet" : "assumed");
            foreach (var motor in empty.WithPropeller ? [] : sheet.Power.Motors)
            {
                if (motor.Mass is { } mass)
                {
                    yield return new BudgetPart(
                        motor.Kind == "fan" ? "fan" : "propeller and spinner",
                        mass,
                        motor.At,
                        "sheet"
                    );
                }
            }

            foreach (var part in Instead(asked, 0))
            {
                yield return part;
            }

            if (sheet.Steps.Count(s => s.Bond is not null) is > 0 and var bonds)
            {
                yield return new BudgetPart("glue", 3 * bonds, null, $"allowance of 3 g for each of {bonds} bonds");
            }
        }

        if (asked.Receiver?.Mass is { } receiver)
        {
            yield return new BudgetPart(
                $"receiver {asked.Receiver.Name}".Trim(),
                (double)receiver.Nominal,
                null,
                "catalogue"
            );
        }

        foreach (var addOn in asked.AddOns)
        {
            yield return new BudgetPart(
                addOn.Name,
                (double)addOn.Mass.Nominal,
                (double?)addOn.At?.Nominal,
                "as brought"
            );
        }
    }

    // What is aboard today beside what was weighed: ballast as it is now, and what came aboard since.
    private static IEnumerable<BudgetPart> Since(Asked asked, Weighed weighed) =>
        [
            .. asked
                .Sheet.Geometry.BallastStations.Where(s => asked.Ballast.GetValueOrDefault(s.Name) > 0)
                .Select(s => new BudgetPart(
                    $"ballast at {s.Name}",
                    asked.Ballast[s.Name] * s.Piece,
                    s.At,
                    "as fitted"
                )),
            .. asked
                .AddOns.Where(a => !weighed.AddOns.Contains(a.Name))
                .Select(a => new BudgetPart(a.Name, (double)a.Mass.Nominal, (double?)a.At?.Nominal, "as brought")),
            .. Instead(asked, weighed.Seq),
        ];

    // What another servo or propeller weighs more or less than the kit's own.
    private static IEnumerable<BudgetPart> Instead(Asked asked, long since) =>
        [
            .. from servo in asked.Sheet.Servos
            let held = asked.Servos.GetValueOrDefault(servo.Id)
            where held is not null && held.Evidence.Seq > since
            let more = ServoFit.Heavier(servo, held.Kind)
            where more is not null
            select new BudgetPart(
                $"{held.Kind.Name} for {ServoFit.Place(asked.Sheet, servo.Id)}, beside the kit's own",
                more.Value,
                asked
                    .Sheet.Geometry.Placed.SelectMany(p => PlacedPart.Of(p))
                    .FirstOrDefault(p => p.Thing.Of == servo.Id)
                    ?.Middle.X,
                "as brought"
            ),
            .. from motor in asked.Sheet.Power.Motors
            let held = asked.Drives.GetValueOrDefault(motor.Id)
            where held is not null && held.Evidence.Seq > since
            let more = held.Kind.PropellerMass?.Value - motor.Mass
            where more is not null
            select new BudgetPart(
                $"propeller {held.Kind.Propeller ?? motor.Propeller}, beside the kit's own",
                more.Value,
                motor.At,
                "as brought"
            ),
        ];

    // Each by itself; of a kit that flies on several, every so many of them, in the order they were brought.
    private static IEnumerable<(PackHeld AsOne, ImmutableArray<string> Names)> Flown(
        SpecSheet sheet,
        ImmutableArray<PackHeld> packs
    ) =>
        Together(packs, Math.Min(PacksTogether.Asked(sheet), packs.Length))
            .Take(MostFlown)
            .Select(of =>
                (
                    new PackHeld(
                        string.Join(" + ", of.Select(p => p.Name)),
                        PacksTogether.AsOne(sheet, [.. of.Select(p => p.Battery)])
                    ),
                    of.Select(p => p.Name).ToImmutableArray()
                )
            );

    private static IEnumerable<ImmutableArray<PackHeld>> Together(ImmutableArray<PackHeld> packs, int count) =>
        count == 0 ? []
        : count == 1 ? packs.Select(p => ImmutableArray.Create(p))
        : packs.SelectMany(
            (first, i) => Together(packs[(i + 1)..], count - 1).Select(rest => ImmutableArray.Create([first, .. rest]))
        );

    private static PackOutlook Powered(SpecSheet sheet, PowerTrain train, PackHeld pack, PackOutlook outlook) =>
        PackPower.Judge(sheet, train, pack.Battery) is { } power
            ? outlook with
            {
                Suits = power.Suits,
                SuitsWhy = power.Why,
            }
            : outlook;

    private static PackOutlook Pack(
        Asked asked,
        ImmutableArray<BudgetPart> parts,
        BalanceTarget? target,
        bool enough,
        PackHeld pack
    )
    {
        var (fits, fitWhy) = CounterChecks.PackFits(asked.Sheet, pack.Battery);
        var (m, length) = ((double)pack.Battery.Mass.Nominal, (double)pack.Battery.Length.Nominal);
        var weight = parts.Sum(p => p.Grams);
        var total = weight + m;
        bool? InLimit(double all) =>
            !enough || BalanceTarget.AllUpWeight(asked.Sheet) is not { } limit ? null : limit.Contains(all);
        PackOutlook Say(
            bool? balances,
            string words,
            double? first = null,
            double? last = null,
            double? front = null,
            double? lands = null,
            Ballast? ballast = null,
            string station = ""
        ) =>
            new(
                Name: pack.Name,
                Fits: fits,
                FitWhy: fitWhy,
                Balances: balances,
                First: Rounded(first),
                Last: Rounded(last),
                Front: Rounded(front),
                LandsAt: Rounded(lands),
                Pieces: ballast?.Pieces ?? 0,
                Station: station,
                BallastGrams: ballast?.Mass ?? 0,
                TotalGrams: Math.Round(total + (ballast?.Mass ?? 0)),
                WeightInLimit: InLimit(Math.Round(total + (ballast?.Mass ?? 0))),
                Words: words
            )
            {
                Packs = [pack.Name],
            };

        if (!fits || !enough || target is null || asked.Sheet.Geometry.Bay is not { } bay)
        {
            return Say(
                null,
                !fits ? "It does not fit, so it cannot balance." : "Nothing can be said of the balance yet."
            );
        }

        // What lies nobody knows where counts in the weight and moves nothing.
        var still =
            parts.Where(p => p.At is not null).Sum(p => p.Grams * p.At!.Value)
            + (parts.Where(p => p.At is null).Sum(p => p.Grams) * target.Target.Middle);
        var (front, back) = (bay.From + (length / 2), bay.To - (length / 2));
        var found = PackSearch.Of(
            new PackSearch.Asked(
                Weight: weight,
                Moment: still,
                Pack: m,
                Front: front,
                Back: back,
                Target: target.Target,
                Most: BalanceTarget.AllUpWeight(asked.Sheet)?.High
            ),
            asked.Sheet.Geometry.BallastStations
        );
        var (first, last) = (found.First, found.Last);
        var end = found.Centre <= front ? "front" : "back";
        var atEnd = Numbers.Round(found.Centre - front) == 0 || Numbers.Round(found.Centre - back) == 0;
        var place = atEnd
            ? $"at the {end} end of its bay"
            : $"front {Numbers.Say(Math.Round(found.Centre - front))} mm behind the bay lip";
        if (!found.Balances)
        {
            return Say(
                false,
                $"It cannot balance: {Numbers.Say(Math.Round(Math.Abs(found.Away), 1))} mm "
                    + $"{(found.Away < 0 ? "nose-heavy" : "tail-heavy")} at the {end} of its bay, and no station can "
                    + "carry enough.",
                first,
                last,
                found.Centre - (length / 2),
                found.LandsAt
            );
        }

        return Say(
            true,
            found.Ballast is { Pieces: > 0 } b
                ? $"With {Numbers.Say(b.Mass)} g ({b.Pieces} {(b.Pieces == 1 ? "piece" : "pieces")}) at the "
                    + $"{found.Station}, the {(atEnd ? "pack " : "pack's ")}{place}."
                : $"It balances{(atEnd ? " " : ": its ")}{place}.",
            first,
            last,
            found.Centre - (length / 2),
            found.LandsAt,
            found.Ballast,
            found.Station
        );
    }

    /// <summary>
    /// The aircraft by its latest weighing, less the pack and the ballast that were in it then, where they lay then.
    /// </summary>
    private static Weighed? WeighedEmpty(Journal.JobState state)
    {
        var shown = state.Balance.Weighings.Values.MaxBy(w => w.Evidence.Seq);
        if (shown is not { Battery: { } battery } || !shown.Weighed.Calculate().Try(out var cg, out _))
        {
            return null;
        }

        var (grams, moment) = (cg.Weight, cg.Weight * cg.X);
        void Off(double mass, double at) => (grams, moment) = (grams - mass, moment - (mass * at));
        Off((double)battery.Mass.Nominal, (double)(shown.Weighed.PackFront.Nominal + (battery.Length.Nominal / 2)));
        foreach (var station in state.Sheet.Geometry.BallastStations)
        {
            Off(shown.Ballast.GetValueOrDefault(station.Name) * station.Piece, station.At);
        }

        return grams > 0
            ? new Weighed(grams, moment / grams, [.. shown.AddOns.Select(a => a.Name)], shown.Evidence.Seq)
            : null;
    }

    private static double? Rounded(double? value) => value is { } v ? Math.Round(v, 1) : null;
}
