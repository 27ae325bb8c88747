using System.Collections.Immutable;

namespace Zygotome.Core.Sheets.Catalogue;

/// <summary>Names beside the sockets of a device.</summary>
internal static class Sockets
{
    /// <summary>The refusal of more names than there are sockets, of one twice and of one too long.</summary>
    public static Refusal? Named(ImmutableArray<string> names, int most, string where)
    {
        if (names.IsDefault || names.Length > most)
        {
            return new Refusal(
                "catalogue/names",
                $"{(names.IsDefault ? 0 : names.Length)} names where there are {most}.",
                where
            );
        }

        var twice = names
            .Where(n => n.Trim().Length > 0)
            .GroupBy(n => n.Trim(), StringComparer.OrdinalIgnoreCase)
            .FirstOrDefault(g => g.Count() > 1);
        return twice is not null
            ? new Refusal("catalogue/twice", $"\"{twice.Key}\" is there twice.", where)
            : names.Select((n, i) => Texts.Fits(n, $"{where}[{i}]", 40)).FirstOrDefault(r => r is not null);
    }
}
