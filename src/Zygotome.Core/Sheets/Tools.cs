using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>Tools by tip and reach, as sheets and shops write them: "hex driver 2.5 mm, reach 140 mm".</summary>
public static partial class Tools
{
    /// <summary>Tools that a step asks for, its reach among them.</summary>
    public static ImmutableArray<string> Asked(this StepSpec step) =>
        step.Reach.Length == 0 || step.Tools.Any(t => Reach(t) is not null) ? step.Tools
        : step.Tools.Length == 0 ? [step.Reach]
        : [$"{step.Tools[0]}, reach {Millimetres(step.Reach)}", .. step.Tools.Skip(1)];

    /// <summary>Whether what the shop has does what is asked: the same tip, and it reaches at least as far.</summary>
    public static bool Does(string has, string asked) =>
        Tip(has).Equals(Tip(asked), StringComparison.OrdinalIgnoreCase)
        && (Reach(asked) is not { } needed || Reach(has) >= needed);

    /// <summary>
    /// Why a tool of the same tip does not do, of several the one that reaches furthest: "the shop's reaches 80 mm".
    /// Empty where there is none of that tip, or one that does.
    /// </summary>
    public static string Short(IEnumerable<string> has, string asked)
    {
        var like = has.Where(h => Tip(h).Equals(Tip(asked), StringComparison.OrdinalIgnoreCase)).ToArray();
        return like.Length == 0 || like.Any(h => Does(h, asked)) ? ""
            : like.Max(Reach) is { } reach ? $"the shop's reaches {Numbers.Say(reach)} mm"
            : "how far the shop's reaches nobody said";
    }

    /// <summary>How far it reaches, mm; null where that is not said.</summary>
    public static double? Reach(string tool) =>
        Reaching().Match(tool) is { Success: true } said
            ? double.Parse(said.Groups[1].Value, CultureInfo.InvariantCulture)
            : null;

    private static string Tip(string tool) => Reaching().Replace(tool, "").Trim();

    // "driver 180 mm" says how far as well as "180 mm" does.
    private static string Millimetres(string reach) =>
        Last().Match(reach) is { Success: true } said ? said.Value : reach;

    [GeneratedRegex(
        @",?\s*reach\s+(\d{1,4}(?:\.\d+)?)\s*mm\s*$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex Reaching();

    [GeneratedRegex(@"\d{1,4}(?:\.\d+)?\s*mm\s*$", RegexOptions.CultureInvariant)]
    private static partial Regex Last();
}
