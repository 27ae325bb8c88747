using System.Text.RegularExpressions;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Code;

/// <summary>
/// The screens' own house: <c>api</c>, above it <c>shared</c>, above that a folder for each stage and the shop, on top
/// the frame and the application. What they import points down, and never round.
/// </summary>
public sealed partial class ScreensTests
{
    private static readonly string Root = ProjectFolder.File("ui", "src");

    private static readonly Lazy<IReadOnlyDictionary<string, string[]>> Imports = new(() =>
        Directory
            .GetFiles(Root, "*.ts*", SearchOption.AllDirectories)
            .Where(f => !f.EndsWith(".d.ts", StringComparison.Ordinal))
            .ToDictionary(Name, f => Imported().Matches(File.ReadAllText(f)).Select(m => Resolved(f, m)).ToArray())
    );

    [Fact]
    public void A_screen_imports_what_lies_below_it_and_a_stage_no_other() =>
        Assert.Empty(
            from file in Imports.Value
            from imported in file.Value
            where !MayUse(file.Key, imported)
            select $"{file.Key} imports {imported}"
        );

    [Fact]
    public void No_imports_go_round()
    {
        var done = new HashSet<string>();
        foreach (var file in Imports.Value.Keys)
        {
            Walk(file, []);
        }

        void Walk(string file, List<string> way)
        {
            Assert.False(way.Contains(file), $"{string.Join(" > ", way)} > {file}");
            if (Imports.Value.TryGetValue(file, out var next) && done.Add(file))
            {
                way.Add(file);
                Array.ForEach(next, n => Walk(n, way));
                way.RemoveAt(way.Count - 1);
            }
        }
    }

    /// <summary>
    /// Types see to it that every kind stands in a stage's list; what counts is a call that records it, not a list.
    /// </summary>
    [Fact]
    public void Every_kind_that_a_stage_lists_is_recorded_by_one_of_its_screens()
    {
        var listed = 0;
        foreach (var list in Directory.GetFiles(Root, "entries.ts", SearchOption.AllDirectories))
        {
            var screens = string.Concat(
                Directory.GetFiles(Path.GetDirectoryName(list)!, "*.tsx").Select(File.ReadAllText)
            );
            var recorded = Recorded().Matches(screens).Select(m => m.Groups["kind"].Value).ToHashSet();
            var kinds = Kind().Matches(File.ReadAllText(list)).Select(m => m.Groups["kind"].Value).ToArray();
            Assert.All(kinds, k => Assert.True(recorded.Contains(k), $"No screen beside {Name(list)} records {k}."));
            listed += kinds.Length;
        }

        Assert.InRange(listed, 50, Stages.Kinds.All.Count);
    }

    /// <summary>
    /// What an effect gives back is called when it ends: of a browser's own method nobody knows what that will be.
    /// </summary>
    [Fact]
    public void No_effect_gives_back_what_a_browser_gave() =>
        Assert.Empty(
            from file in Imports.Value.Keys
            from effect in GivenBack().Matches(File.ReadAllText(Path.Combine(Root, file)))
            select $"{file}: {effect.Value}"
        );

    private static bool MayUse(string file, string imported) =>
        (Floor(file), Floor(imported)) is var (from, to)
        && (to < from || (to == from && (from is 0 or 1 || Folder(file) == Folder(imported) || from == Top)));

    private const int Top = 3;

    // The frame of a job and the list of what is recorded know all stages.
    private static int Floor(string file) =>
        file.StartsWith("api/", StringComparison.Ordinal) ? 0
        : file.StartsWith("shared/", StringComparison.Ordinal) ? 1
        : file.StartsWith("shop/", StringComparison.Ordinal) || file.Split('/').Length > 2 ? 2
        : Top;

    private static string Folder(string file) =>
        file.StartsWith("shop/", StringComparison.Ordinal) ? "shop" : Path.GetDirectoryName(file)!;

    private static string Name(string file) => Path.GetRelativePath(Root, file).Replace('\\', '/');

    private static string Resolved(string file, Match import)
    {
        var bare = Path.GetFullPath(Path.Combine(Path.GetDirectoryName(file)!, import.Groups["from"].Value));
        return Name(new[] { ".tsx", ".ts", ".d.ts", "" }.Select(end => bare + end).First(File.Exists));
    }

    // An arrow without braces or void that calls a method of an element.
    [GeneratedRegex("Effect\\(\\s*\\(\\) => (?!\\{|void)[^\\n(]*\\?\\.\\w+\\(")]
    private static partial Regex GivenBack();

    [GeneratedRegex("(?:from|import) '(?<from>\\.[^']+)'")]
    private static partial Regex Imported();

    [GeneratedRegex("\\b(record\\(\\s*|type: )'(?<kind>[a-z]+/[a-z-]+)'")]
    private static partial Regex Recorded();

    [GeneratedRegex("'(?<kind>[a-z]+/[a-z-]+)'")]
    private static partial Regex Kind();
}
