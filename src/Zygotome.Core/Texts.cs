namespace Zygotome.Core;

/// <summary>What every written text must keep.</summary>
public static class Texts
{
    public const int Most = 1000;

    /// <summary>As it begins a sentence. Empty stays empty.</summary>
    public static string Capital(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];

    /// <summary>A reason somebody must give.</summary>
    public static Refusal? Reason(string text, string where, string missing) =>
        string.IsNullOrWhiteSpace(text) ? new Refusal("text/missing", missing, where) : Fits(text, where);

    /// <summary>A text of bearable length without control characters.</summary>
    public static Refusal? Fits(string text, string where, int most = Most) =>
        text.Length > most
            ? new Refusal("text/too-long", $"This text has {text.Length} characters; at most {most}.", where)
        : text.Any(c => char.IsControl(c) && c is not ('\n' or '\t'))
            ? new Refusal("text/control", "This text has control characters in it.", where)
        : null;
}
