using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>What hangs on the receiver's power, A.</summary>
public static class ReceiverLoad
{
    /// <summary>
    /// Every servo working; and the two that draw most at stall with the rest working. Of what the sheet does not state
    /// 0.
    /// </summary>
    public static (double Working, double Peak) Of(SpecSheet sheet)
    {
        var servos = sheet
            .Servos.Select(s =>
                (
                    Working: (double)(s.Says(RadioFields.Servo.Working).Likely?.Nominal ?? 0),
                    Stall: (double)(s.Says(RadioFields.Servo.Stall).Likely?.Nominal ?? 0)
                )
            )
            .OrderByDescending(s => s.Stall - s.Working)
            .ToArray();
        var working = servos.Sum(s => s.Working);
        return (
            Numbers.Round(working),
            Numbers.Round(working + servos.Take(2).Sum(s => Math.Max(0, s.Stall - s.Working)))
        );
    }
}
