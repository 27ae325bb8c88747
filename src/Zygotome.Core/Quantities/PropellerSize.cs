using System.Globalization;
using System.Text.RegularExpressions;

namespace Zygotome.Core.Quantities;

/// <summary>A propeller as printed: diameter × pitch in inches, such as <c>11x5.5</c>.</summary>
public sealed partial record PropellerSize(decimal Diameter, decimal Pitch)
{
    /// <summary>Tip to tip, in mm.</summary>
    public decimal DiameterMm => Diameter * 25.4m;

    /// <summary>"11x5.5" and the like, in inches; the refusal of what is no propeller's size.</summary>
    public static Outcome<PropellerSize> Parse(string? text)
    {
        var match = Printed().Match(text ?? "");
        return match.Success
            ? new PropellerSize(Read(match.Groups[1].Value), Read(match.Groups[2].Value))
            : new Refusal(
                "quantity/propeller",
                $"\"{text}\" is not a propeller size; write diameter x pitch in inches, such as \"11x5.5\"."
            );
    }

    public override string ToString() => $"{QuantityPrinter.Plain(Diameter)}x{QuantityPrinter.Plain(Pitch)}";

    private static decimal Read(string digits) => decimal.Parse(digits, CultureInfo.InvariantCulture);

    [GeneratedRegex(@"^\s*(\d{1,2}(?:\.\d{1,3})?)\s*[x×X]\s*(\d{1,2}(?:\.\d{1,3})?)\s*$")]
    private static partial Regex Printed();
}
