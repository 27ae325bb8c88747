using System.Collections.Immutable;

namespace Zygotome.Core.Quantities;

/// <summary>
/// What a field takes: what it measures, what a bare number in it is, one value or a band, and the ways that may stand
/// behind it. One for sheets, posts and requests, with one set of words for what it refuses.
/// </summary>
/// <param name="Name">With its article: "a length".</param>
/// <param name="Units">A bare number is in the first; quantities of the others' dimensions are taken too.</param>
public sealed record Measurand(string Name, params ImmutableArray<Unit> Units)
{
    /// <summary>Every way there is.</summary>
    public static readonly ImmutableArray<Way> AnyWay = [.. Enum.GetValues<Way>()];

    /// <summary>Whether a band, a limit or a value with its tolerance is taken; else one value alone.</summary>
    public bool IsBand { get; init; }

    /// <summary>What may stand behind the value; nothing where it is empty.</summary>
    public ImmutableArray<Way> Ways { get; init; } = [];

    /// <summary>
    /// Whether it is read off a rule, where a fraction can only be of an inch; elsewhere a bare one is asked about.
    /// </summary>
    public bool IsReadOff { get; init; }

    private Unit Bare => Units[0];

    /// <summary>
    /// What somebody typed, as it is kept: in their words, with the unit put in where they wrote none. Refuses what is
    /// no such quantity, and a bare fraction that could be of two units.
    /// </summary>
    public Outcome<Quantity> Read(string? text) => QuantityParser.Parse(text).Match(Read, refusal => refusal);

    /// <summary>As <see cref="Read(string?)"/>, of a quantity read where nobody knew its field.</summary>
    public Outcome<Quantity> Read(Quantity typed) =>
        Complete(typed) is var whole && Wrong(whole) is { } wrong ? wrong : whole;

    /// <summary>With the unit where none was written; as it is where that could be two. Refuses nothing.</summary>
    public Quantity Complete(Quantity typed) =>
        typed.Dimension != Dimension.None || Bare == Unit.One ? typed
        : Bare != Unit.Millimetre || !IsFraction(typed) ? In(typed, Bare)
        : IsReadOff ? In(typed, Unit.Inch)
        : typed;

    /// <summary>The refusal of a quantity that does not belong here; null of one that does.</summary>
    public Refusal? Wrong(Quantity typed)
    {
        if (typed.Dimension == Dimension.None && Bare == Unit.Millimetre && IsFraction(typed))
        {
            return new Refusal(
                "quantity/ambiguous",
                $"\"{typed.Text.Trim()}\" of what? Write \"{In(typed, Unit.Inch)}\" or \"{In(typed, Bare)}\"."
            );
        }

        if (Units.All(u => u.Dimension != typed.Dimension))
        {
            return new Refusal(
                "quantity/dimension",
                $"\"{typed.Text.Trim()}\" is {Words(typed.Dimension)}; {Name} is needed here."
            );
        }

        if (!IsBand && typed.Form != QuantityForm.Single)
        {
            return new Refusal(
                "quantity/form",
                $"\"{typed.Text.Trim()}\" is {Words(typed.Form)}; {Name} alone is needed here."
            );
        }

        return typed.Way is { } way && !Ways.Contains(way)
            ? new Refusal(
                "quantity/way",
                $"\"{typed.Text.Trim()}\": {Name} is not \"{way.Word()}\" here"
                    + (Ways.IsEmpty ? "." : $", only {string.Join(" or ", Ways.Select(w => w.Word()))}.")
            )
            : null;
    }

    // "5/8" and "½", and not the line in "+2/-1".
    private static bool IsFraction(Quantity typed)
    {
        var line = typed.Text.IndexOf('/', StringComparison.Ordinal);
        return (line >= 0 && line + 1 < typed.Text.Length && char.IsAsciiDigit(typed.Text[line + 1]))
            || typed.Text.AsSpan().ContainsAny(QuantityScanner.Fractions);
    }

    // In the words it was typed in; the unit stands before its way, where it has one.
    private static Quantity In(Quantity typed, Unit unit)
    {
        var text = typed.Way is null ? $"{typed.Text.Trim()} {unit.Symbol}" : null;
        return typed.Form switch
        {
            QuantityForm.Single => Quantity.Single(typed.First, unit, typed.Way, text),
            QuantityForm.Tolerance => Quantity.Tolerance(typed.First, typed.Second, typed.Minus, unit, typed.Way, text),
            _ => Quantity.Pair(typed.First, typed.Second, unit, typed.Way, text),
        };
    }

    private static string Words(QuantityForm form) =>
        form switch
        {
            QuantityForm.Range => "a band",
            QuantityForm.Tolerance => "a value with its tolerance",
            QuantityForm.Descending => "two values",
            _ => "one value",
        };

    private static string Words(Dimension dimension) =>
        dimension switch
        {
            Dimension.None => "a bare number without a unit",
            Dimension.Angle => "an angle",
            Dimension.Percent => "a percentage",
            _ => "a " + dimension.ToString().ToLowerInvariant(),
        };
}
