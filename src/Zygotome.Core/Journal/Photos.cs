namespace Zygotome.Core.Journal;

/// <summary>
/// An entry that refers to a stored picture by its hash; the picture is kept as long as the entry is.
/// </summary>
public interface IHoldsPhoto
{
    /// <summary>Empty where the entry may do without, and does.</summary>
    string Hash { get; }
}

/// <summary>A picture by the SHA-256 of its stored bytes.</summary>
public sealed record PhotoKept(string Hash, string Note);

/// <summary>What every picture keeps to.</summary>
public static class Photos
{
    /// <summary>Most pictures of one finding, or of one box.</summary>
    public const int Most = 12;

    /// <summary>The refusal of what is no picture's hash; null when it is one.</summary>
    public static Refusal? Named(string hash) =>
        hash.Length == 64 && hash.All(char.IsAsciiHexDigitLower)
            ? null
            : new Refusal("photo/hash", "That is not the name of a stored picture.", "body.hash");
}
