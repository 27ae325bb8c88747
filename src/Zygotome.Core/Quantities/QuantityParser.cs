using System.Globalization;

namespace Zygotome.Core.Quantities;

/// <summary>Reads every way manuals and people write a quantity. One parser for sheets, entry fields and files.</summary>
public static class QuantityParser
{
    private static readonly Dictionary<char, (int N, int D)> Vulgar = new()
    {
        ['½'] = (1, 2), ['¼'] = (1, 4), ['¾'] = (3, 4), ['⅛'] = (1, 8), ['⅜'] = (3, 8), ['⅝'] = (5, 8), ['⅞'] = (7, 8), ['⅓'] = (1, 3), ['⅔'] = (2, 3),
    };

    /// <summary>Reads <paramref name="text"/>; a bare number takes <paramref name="bare"/>, or stays without a unit.</summary>
    /// <returns>The quantity with <paramref name="text"/> kept, or a refusal that says what was not understood.</returns>
    public static Outcome<Quantity> Parse(string? text, Unit? bare = null)
    {
        if (string.IsNullOrWhiteSpace(text))
        {
            return new Refusal("quantity/empty", "Nothing was written; a number with its unit is needed, such as \"12 mm\".");
        }

        if (text.Length > 100)
        {
            return new Refusal("quantity/too-long", "That is too long for a quantity; at most 100 characters.");
        }

        var cursor = new Cursor(text);
        try
        {
            return cursor.Read(bare ?? Unit.One);
        }
        catch (OverflowException)
        {
            return new Refusal("quantity/too-large", $"\"{text.Trim()}\" is larger than any quantity here can be.");
        }
    }

    /// <summary>As <see cref="Parse(string?, Unit?)"/>, and refuses any other dimension than the one the field holds.</summary>
    public static Outcome<Quantity> Parse(string? text, Dimension dimension, Unit? bare = null) =>
        Parse(text, bare).Match<Outcome<Quantity>>(
            q => q.Dimension == dimension ? q : new Refusal(
                "quantity/dimension",
                $"\"{text!.Trim()}\" is {Name(q.Dimension)}; {Name(dimension)} is needed here."),
            r => r);

    private static string Name(Dimension d) => d switch
    {
        Dimension.None => "a bare number without a unit",
        Dimension.Angle => "an angle",
        _ => "a " + d.ToString().ToLowerInvariant(),
    };

    private sealed class Cursor(string text)
    {
        private readonly string _text = text;
        private int _at;

        public Outcome<Quantity> Read(Unit bare)
        {
            // "±5 mm" alone: symmetrical about zero.
            if (TakeAny("±", "+/-", "+-"))
            {
                return Number(out var only, out var stop) ? End(Unit1(bare, out var alone) ?? bare, u => Quantity.Tolerance(0, only, only, u, null, _text.Trim()), alone) : stop!;
            }

            if (!Number(out var first, out var refusal))
            {
                return refusal!;
            }

            var unit = Unit1(bare, out var firstUnit);
            if (firstUnit == Unit.Pound && Number(out var ounces, out _))
            {
                if (!TakeWord("oz"))
                {
                    return Not("after pounds only ounces can follow");
                }

                return End(Unit.Ounce, u => Quantity.Single((first * 16) + ounces, u, null, _text.Trim()), Unit.Ounce);
            }

            var way = TakeWay();
            if (TakeAny("to ", "–", "…", "until ") || TakeDash())
            {
                if (!Number(out var second, out refusal))
                {
                    return refusal!;
                }

                var last = Unit1(bare, out var secondUnit);
                if (firstUnit is not null && secondUnit is not null && firstUnit != secondUnit)
                {
                    return Not($"the two ends have different units, {firstUnit} and {secondUnit}");
                }

                way ??= TakeWay();
                return End(firstUnit ?? secondUnit ?? last, u => Quantity.Pair(first, second, u, way, _text.Trim()), firstUnit ?? secondUnit);
            }

            if (TakeAny("±", "+/-", "+-"))
            {
                if (!Number(out var tolerance, out refusal))
                {
                    return refusal!;
                }

                var last = Unit1(bare, out var secondUnit);
                if (firstUnit is not null && secondUnit is not null && firstUnit != secondUnit)
                {
                    return Not($"value and tolerance have different units, {firstUnit} and {secondUnit}");
                }

                way ??= TakeWay();
                return tolerance < 0 ? Not("a tolerance is not negative") : End(firstUnit ?? secondUnit ?? last, u => Quantity.Tolerance(first, tolerance, tolerance, u, way, _text.Trim()), firstUnit ?? secondUnit);
            }

            if (Peek() == '+')
            {
                _at++;
                if (!Number(out var plus, out refusal))
                {
                    return refusal!;
                }

                if (!TakeAny("/-", "/ -", "/−"))
                {
                    return Not("after a plus tolerance comes \"/-\" and the minus tolerance");
                }

                if (!Number(out var minus, out refusal))
                {
                    return refusal!;
                }

                var last = Unit1(bare, out var secondUnit);
                return End(firstUnit ?? secondUnit ?? last, u => Quantity.Tolerance(first, plus, minus, u, way, _text.Trim()), firstUnit ?? secondUnit);
            }

            return End(unit ?? bare, u => Quantity.Single(first, u, way, _text.Trim()), firstUnit);
        }

