using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Safety;

/// <summary>
/// In what order this kit is brought under power: as the sheet states it, else transmitter, then pack; off the other
/// way round.
/// </summary>
/// <param name="Steps">In words, as printed.</param>
/// <param name="Stated">By the sheet, not by custom.</param>
/// <param name="PackFirst">The pack is connected before the transmitter is on.</param>
/// <param name="Packs">Several packs have an order among them.</param>
public sealed record PowerOrder(ImmutableArray<string> Steps, bool Stated, bool PackFirst, bool Packs)
{
    /// <summary>What the sheet says of the order under power; the usual one where it says nothing.</summary>
    public static PowerOrder Of(SpecSheet sheet)
    {
        var stated = sheet.Power.Order;
        var packs = sheet.Power.Packs.Any(p => p.Order.Length > 1);
        int At(string word) =>
            stated.IndexOf(stated.FirstOrDefault(s => s.Contains(word, StringComparison.OrdinalIgnoreCase)) ?? "");
        return new PowerOrder(
            stated.IsEmpty
                ? [LampBoard.HasMotor(sheet) ? "transmitter, throttle low, cut set" : "transmitter", "pack"]
                : stated,
            !stated.IsEmpty,
            At("pack") >= 0 && (At("transmitter") < 0 || At("pack") < At("transmitter")),
            packs
        );
    }
}
