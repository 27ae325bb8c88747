using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>How far a clevis is turned on its rod so that a surface stands elsewhere at rest.</summary>
/// <param name="HalfTurns">A clevis faces its horn only at every half turn.</param>
/// <param name="Shorter">The rod becomes shorter; null where nobody knows on which side the horn is.</param>
/// <param name="Left">mm at the edge that the half turns do not reach, in the way of the offset.</param>
/// <param name="OfShop">The thread's pitch is the shop's, not the sheet's.</param>
public sealed record RodTurns(int HalfTurns, bool? Shorter, double Left, bool OfShop)
{
    /// <summary>mm a turn, of the rods small aircraft have: the shop's.</summary>
    public const double UsualPitch = 0.4;

    /// <summary>
    /// For an offset at the trailing edge. The horn's hole moves with it: with d = c·sin θ it goes h·sin θ = d·h/c
    /// along the rod, that is d·h/(c·pitch) turns.
    /// </summary>
    /// <param name="offset">mm at the measuring station, up +, right +.</param>
    /// <returns>Null where the sheet has no chord or no horn hole, or no servo drives it.</returns>
    public static RodTurns? Of(SpecSheet sheet, Surface surface, double offset)
    {
        if (
            sheet.Servos.FirstOrDefault(s => s.Drives.Contains(surface.Id)) is not { } servo
            || servo.Says(RadioFields.Servo.HornHole).Counts is not { } horn
            || surface.Chord <= 0
        )
        {
            return null;
        }

        var pitch = servo.Says(RadioFields.Servo.RodPitch).Likely;
        var half = offset * horn / (surface.Chord * (pitch ?? UsualPitch)) * 2;
        var whole = (int)Math.Round(Math.Abs(half), MidpointRounding.AwayFromZero);
        return new RodTurns(
            whole,
            Pulls(servo.Get(RadioFields.Servo.HornSide), offset > 0),
            Numbers.Round(offset * (half == 0 ? 0 : 1 - (whole / Math.Abs(half)))),
            pitch is null
        );
    }

    // From a servo ahead of it, a shorter rod draws the edge to the side on which the horn is.
    private static bool? Pulls(string side, bool positive) =>
        side switch
        {
            "top" or "right" => positive,
            "below" or "left" => !positive,
            _ => null,
        };
}
