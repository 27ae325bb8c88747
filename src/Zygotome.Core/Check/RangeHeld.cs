using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Check;

/// <summary>
/// Walked away with the transmitter's power reduced, everything aboard that flies with it on: every surface follows at
/// once, or it glitches.
/// </summary>
/// <param name="Metres">m, walked.</param>
/// <param name="Motor">Running, the aircraft held; else off.</param>
public sealed record RangeHeld(double Metres, bool Motor, bool Holds, string Note = "") : EntryBody, IPowered
{
    // m, where the sheet states no distance: the shop's own.
    private const double Distance = 30;

    /// <summary>m that it must answer from: the sheet's, else the shop's.</summary>
    public static double Far(SpecSheet sheet) => sheet.Radio.RangeCheck ?? Distance;

    public PowerState Needs(JobState state) => Motor ? PowerState.Of(PoweredAct.RangeWithMotor) : PowerState.Powered;

    public override Refusal? Admit(JobState state, Entry entry) =>
        Metres is not (>= 5 and <= 500)
            ? new Refusal("check/metres", "A range check is walked over 5 to 500 m.", "body.metres")
        : Motor && !LampBoard.HasMotor(state.Sheet)
            ? new Refusal("check/no-motor", "There is no motor on this aircraft.", "body.motor")
        : Motor && state.Check.Range is not { Held.Holds: true }
            ? new Refusal("check/range-first", "First with the motor off: that it holds then.", "body.motor")
        : Texts.Fits(Note, "body.note");

    public override JobState Apply(JobState state, Entry entry)
    {
        var before = Motor ? state.Check.RangeWithMotor : state.Check.Range;
        var shown = new RangeShown(this, Evidence.Of(entry, before?.Evidence.Attempt + 1 ?? 1));
        var over = Motor && state.Safety.Act?.Act == PoweredAct.RangeWithMotor;
        return state
            .With(over ? state.Safety.End(state.Sheet) : state.Safety)
            .With(Motor ? state.Check with { RangeWithMotor = shown } : state.Check with { Range = shown });
    }

    public override IEnumerable<string> Shows() => [new RangeId(Motor).Written];

    public override string Say(JobState state) => $"Range, motor {(Motor ? "running" : "off")}: {Words}";

    /// <summary>"holds at 30 m".</summary>
    internal string Words =>
        $"{(Holds ? "holds" : "glitches")} at {Numbers.Say(Metres)} m"
        + (Note.Trim().Length > 0 ? $", {Note.Trim()}" : "");
}
