using System.Reflection;
using System.Text.Json;
using System.Text.RegularExpressions;
using System.Xml.Linq;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Tests;

namespace Zygotome.Core.Tests;

public sealed partial class ArchitectureTests
{
    private static readonly Dictionary<string, string[]> Arrows = new()
    {
        ["Zygotome.Core"] = [],
        ["Zygotome.Store"] = ["Zygotome.Core"],
        ["Zygotome.Papers"] = ["Zygotome.Core"],
        ["Zygotome.Server"] = ["Zygotome.Core", "Zygotome.Papers", "Zygotome.Store"],
    };

    [Fact]
    public void Arrows_between_the_projects_point_one_way()
    {
        foreach (var file in Directory.GetFiles(ProjectFolder.File("src"), "*.csproj", SearchOption.AllDirectories))
        {
            var references = XDocument
                .Load(file)
                .Descendants("ProjectReference")
                .Select(r => Path.GetFileNameWithoutExtension(r.Attribute("Include")!.Value))
                .Order();
            Assert.Equal(Arrows[Path.GetFileNameWithoutExtension(file)], references);
        }
    }

    [Fact]
    public void Core_stands_on_the_base_library_alone()
    {
        var core = typeof(JobState).Assembly;
        Assert.All(core.GetReferencedAssemblies(), a => Assert.StartsWith("System.", a.Name, StringComparison.Ordinal));
        var project = XDocument.Load(ProjectFolder.File("src", "Zygotome.Core", "Zygotome.Core.csproj"));
        Assert.Empty(project.Descendants("PackageReference"));
    }

    [Fact]
    public void Core_asks_no_clock_draws_no_lots_and_touches_no_file()
    {
        var forbidden = new[]
        {
            "DateTime.Now",
            "DateTime.UtcNow",
            "DateTimeOffset.Now",
            "DateTimeOffset.UtcNow",
            "new Random",
            "Random.Shared",
            "Guid.NewGuid",
            "File.",
            "Directory.",
            "Environment.",
            "Console.",
        };
        foreach (
            var file in Directory
                .GetFiles(ProjectFolder.File("src", "Zygotome.Core"), "*.cs", SearchOption.AllDirectories)
                .Where(f => !f.Contains("/obj/", StringComparison.Ordinal))
        )
        {
            var text = File.ReadAllText(file);
            Assert.All(
                forbidden,
                word => Assert.False(text.Contains(word, StringComparison.Ordinal), $"{file} has {word}")
            );
        }
    }

    [Fact]
    public void Every_package_is_listed_with_its_licence_and_locked_by_its_hash_without_an_address()
    {
        var listed = File.ReadAllLines(ProjectFolder.File("docs", "dependencies.md"))
            .Select(l => l.Split('|', StringSplitOptions.TrimEntries))
            .Where(c => c is ["", { Length: > 0 }, { Length: > 2 }, ..])
            .Select(c => c[1])
            .ToHashSet(StringComparer.Ordinal);
        var central = XDocument
            .Load(ProjectFolder.File("Directory.Packages.props"))
            .Descendants("PackageVersion")
            .Select(p => p.Attribute("Include")!.Value);
        var package = JsonDocument.Parse(File.ReadAllText(ProjectFolder.File("ui", "package.json"))).RootElement;
        var ours = new[] { "dependencies", "devDependencies" }
            .SelectMany(k => package.GetProperty(k).EnumerateObject())
            .Select(p => p.Name);
        Assert.Empty(central.Concat(ours).Except(listed));

        var npm = JsonDocument
            .Parse(File.ReadAllText(ProjectFolder.File("ui", "package-lock.json")))
            .RootElement.GetProperty("packages")
            .EnumerateObject()
            .Where(p => p.Name.Length > 0)
            .ToArray();
        Assert.All(
            npm,
            p =>
                Assert.True(
                    p.Value.TryGetProperty("integrity", out _) || p.Value.TryGetProperty("inBundle", out _),
                    p.Name
                )
        );
        Assert.DoesNotContain(npm, p => p.Value.TryGetProperty("resolved", out _));
        foreach (
            var project in Directory
                .GetFiles(ProjectFolder.File("."), "*.csproj", SearchOption.AllDirectories)
                .Where(f => !f.Contains("/node_modules/", StringComparison.Ordinal))
        )
        {
            var file = Path.Combine(Path.GetDirectoryName(project)!, "packages.lock.json");
            Assert.True(File.Exists(file), file);
            Assert.DoesNotContain("http", File.ReadAllText(file), StringComparison.OrdinalIgnoreCase);
        }
    }

    [Fact]
    public void What_a_test_says_of_the_day_does_not_depend_on_the_hour_it_is_run()
    {
        // Only the browser is told how far its machine's clock is from the tests' morning.
        var clocks = new[] { "DateTime" + ".Now", "DateTime" + ".UtcNow", "DateTimeOffset" + ".UtcNow" };
        var reading = Directory
            .GetFiles(ProjectFolder.File("tests"), "*.cs", SearchOption.AllDirectories)
            .Where(f => !f.Contains("/obj/", StringComparison.Ordinal))
            .Where(f => clocks.Any(c => File.ReadAllText(f).Contains(c, StringComparison.Ordinal)))
            .Select(Path.GetFileName)
            .Except(["ArchitectureTests.cs"]);
        Assert.Equal(["Technician.cs"], reading);
    }