        private Outcome<Quantity> End(Unit? unit, Func<Unit, Quantity> make, Unit? written)
        {
            Space();
            return _at == _text.Length ? make(written ?? unit ?? Unit.One) : Not($"\"{_text[_at..].Trim()}\" was not understood");
        }

        private Refusal Not(string why) => new("quantity/not-understood", $"\"{_text.Trim()}\": {why}. Write a number with its unit, such as \"12 mm\", \"1 5/8 in\" or \"14 to 18 mm\".");

        private bool Number(out decimal value, out Refusal? refusal)
        {
            Space();
            (value, refusal) = (0, null);
            var start = _at;
            var negative = Peek() is '-' or '−';
            if (negative)
            {
                _at++;
                Space();
            }

            var whole = TakeVulgar(out value);
            if (!whole)
            {
                var digits = TakeDigits();
                if (digits.Length == 0)
                {
                    _at = start;
                    refusal = Not(start < _text.Length ? $"\"{_text[start..].Trim()}\" is not a number" : "a number is missing");
                    return false;
                }

                if (!Decimal(digits, out value, out refusal) || !Fraction(digits, ref value, out refusal))
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
            if (Peek() is not ('.' or ',') || _at + 1 >= _text.Length || !char.IsAsciiDigit(_text[_at + 1]))
            {
                return true;
            }

            var comma = Peek() == ',';
            _at++;
            var after = TakeDigits();
            if (comma && digits is not "0" && digits[0] != '0' && digits.Length <= 3 && after.Length == 3)
            {
                refusal = new Refusal(
                    "quantity/ambiguous",
                    $"\"{digits},{after}\" can be {digits}.{after} or {digits}{after}. Write it with a point, or without the comma.");
                return false;
            }

            value = decimal.Parse($"{digits}.{after}", CultureInfo.InvariantCulture);
            return true;
        }

        // "1 5/8", "1-5/8", "5/8", "1½": a fraction after, or instead of, a whole number.
        private bool Fraction(string digits, ref decimal value, out Refusal? refusal)
        {
            refusal = null;
            if (Peek() == '/' && _at + 1 < _text.Length && char.IsAsciiDigit(_text[_at + 1]))
            {
                _at++;
                return Divide(value, TakeDigits(), 0, out value, out refusal);
            }

            var back = _at;
            if (TakeVulgar(out var part))
            {
                value += part;
                return true;
            }

            if (Peek() is '-' or ' ')
            {
                _at++;
                Space();
                var numerator = TakeDigits();
                if (numerator.Length > 0 && Peek() == '/' && _at + 1 < _text.Length && char.IsAsciiDigit(_text[_at + 1]))
                {
                    _at++;
                    return Divide(decimal.Parse(numerator, CultureInfo.InvariantCulture), TakeDigits(), value, out value, out refusal);
                }
            }

            _at = back;
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
            _at += found ? 1 : 0;
            return found;
        }

        private string TakeDigits()
        {
            var start = _at;
            while (_at < _text.Length && char.IsAsciiDigit(_text[_at]))
            {
                _at++;
            }

            return _text[start.._at];
        }

        private Unit? Unit1(Unit bare, out Unit? written)
        {
            Space();
            foreach (var (spelling, unit) in Unit.BySpelling)
            {
                var end = _at + spelling.Length;
                if (spelling.Length > 0 && string.CompareOrdinal(_text, _at, spelling, 0, spelling.Length) == 0
                    && (end >= _text.Length || !char.IsLetter(_text[end]) || !char.IsLetter(spelling[^1])))
                {
                    _at = end;
                    return written = unit;
                }
            }

            written = null;
            return bare;
        }

        private Way? TakeWay()
        {
            foreach (var way in Enum.GetValues<Way>())
            {
                if (TakeWord(way.ToString().ToLowerInvariant()))
                {
                    return way;
                }
            }

            return null;
        }

        private bool TakeWord(string word)
        {
            Space();
            var end = _at + word.Length;
            if (string.Compare(_text, _at, word, 0, word.Length, StringComparison.OrdinalIgnoreCase) != 0 || (end < _text.Length && char.IsLetter(_text[end])))
            {
                return false;
            }

            _at = end;
            return true;
        }

        private bool TakeAny(params ReadOnlySpan<string> marks)
        {
            Space();
            foreach (var mark in marks)
            {
                if (string.CompareOrdinal(_text, _at, mark, 0, mark.Length) == 0)
                {
                    _at += mark.Length;
                    return true;
                }
            }

            return false;
        }

        // "5-7 mm": a dash straight after a number and before another one.
        private bool TakeDash()
        {
            Space();
            if (Peek() is '-' && _at + 1 < _text.Length && (char.IsAsciiDigit(_text[_at + 1]) || _text[_at + 1] == ' '))
            {
                _at++;
                return true;
            }

            return false;
        }

        private char Peek() => _at < _text.Length ? _text[_at] : '\0';

        private void Space()
        {
            while (_at < _text.Length && (char.IsWhiteSpace(_text[_at]) || _text[_at] == '\u00a0'))
            {
                _at++;
            }
        }
    }
}
