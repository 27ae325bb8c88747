namespace Zygotome.Core.Quantities;

/// <summary>
/// Reads every way manuals and people write a quantity. One parser for sheets, entry fields and files.
/// </summary>
public static class QuantityParser
{
    /// <summary>Nothing on a model aircraft is more than this, in any unit.</summary>
    public const decimal Largest = 1_000_000_000;

    /// <summary>
    /// Reads <paramref name="text"/>; a bare number takes <paramref name="bare"/>, or stays without a unit.
    /// </summary>
    /// <returns>The quantity with <paramref name="text"/> kept, or a refusal that says what was not
    /// understood.</returns>
    public static Outcome<Quantity> Parse(string? text, Unit? bare = null) =>
        ParseStored(text, bare) is var read && read.OrDefault() is { } q && !Possible(q) ? TooLarge(text!) : read;

    /// <summary>
    /// As <see cref="Parse(string?, Unit?)"/>, without asking how large: what is in a journal is read for ever.
    /// </summary>
    public static Outcome<Quantity> ParseStored(string? text, Unit? bare = null)
    {
        if (string.IsNullOrWhiteSpace(text))
        {
            return new Refusal(
                "quantity/empty",
                "Nothing was written; a number with its unit is needed, such as \"12 mm\"."
            );
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
            return TooLarge(text);
        }
    }

    // Rules multiply and square what they are given; a decimal holds that of nothing larger.
    private static bool Possible(Quantity q) =>
        new[] { q.First, q.Second, q.Minus, q.Low, q.High }.All(v => Math.Abs(v) <= Largest);

    private static Refusal TooLarge(string text) =>
        new("quantity/too-large", $"\"{text.Trim()}\" is larger than any quantity here can be.");

    /// <summary>
    /// As <see cref="Parse(string?, Unit?)"/>, and refuses any other dimension than the one the field holds.
    /// </summary>
    public static Outcome<Quantity> Parse(string? text, Dimension dimension, Unit? bare = null) =>
        Parse(text, bare)
            .Match<Outcome<Quantity>>(
                q =>
                    q.Dimension == dimension
                        ? q
                        : new Refusal(
                            "quantity/dimension",
                            $"\"{text!.Trim()}\" is {Name(q.Dimension)}; {Name(dimension)} is needed here."
                        ),
                r => r
            );

    private static string Name(Dimension d) =>
        d switch
        {
            Dimension.None => "a bare number without a unit",
            Dimension.Angle => "an angle",
            _ => "a " + d.ToString().ToLowerInvariant(),
        };

    private sealed class Cursor(string text) : QuantityScanner(text)
    {
        public Outcome<Quantity> Read(Unit bare)
        {
            // "±5 mm" alone: symmetrical about zero.
            if (TakeAny("±", "+/-", "+-"))
            {
                return Number(out var only, out var stop)
                    ? End(
                        Unit1(bare, out var alone) ?? bare,
                        u => Quantity.Tolerance(0, only, only, u, null, Text.Trim()),
                        alone
                    )
                    : stop!;
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

                return End(Unit.Ounce, u => Quantity.Single((first * 16) + ounces, u, null, Text.Trim()), Unit.Ounce);
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
                return End(
                    firstUnit ?? secondUnit ?? last,
                    u => Quantity.Pair(first, second, u, way, Text.Trim()),
                    firstUnit ?? secondUnit
                );
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
                return tolerance < 0
                    ? Not("a tolerance is not negative")
                    : End(
                        firstUnit ?? secondUnit ?? last,
                        u => Quantity.Tolerance(first, tolerance, tolerance, u, way, Text.Trim()),
                        firstUnit ?? secondUnit
                    );
            }

            if (Peek() == '+')
            {
                At++;
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
                return End(
                    firstUnit ?? secondUnit ?? last,
                    u => Quantity.Tolerance(first, plus, minus, u, way, Text.Trim()),
                    firstUnit ?? secondUnit
                );
            }

            return End(unit ?? bare, u => Quantity.Single(first, u, way, Text.Trim()), firstUnit);
        }

        private Outcome<Quantity> End(Unit? unit, Func<Unit, Quantity> make, Unit? written)
        {
            Space();
            return At == Text.Length
                ? make(written ?? unit ?? Unit.One)
                : Not($"\"{Text[At..].Trim()}\" was not understood");
        }

        private Unit? Unit1(Unit bare, out Unit? written)
        {
            Space();
            foreach (var (spelling, unit) in Unit.BySpelling)
            {
                var end = At + spelling.Length;
                if (
                    spelling.Length > 0
                    && string.CompareOrdinal(Text, At, spelling, 0, spelling.Length) == 0
                    && (end >= Text.Length || !char.IsLetter(Text[end]) || !char.IsLetter(spelling[^1]))
                )
                {
                    At = end;
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
    }
}
