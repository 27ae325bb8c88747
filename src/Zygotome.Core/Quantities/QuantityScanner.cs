using System.Buffers;
using System.Globalization;

namespace Zygotome.Core.Quantities;

/// <summary>
/// A place in a typed text, and the numbers people write: decimals with point or comma, fractions, mixed and vulgar.
/// </summary>
/// <param name="strict">Whether what nobody means is refused, such as a decimal and a fraction in one number.</param>
internal abstract class QuantityScanner(string text, bool strict)
{
    private static readonly Dictionary<char, (int N, int D)> Vulgar = new()
    {
        ['½'] = (1, 2),
        ['¼'] = (1, 4),
        ['¾'] = (3, 4),
        ['⅛'] = (1, 8),
        ['⅜'] = (3, 8),
        ['⅝'] = (5, 8),
        ['⅞'] = (7, 8),
        ['⅓'] = (1, 3),
        ['⅔'] = (2, 3),
    };

    /// <summary>Every sign that is a fraction by itself.</summary>
    internal static readonly SearchValues<char> Fractions = SearchValues.Create([.. Vulgar.Keys]);

    protected string Text { get; } = text;

    protected bool Strict { get; } = strict;

    protected int At { get; set; }

    protected Refusal Not(string why) =>
        new(
            "quantity/not-understood",
            $"\"{Text.Trim()}\": {why}. Write a number with its unit, such as \"12 mm\", \"1 5/8 in\" or \"14 to 18 "
                + $"mm\"."
        );

    protected bool Number(out decimal value, out Refusal? refusal)
    {
        Space();
        (value, refusal) = (0, null);
        var start = At;
        var negative = Peek() is '-' or '−';
        if (negative)
        {
            At++;
            Space();
        }

        var whole = TakeVulgar(out value);
        if (!whole)
        {
            // ".5 in": nothing before the point.
            var digits =
                TakeDigits() is { Length: > 0 } some ? some
                : Peek() is '.' or ',' && At + 1 < Text.Length && char.IsAsciiDigit(Text[At + 1]) ? "0"
                : "";
            if (digits.Length == 0)
            {
                At = start;
                refusal = Not(
                    start < Text.Length ? $"\"{Text[start..].Trim()}\" is not a number" : "a number is missing"
                );
                return false;
            }

            if (!Decimal(digits, out value, out refusal) || !Fraction(ref value, out refusal))
            {
                return false;
            }
        }

        value = negative ? -value : value;
        return true;
    }

    private bool Decimal(string digits, out decimal value, out Refusal? refusal)
    {
        refusal = null;
        value = decimal.Parse(digits, CultureInfo.InvariantCulture);
        if (Peek() is not ('.' or ',') || At + 1 >= Text.Length || !char.IsAsciiDigit(Text[At + 1]))
        {
            return true;
        }

        var comma = Peek() == ',';
        At++;
        var after = TakeDigits();
        if (comma && digits is not "0" && digits[0] != '0' && digits.Length <= 3 && after.Length == 3)
        {
            refusal = new Refusal(
                "quantity/ambiguous",
                $"\"{digits},{after}\" can be {digits}.{after} or {digits}{after}. Write it with a point, or without "
                    + $"the comma."
            );
            return false;
        }

        value = decimal.Parse($"{digits}.{after}", CultureInfo.InvariantCulture);
        return true;
    }

    // "1 5/8", "1-5/8", "5/8", "1½", "1 ½": a fraction after, or instead of, a whole number.
    private bool Fraction(ref decimal value, out Refusal? refusal)
    {
        var whole = value;
        if (!AFraction(ref value, out refusal))
        {
            return false;
        }

        if (Strict && value != whole && whole != decimal.Truncate(whole))
        {
            refusal = Not("a decimal and a fraction stand together");
            return false;
        }

        return true;
    }

    private bool AFraction(ref decimal value, out Refusal? refusal)
    {
        refusal = null;
        if (Peek() == '/' && At + 1 < Text.Length && char.IsAsciiDigit(Text[At + 1]))
        {
            At++;
            return Divide(value, TakeDigits(), 0, out value, out refusal);
        }

        var back = At;
        Space();
        if (TakeVulgar(out var part))
        {
            value += part;
            return true;
        }

        At = back;

        if (Peek() is '-' or ' ')
        {
            At++;
            Space();
            var numerator = TakeDigits();
            if (numerator.Length > 0 && Peek() == '/' && At + 1 < Text.Length && char.IsAsciiDigit(Text[At + 1]))
            {
                At++;
                return Divide(
                    decimal.Parse(numerator, CultureInfo.InvariantCulture),
                    TakeDigits(),
                    value,
                    out value,
                    out refusal
                );
            }
        }

        At = back;
        return true;
    }

    private bool Divide(decimal n, string d, decimal plus, out decimal value, out Refusal? refusal)
    {
        var denominator = decimal.Parse(d, CultureInfo.InvariantCulture);
        refusal = denominator == 0 ? Not("a fraction with nothing below the line") : null;
        value = denominator == 0 ? 0 : plus + (n / denominator);
        return denominator != 0;
    }

    private bool TakeVulgar(out decimal value)
    {
        var found = Vulgar.TryGetValue(Peek(), out var f);
        value = found ? (decimal)f.N / f.D : 0;
        At += found ? 1 : 0;
        return found;
    }

    private string TakeDigits()
    {
        var start = At;
        while (At < Text.Length && char.IsAsciiDigit(Text[At]))
        {
            At++;
        }

        return Text[start..At];
    }

    protected bool TakeWord(string word)
    {
        Space();
        var end = At + word.Length;
        if (
            string.Compare(Text, At, word, 0, word.Length, StringComparison.OrdinalIgnoreCase) != 0
            || (end < Text.Length && char.IsLetter(Text[end]))
        )
        {
            return false;
        }

        At = end;
        return true;
    }

    protected bool TakeAny(params ReadOnlySpan<string> marks)
    {
        Space();
        foreach (var mark in marks)
        {
            if (string.CompareOrdinal(Text, At, mark, 0, mark.Length) == 0)
            {
                At += mark.Length;
                return true;
            }
        }

        return false;
    }

    // "5-7 mm": a dash straight after a number and before another one.
    protected bool TakeDash()
    {
        Space();
        if (Peek() is '-' && At + 1 < Text.Length && (char.IsAsciiDigit(Text[At + 1]) || Text[At + 1] == ' '))
        {
            At++;
            return true;
        }

        return false;
    }

    protected char Peek() => At < Text.Length ? Text[At] : '\0';

    protected void Space()
    {
        while (At < Text.Length && (char.IsWhiteSpace(Text[At]) || Text[At] == '\u00a0'))
        {
            At++;
        }
    }
}
