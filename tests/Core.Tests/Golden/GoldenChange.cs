using System.Text.RegularExpressions;

namespace Zygotome.Core.Tests.Golden;

/// <summary>
/// A row of <c>tests/Golden/changes.md</c>: where an open job is judged otherwise than when its journal was kept, and
/// why that is right. <c>*</c> in job or line stands for anything.
/// </summary>
/// <param name="What"><c>standing</c>, <c>limits</c> or <c>cause</c>; <c>gone</c> for a line that is no more.</param>
/// <param name="Is">What it is now; <c>*</c> for whatever it is, where the words carry a number of their own.</param>
internal sealed record GoldenChange(string Job, string Line, string What, string Is, string Why)
{
    public static IReadOnlyList<GoldenChange> All { get; } =
    [
        .. File.ReadLines(Path.Combine(GoldenJob.Folder, "changes.md"))
            .Where(l => l.StartsWith("| ", StringComparison.Ordinal))
            .Skip(2)
            .Select(l => l.Trim('|', ' ').Split(" | ").Select(c => c.Trim()).ToArray())
            .Select(c => new GoldenChange(c[0], c[1], c[2], c[3], c[4])),
    ];

    public bool Concerns(string job, string line, string what) => What == what && Like(Job, job) && Like(Line, line);

    public bool Allows(string now) => Like(Is, now);

    private static bool Like(string pattern, string text) =>
        Regex.IsMatch(
            text,
            $"^{Regex.Escape(pattern).Replace("\\*", ".*", StringComparison.Ordinal)}$",
            RegexOptions.CultureInvariant | RegexOptions.Singleline
        );
}
