using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Balance;

/// <summary>One support as typed: station x (aft of the datum) and y (right +), and its scale's reading.</summary>
public sealed record WeighedSupport(Station X, Lateral Y, Mass Reading);

/// <summary>
/// The aircraft on its supports, as flown: pack in its bay and not connected, propeller on or its mass placed, datum
/// line level.
/// </summary>
/// <param name="PackFront">Where the front of the pack lies, mm from the datum; the pack must be within its
/// bay.</param>
/// <param name="PropellerPlaced">The propeller is off and its weighed mass lies at its station.</param>
/// <param name="Level">The datum line was level; else pitch (degrees, nose up +) and height (mm of the centre above the
/// supports) are needed.</param>
public sealed record Weighed(
    string Configuration,
    ImmutableArray<WeighedSupport> Supports,
    Station PackFront,
    bool PropellerPlaced,
    bool Level,
    Instrument Instrument,
    Angle? Pitch = null,
    Length? Height = null
) : EntryBody, IPowered
{
    // Marks are set with a steel rule: half a millimetre, standard.
    private const double UPlace = 0.5;

    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Balance.Configurations.All(c => c.Name != Configuration)
            ? new Refusal(
                "balance/configuration",
                $"The sheet has no configuration \"{Configuration}\"; it has "
                    + $"{string.Join(", ", state.Sheet.Balance.Configurations.Select(c => c.Name))}.",
                "body.configuration"
            )
            : WrongValues(state)
                ?? Instrument.Admit(50)
                ?? Instrument.Reading("g")
                ?? PackPlaces.InBay(state, (double)PackFront.Nominal, "body.packFront");

    public PowerState Needs(JobState state) =>
        PropellerPlaced ? PowerState.Weighing with { Motor = MotorNeed.NotAsked } : PowerState.Weighing;

    /// <summary>The result of this weighing.</summary>
    public Outcome<CentreOfGravity> Calculate() =>
        !Level && (Pitch is null || Height is null)
            ? new Refusal(
                "balance/level",
                "Level the datum line, or give its pitch and the height of the centre above the supports.",
                "body.level"
            )
            : CentreOfGravity.Weigh(
                [
                    .. Supports.Select(s => new Support(
                        (double)s.X.Nominal,
                        (double)s.Y.Nominal,
                        (double)s.Reading.Nominal
                    )),
                ],
                Instrument.U / 2,
                UPlace,
                0,
                Level ? 0 : (double)Pitch!.Nominal,
                Level ? 0 : (double)Height!.Nominal
            );

    public override JobState Apply(JobState state, Entry entry)
    {
        var attempt = state.Balance.Weighings.TryGetValue(Configuration, out var before)
            ? before.Evidence.Attempt + 1
            : 1;
        return Carried(state, entry, Configuration, PackFront)
            .With(
                state.Balance with
                {
                    Weighings = state.Balance.Weighings.SetItem(
                        Configuration,
                        new WeighingShown(this, Evidence.Of(entry, attempt))
                        {
                            Battery = state.Aboard.Battery,
                            Ballast = state.Balance.Ballast,
                            AddOns = state.Aboard.AddOns,
                        }
                    ),
                }
            );
    }

    // Where the pack lay it lies, though the weighing is taken back.
    public override JobState TakenBack(JobState state, Entry entry) => Carried(state, entry, Configuration, PackFront);

    /// <summary>What lay where while it was weighed or held up.</summary>
    internal static JobState Carried(JobState state, Entry entry, string configuration, Station packFront) =>
        state.Sheet.Power.Motors.Aggregate(
            state.Say(entry, BalanceGround.PackPlace(state.Sheet, configuration), BalanceGround.Words(packFront)),
            (s, motor) => s.Say(entry, new Setting(SettingKind.Propeller, motor.Id), Setting.Aboard)
        );

    public override ImmutableArray<Measure> TypedValues() => [.. Supports.Select(s => s.Reading)];

    public override EntryBody WithTyped(ImmutableArray<Quantity> values) =>
        this with
        {
            Supports = [.. Supports.Select((s, i) => s with { Reading = new(values[i]) })],
        };

    public override Refusal? WrongValues(JobState state) => Calculate().Refused ?? Weight(state);

    public override IEnumerable<string> Shows() =>
        Enum.GetValues<Weighable>().Select(w => new BalanceId(w, Configuration).Written);

    public override string Say(JobState state) =>
        Calculate().Try(out var cg, out _)
            ? $"Weighed, {Configuration}: {Numbers.Say(cg.Weight)} g at {Numbers.OneDecimal(cg.X)} mm"
            : $"Weighed, {Configuration}";

    private Refusal? Weight(JobState state)
    {
        var weight = Supports.Sum(s => s.Reading.Nominal);
        return state.Aboard.Battery is not { } pack ? PackPlaces.NoPack("body.packFront")
            : weight <= pack.Mass.Nominal
                ? new Refusal(
                    "balance/impossible",
                    $"{QuantityPrinter.Plain(weight)} g in all is no more than the pack alone, " + $"{pack.Mass.Text}.",
                    "body.supports"
                )
            : null;
    }
}
