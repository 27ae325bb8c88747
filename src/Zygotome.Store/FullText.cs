using System.Globalization;
using System.Text;

namespace Zygotome.Store;

/// <summary>
/// What people type into a search field, as a full-text query that cannot be misread: every word a prefix, all of them
/// wanted.
/// </summary>
public static class FullText
{
    private const int MostWords = 8;

    /// <summary>Null when nothing searchable was typed.</summary>
    public static string? Query(string? typed)
    {
        var words = new List<string>();
        var word = new StringBuilder();
        foreach (var c in (typed ?? "").Normalize(NormalizationForm.FormC).Take(200).Append(' '))
        {
            if (char.IsLetterOrDigit(c) || CharUnicodeInfo.GetUnicodeCategory(c) == UnicodeCategory.NonSpacingMark)
            {
                word.Append(c);
            }
            else if (word.Length > 0)
            {
                words.Add($"\"{word}\"*");
                word.Clear();
            }
        }

        return words.Count == 0 ? null : string.Join(' ', words.Take(MostWords));
    }
}
