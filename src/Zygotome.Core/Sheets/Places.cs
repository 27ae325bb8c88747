namespace Zygotome.Core.Sheets;

/// <summary>How a sheet names the places of its aircraft.</summary>
public static class Places
{
    /// <summary>
    /// Whether a name means this part: the part itself, or one of its halves: <c>wing</c> means <c>wing-left</c>.
    /// </summary>
    public static bool IsNamed(string name, string partId) =>
        partId == name || partId.StartsWith(name + "-", StringComparison.Ordinal);
}
