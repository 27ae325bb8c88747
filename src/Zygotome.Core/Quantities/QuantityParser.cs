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
        Read(text, bare, strict: true) is var read && read.OrDefault() is { } q && !Possible(q)
            ? TooLarge(text!)
            : read;

    /// <summary>
    /// As <see cref="Parse(string?, Unit?)"/>, without asking how large or how odd: what is in a journal is read for
    /// ever.
    /// </summary>
    public static Outcome<Quantity> ParseStored(string? text, Unit? bare = null) => Read(text, bare, strict: false);

    private static Outcome<Quantity> Read(string? text, Unit? bare, bool strict)
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

        var cursor = new Cursor(text, strict);
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

    /// <param name="strict">Refuses what nobody means; what is stored was taken once, and is read as it was.</param>
    private sealed class Cursor(string text, bool strict) : QuantityScanner(text, strict)
    {
        public Outcome<Quantity> Read(Unit bare)
        {
            // "±5 mm" alone: symmetrical about zero.
            if (TakePlusMinus())
            {
                return Value(bare, out var only, out var stop)
                    ? End(only.Unit, bare, u => Quantity.Tolerance(0, only.Number, only.Number, u, null, Text.Trim()))
                    : stop!;
            }

            // "+5 mm": a sign that says nothing, where no other number is before it.
            _ = TakeAny("+");
            if (!Value(bare, out var first, out var refusal))
            {
                return refusal!;
            }

            var way = TakeWay();
            return TakeUnequal(bare, out var plus, out var minus, out refusal) ? Unequal(first, plus, minus, way, bare)
                : refusal is not null ? refusal
                : TakeAny("to ", "–", "…", "until ") || TakeDash() ? Pair(first, way, bare)
                : TakePlusMinus() ? Equal(first, way, bare)
                : End(first.Unit, bare, u => Quantity.Single(first.Number, u, way, Text.Trim()));
        }

        private Outcome<Quantity> Pair(Printed first, Way? way, Unit bare)
        {
            if (!Value(bare, out var second, out var refusal))
            {
                return refusal!;
            }

            if (first.Unit is not null && second.Unit is not null && first.Unit != second.Unit)
            {
                return Not($"the two ends have different units, {first.Unit} and {second.Unit}");
            }

            way ??= TakeWay();
            return End(
                first.Unit ?? second.Unit,
                bare,
                u => Quantity.Pair(first.Number, second.Number, u, way, Text.Trim())
            );
        }

        private Outcome<Quantity> Equal(Printed first, Way? way, Unit bare)
        {
            if (!Value(bare, out var tolerance, out var refusal))
            {
                return refusal!;
            }

            way ??= TakeWay();
            return tolerance.Number < 0
                ? Not("a tolerance is not negative")
                : Unequal(first, tolerance, tolerance, way, bare);
        }

        // A tolerance in another unit of the same kind is one: "1/2 in ± 1 mm". Kept in the finer of the two, in which
        // both are exact.
        private Outcome<Quantity> Unequal(Printed first, Printed plus, Printed minus, Way? way, Unit bare)
        {
            var (of, by) = (first.Unit, plus.Unit ?? minus.Unit);

            // Once a tolerance's own unit was not looked at; what was stored then says what it said then.
            if (of is not null && by is not null && of != by && Strict)
            {
                if (of.Dimension != by.Dimension)
                {
                    return Not($"value and tolerance have different units, {of} and {by}");
                }

                var finer = of.Factor <= by.Factor ? of : by;
                (first, plus, minus) = (first.In(finer, of), plus.In(finer, by), minus.In(finer, by));
            }

            return End(
                first.Unit ?? by,
                bare,
                u => Quantity.Tolerance(first.Number, plus.Number, minus.Number, u, way, Text.Trim())
            );
        }

        private Outcome<Quantity> End(Unit? written, Unit bare, Func<Unit, Quantity> make)
        {
            Space();
            return At == Text.Length ? make(written ?? bare) : Not($"\"{Text[At..].Trim()}\" was not understood");
        }

        /// <summary>A number with the unit behind it; null where none is written.</summary>
        private readonly record struct Printed(decimal Number, Unit? Unit)
        {
            public Printed In(Unit finer, Unit written) => new(Number * (Unit ?? written).Factor / finer.Factor, finer);
        }

        // "2 lb 3 oz" is one number, in ounces.
        private bool Value(Unit bare, out Printed value, out Refusal? refusal)
        {
            value = default;
            if (!Number(out var number, out refusal))
            {
                return false;
            }

            _ = Unit1(bare, out var unit);
            value = new Printed(number, unit);
            var back = At;
            Space();
            if (unit != Unit.Pound || !char.IsAsciiDigit(Peek()) || !Number(out var ounces, out _))
            {
                At = back;
                return true;
            }

            if (!TakeWord("oz"))
            {
                refusal = Not("after pounds only ounces can follow");
                return false;
            }

            value = new Printed((number * 16) + ounces, Unit.Ounce);
            return true;
        }

        // "+2/-1" and "-1/+2": how far up, how far down.
        private bool TakeUnequal(Unit bare, out Printed plus, out Printed minus, out Refusal? refusal)
        {
            (plus, minus, refusal) = (default, default, null);
            var back = At;
            Space();
            var (first, second) = (Peek(), Peek() == '+' ? "-−" : "+");
            if (first is not ('+' or '-' or '−') || Text.IndexOf('/', At) < 0 || IsPlusMinus())
            {
                At = back;
                return false;
            }

            At++;
            if (!Value(bare, out var one, out refusal))
            {
                return false;
            }

            Space();
            if (Peek() != '/')
            {
                (At, refusal) = (back, first == '+' ? Not(NeedsBoth) : null);
                return false;
            }

            At++;
            Space();
            if (!second.Contains(Peek(), StringComparison.Ordinal))
            {
                refusal = Not(NeedsBoth);
                return false;
            }

            At++;
            if (!Value(bare, out var other, out refusal))
            {
                return false;
            }

            (plus, minus) = first == '+' ? (one, other) : (other, one);
            return true;
        }

        private const string NeedsBoth = "after a plus tolerance comes \"/-\" and the minus tolerance";

        private bool IsPlusMinus() =>
            string.CompareOrdinal(Text, At, "+/-", 0, 3) == 0 || string.CompareOrdinal(Text, At, "+-", 0, 2) == 0;

        private bool TakePlusMinus() => TakeAny("±", "+/-", "+-");

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
                if (TakeWord(way.Word()))
                {
                    return way;
                }
            }

            return null;
        }
    }
}
