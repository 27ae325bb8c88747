using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>
/// The substitute rule: same thread; length at least stack + engagement (2 × diameter in plastic, wood or a foam
/// anchor, 1.5 × in metal) and at most stack + hole depth.
/// </summary>
public static class Fasteners
{
    /// <param name="place">What the sheet says of the place; all mm.</param>
    /// <param name="diameter">Thread of the one in hand, mm.</param>
    /// <param name="length">Its length under the head, mm.</param>
    public static FastenerVerdict Judge(FastenerSpec place, double diameter, double length)
    {
        if (Numbers.Round(diameter - place.Diameter) != 0)
        {
            return new FastenerVerdict(
                false,
                $"Another thread: {Numbers.Say(diameter)} mm where {Numbers.Say(place.Diameter)} mm belongs.",
                null,
                null
            );
        }

        if (place.Stack is not { } stack || place.Depth is not { } depth)
        {
            return Numbers.Round(length - place.Length) == 0
                ? new FastenerVerdict(true, "The listed size.", place.Length, place.Length)
                : new FastenerVerdict(
                    false,
                    "The sheet does not state stack and hole depth, so only the listed length can be judged; measure "
                        + "both and put them on the sheet.",
                    null,
                    null
                );
        }

        var times = place.Into == "metal" ? 1.5 : 2;
        var (least, most) = (Numbers.Round(stack + (times * place.Diameter)), Numbers.Round(stack + depth));
        var numbers =
            $"stack {Numbers.Say(stack)} mm, {Numbers.Say(times)} × {Numbers.Say(place.Diameter)} mm engagement in "
            + $"{place.Into}, hole {Numbers.Say(depth)} mm deep: {Numbers.Say(least)} to {Numbers.Say(most)} mm";
        var x = Numbers.Round(length);
        return least > most ? new FastenerVerdict(false, $"No length can hold there: {numbers}.", least, most)
            : x < least
                ? new FastenerVerdict(
                    false,
                    $"{Numbers.Say(x)} mm is {Numbers.Say(least - x)} mm too short to hold: {numbers}.",
                    least,
                    most
                )
            : x > most
                ? new FastenerVerdict(
                    false,
                    $"{Numbers.Say(x)} mm is {Numbers.Say(x - most)} mm too long and bottoms: {numbers}.",
                    least,
                    most
                )
            : new FastenerVerdict(true, $"{Numbers.Say(x)} mm fits: {numbers}.", least, most);
    }

    /// <summary>The listed length itself cannot fit where the sheet puts it.</summary>
    public static bool IsMisprint(FastenerSpec listed) =>
        listed is { Stack: not null, Depth: not null } && !Judge(listed, listed.Diameter, listed.Length).Fits;
}
