using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>What hangs on the receiver's power, A.</summary>
public static class ReceiverLoad
{
    /// <summary>Of the kit's own servos; of what the sheet does not state 0.</summary>
    public static (double Working, double Peak) Of(SpecSheet sheet) => Of(sheet.Servos.Select(Of));

    /// <summary>
    /// Every servo working; and the two that draw most at stall with the rest working.
    /// </summary>
    public static (double Working, double Peak) Of(IEnumerable<(double Working, double Stall)> servos)
    {
        var all = servos.OrderByDescending(s => s.Stall - s.Working).ToArray();
        var working = all.Sum(s => s.Working);
        return (
            Numbers.Round(working),
            Numbers.Round(working + all.Take(2).Sum(s => Math.Max(0, s.Stall - s.Working)))
        );
    }

    /// <summary>One of the kit's own.</summary>
    public static (double Working, double Stall) Of(ServoSpec servo) =>
        (
            (double)(servo.Says(RadioFields.Servo.Working).Likely?.Nominal ?? 0),
            (double)(servo.Says(RadioFields.Servo.Stall).Likely?.Nominal ?? 0)
        );
}
