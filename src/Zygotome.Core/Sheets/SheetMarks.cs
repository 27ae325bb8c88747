using System.Globalization;
using System.Text.RegularExpressions;

namespace Zygotome.Core.Sheets;

/// <summary>A mistake in a sheet file: where (a JSON path such as <c>$.throws[2].up</c>) and what.</summary>
public sealed partial record SheetError(string Path, string Text)
{
    /// <summary>The place in words.</summary>
    public string Where => Place(Path);

    /// <summary>The place as somebody at the bench says it: <c>$.throws[2].up</c> is "throws, row 3, up".</summary>
    public static string Place(string path) =>
        Piece()
            .Replace(
                path.TrimStart('$', '.'),
                m =>
                    m.Value[0] switch
                    {
                        '[' => $", row {int.Parse(m.Groups[1].ValueSpan, CultureInfo.InvariantCulture) + 1}",
                        '.' => ", ",
                        var capital => $" {char.ToLowerInvariant(capital)}",
                    }
            );

    [GeneratedRegex(@"\[([0-9]{1,6})\]|\.|[A-Z]")]
    private static partial Regex Piece();
}

/// <summary>What reading a file brings to light beside its values.</summary>
internal sealed class SheetMarks
{
    private const int MostErrors = 200;

    public List<SheetError> Errors { get; } = [];

    /// <summary>
    /// Paths of what the maker did not state: <c>{ "assumed": … }</c> in place of a value, or <c>"assumed": true</c> in
    /// a row.
    /// </summary>
    public SortedSet<string> Assumed { get; } = new(StringComparer.Ordinal);

    /// <summary>What is said of a row or a section is said of all in it.</summary>
    public bool IsAssumed(string path)
    {
        for (var end = path.Length; end > 0; end = path.AsSpan(0, end).LastIndexOfAny('.', '['))
        {
            if (Assumed.Contains(path[..end]))
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>Where statements stood against each other and somebody decided, by path.</summary>
    public SortedDictionary<string, Decided> Decided { get; } = new(StringComparer.Ordinal);

    /// <summary>
    /// Where the manual contradicts itself and nobody has decided, by path: its statements against each other.
    /// </summary>
    public SortedDictionary<string, string> Undecided { get; } = new(StringComparer.Ordinal);

    public void Wrong(string path, string text)
    {
        // What is read for two fields is wrong once.
        if (Errors.Count < MostErrors && !Errors.Contains(new SheetError(path, text)))
        {
            Errors.Add(new SheetError(path, text));
        }
    }
}
