namespace Zygotome.Core.Sheets;

/// <summary>How a sheet names the places of its aircraft.</summary>
public static class Places
{
    /// <summary>The name of the one fin, and of any where there are several: <c>fin-2</c>.</summary>
    public const string Fin = "fin";

    /// <summary>
    /// Whether a name means this part: the part itself, or one of its halves: <c>wing</c> means <c>wing-left</c>.
    /// </summary>
    public static bool IsNamed(string name, string partId) =>
        partId == name || partId.StartsWith(name + "-", StringComparison.Ordinal);

    /// <summary>A place as people say it: "wing left".</summary>
    public static string Words(string place) => place.Replace('-', ' ');

    /// <summary>Whether a place's name has a word in it: <c>aileron-lower-left</c> has <c>lower</c>.</summary>
    public static bool HasWord(string place, string word) => place.Split('-').Contains(word);

    /// <summary>The side a place is on by its name, left or right; empty where it says none.</summary>
    public static string SideOf(string place) =>
        place.EndsWith("-left", StringComparison.Ordinal) ? "left"
        : place.EndsWith("-right", StringComparison.Ordinal) ? "right"
        : "";

    /// <summary>
    /// Two places that differ by their side alone, by one name: <c>aileron-left</c> is of <c>aileron</c>.
    /// </summary>
    public static string Pair(string place) =>
        SideOf(place) is { Length: > 0 } side ? place[..^(side.Length + 1)] : place;
}
