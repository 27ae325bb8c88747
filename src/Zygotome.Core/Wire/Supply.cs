using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Wire;

/// <summary>What hangs on the receiver's power, against the controller's regulator.</summary>
/// <param name="Working">Everything working, A. <paramref name="Peak"/>: the two that draw most at stall, the rest
/// working, A.</param>
/// <param name="Heat">W in a linear regulator with everything working; null of one that switches, or where volts or
/// cells are not known.</param>
public sealed record Supply(double Working, double Peak, double? Heat)
{
    private const double FullCell = 4.2;

    /// <summary>The regulator's limits; null where the sheet does not state one.</summary>
    public double? Continuous { get; private init; }

    public double? Most { get; private init; }

    public double? Watts { get; private init; }

    /// <summary>The sheet says what its regulator gives.</summary>
    public bool IsStated => Continuous is not null || Most is not null || (Heat is not null && Watts is not null);

    public bool Fits => !(Over(Working, Continuous) || Over(Peak, Most) || (Heat is { } heat && Over(heat, Watts)));

    /// <summary>
    /// The receiver has a supply of its own: as chosen, or by the numbers, where numbers are to decide.
    /// </summary>
    public static bool IsSeparate(JobState state) =>
        state.School(Schools.ReceiverPower) switch
        {
            "separate" => true,
            "computed" => !Of(state).Fits,
            _ => false,
        };

    /// <summary>Of this job, with the servos that took the kit's own ones' place.</summary>
    public static Supply Of(JobState state) => state.Once(Computed);

    private static Supply Computed(JobState state)
    {
        var sheet = state.Sheet;
        var (working, peak) = ReceiverLoad.Of(
            sheet.Servos.Select(s => state.Aboard.ServoDraw(s.Id) ?? ReceiverLoad.Of(s))
        );
        var linear = sheet.Power.Get(PowerFields.RegulatorKind) == "linear";
        var volts = (double?)sheet.Power.Says(PowerFields.RegulatorVolts).Counts?.Nominal;
        var cells = state.Aboard.Battery?.Cells ?? sheet.Power.Packs.Select(p => (int?)p.Cells).FirstOrDefault();
        return new Supply(
            working,
            peak,
            linear && volts is { } v && cells is { } c ? Numbers.Round(((FullCell * c) - v) * working) : null
        )
        {
            Continuous = (double?)sheet.Power.Says(PowerFields.RegulatorContinuous).Counts?.Nominal,
            Most = (double?)sheet.Power.Says(PowerFields.RegulatorPeak).Counts?.Nominal,
            Watts = (double?)sheet.Power.Says(PowerFields.RegulatorWatts).Counts?.Nominal,
        };
    }

    private static bool Over(double value, double? limit) => limit is { } most && Numbers.Round(value - most) > 0;

    /// <summary>"2.9 A working, 5.8 A with two stalled", and the watts of a linear one.</summary>
    public string Reading =>
        $"{Numbers.Say(Working)} A working, {Numbers.Say(Peak)} A with two stalled"
        + (Heat is { } heat ? $", {Numbers.Say(heat)} W of heat" : "");

    /// <summary>"4 A and 7 A for a moment"; empty where the sheet states none.</summary>
    public string Limits =>
        string.Join(
            " and ",
            new[]
            {
                Continuous is { } c ? $"{Numbers.Say(c)} A" : "",
                Most is { } m ? $"{Numbers.Say(m)} A for a moment" : "",
                Heat is not null && Watts is { } w ? $"{Numbers.Say(w)} W of heat" : "",
            }.Where(t => t.Length > 0)
        );
}
