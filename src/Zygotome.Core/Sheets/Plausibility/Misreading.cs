using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Plausibility;

/// <summary>What a printed number may have been before somebody misread it.</summary>
internal static class Misreading
{
    /// <summary>
    /// The first reading of the same digits that is plausible: a fraction typed as a decimal (1.4 for 1/4, 3.8 for
    /// 3/8), a slipped point, mm for inches or inches for mm. Null when none is: nothing is guessed then.
    /// </summary>
    /// <param name="plausible">Whether a length in mm would be believed here.</param>
    public static (string Words, string Suggestion)? Of(Quantity printed, Func<double, bool> plausible)
    {
        if (printed.Form != QuantityForm.Single || printed.Dimension != Dimension.Length || printed.First <= 0)
        {
            return null;
        }

        var way = printed.Way is { } w ? " " + w.Word() : "";
        foreach (var (text, words) in Readings(printed))
        {
            if (QuantityParser.Parse(text + way).Try(out var read, out _) && plausible(Math.Abs((double)read.Nominal)))
            {
                return ($"Perhaps {words}.", text + way);
            }
        }

        return null;
    }

    private static IEnumerable<(string Text, string Words)> Readings(Quantity printed)
    {
        var number = QuantityPrinter.Plain(printed.First);
        if (Fraction(number) is { } fraction)
        {
            yield return ($"{fraction} in", $"the fraction {fraction} in, typed as {number}");
        }

        if (printed.Unit == Unit.Inch)
        {
            yield return ($"{number} mm", $"{number} mm, not inches");
        }

        if (printed.Unit == Unit.Millimetre)
        {
            yield return ($"{QuantityPrinter.Plain(printed.First / 10)} mm", "a decimal point that was lost");
            yield return ($"{number} in", $"{number} in, not millimetres");
            yield return ($"{QuantityPrinter.Plain(printed.First * 10)} mm", $"{number} cm");
        }
    }

    // "3.8" for 3/8: both digits make a fraction below one whose lower number is 2, 4, 8, 16, 32 or 64.
    private static string? Fraction(string number)
    {
        var parts = number.Split('.');
        return
            parts.Length == 2
            && int.TryParse(parts[0], out var n)
            && int.TryParse(parts[1], out var d)
            && d is 2 or 4 or 8 or 16 or 32 or 64
            && n < d
            && n % 2 == 1
            ? $"{n}/{d}"
            : null;
    }
}