    [Fact]
    public void Only_the_store_knows_sql_and_only_the_server_knows_http()
    {
        Assert.DoesNotContain(
            typeof(Papers.RecordPdf).Assembly.GetReferencedAssemblies(),
            a =>
                a.Name!.Contains("Sqlite", StringComparison.Ordinal)
                || a.Name.Contains("AspNetCore", StringComparison.Ordinal)
        );
        Assert.DoesNotContain(
            typeof(Store.Database).Assembly.GetReferencedAssemblies(),
            a => a.Name!.Contains("AspNetCore", StringComparison.Ordinal)
        );
        Assert.DoesNotContain(
            typeof(Server.ZygotomeServer).Assembly.GetReferencedAssemblies(),
            a => a.Name is "Dapper" or "Microsoft.Data.Sqlite"
        );
    }

    [Fact]
    public void Every_kind_of_entry_is_registered_once_under_its_stage()
    {
        var bodies = typeof(EntryBody)
            .Assembly.GetTypes()
            .Where(t => t.IsSubclassOf(typeof(EntryBody)) && t != typeof(UnknownEntry))
            .ToHashSet();
        Assert.Equal(bodies.Count, Stages.Kinds.All.Count);
        Assert.True(bodies.SetEquals(Stages.Kinds.All.Select(k => k.Body)));
        Assert.All(bodies, b => Assert.True(b.IsSealed, $"{b.Name} is not sealed"));
        Assert.All(
            Stages.Kinds.All,
            k =>
                Assert.Matches(
                    "^(receive|unpack|plan|build|wire|bind|throws|balance|check|handover|job)/[a-z-]+$",
                    k.Type
                )
        );
    }

    /// <summary>What a line is about is a fact of its own, on the screen as in the rules.</summary>
    [Fact]
    public void No_id_and_no_sentence_of_the_ledger_is_cut_apart()
    {
        var cut = Code("src", "*.cs")
            .Concat(Code("ui/src", "*.ts*"))
            .Where(f => Path.GetFileName(f) != "RequirementId.cs")
            .SelectMany(f => CutApart().Matches(File.ReadAllText(f)).Select(m => $"{Path.GetFileName(f)}: {m.Value}"));
        Assert.Empty(cut);
    }

    private static IEnumerable<string> Code(string folder, string pattern) =>
        Directory
            .GetFiles(ProjectFolder.File(folder), pattern, SearchOption.AllDirectories)
            .Where(f => !f.Contains("/obj/", StringComparison.Ordinal));

    [GeneratedRegex(
        @"(\b([lL]ine|l|s)\.(Id|Text|Why|Limits|Reading|id|text|why|limits|reading)|\.Written)"
            + @"\.(StartsWith|EndsWith|Split|Replace|startsWith|endsWith|split|replace|match|includes)\("
    )]
    private static partial Regex CutApart();

    /// <summary>
    /// The formatters keep 120 where they can break a line; a long text is broken by hand. Class names of the screens,
    /// scripts and data in texts of the tests, and names of tests may need a little more.
    /// </summary>
    [Fact]
    public void Lines_of_code_keep_120_columns_and_never_pass_140()
    {
        string[] folders = ["src", "tests", "bench", "ui/src", "build"];
        string[] scripts = ["run", "test", "screenshots", "zygotome", "bench/run", "ui/build-types"];
        var code = folders
            .SelectMany(f => Directory.GetFiles(ProjectFolder.File(f), "*", SearchOption.AllDirectories))
            .Where(f => Path.GetExtension(f) is ".cs" or ".ts" or ".tsx" or ".css" or ".sh")
            .Where(f =>
                !f.Contains("/obj/", StringComparison.Ordinal) && !f.EndsWith("schema.d.ts", StringComparison.Ordinal)
            )
            .Concat(scripts.Select(s => ProjectFolder.File(s)));
        Assert.Empty(
            code.SelectMany(f => File.ReadLines(f).Select((line, i) => (Place: $"{f}:{i + 1}", line.Length)))
                .Where(l => l.Length > (IsOfTheProgram(l.Place) ? 120 : 140))
                .Select(l => $"{l.Place} has {l.Length} columns")
        );

        static bool IsOfTheProgram(string place) =>
            place.Contains(".cs:", StringComparison.Ordinal)
            && !place.StartsWith(ProjectFolder.File("tests"), StringComparison.Ordinal);
    }

    [Fact]
    public void No_type_is_a_grab_bag()
    {
        var names = new[]
        {
            typeof(JobState),
            typeof(Store.Database),
            typeof(Papers.RecordPdf),
            typeof(Server.ZygotomeServer),
        }
            .SelectMany(t => t.Assembly.GetTypes())
            .Where(t =>
                t.Namespace?.StartsWith("Zygotome", StringComparison.Ordinal) == true
                && t.GetCustomAttribute<System.Runtime.CompilerServices.CompilerGeneratedAttribute>() is null
            );
        Assert.DoesNotContain(
            names,
            t =>
                t.Name.EndsWith("Manager", StringComparison.Ordinal)
                || t.Name.EndsWith("Helper", StringComparison.Ordinal)
                || t.Name.EndsWith("Utils", StringComparison.Ordinal)
                || t.Name.EndsWith("Service", StringComparison.Ordinal)
        );
    }
}
