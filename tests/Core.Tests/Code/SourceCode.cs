using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Code;

/// <summary>The program's own code with what its names mean, all projects under <c>src</c> as one.</summary>
internal static class SourceCode
{
    // What the projects have without saying so.
    private const string Usings = """
        global using System;
        global using System.Collections.Generic;
        global using System.IO;
        global using System.Linq;
        global using System.Net.Http.Json;
        global using System.Threading;
        global using System.Threading.Tasks;
        global using Microsoft.AspNetCore.Builder;
        global using Microsoft.AspNetCore.Hosting;
        global using Microsoft.AspNetCore.Http;
        global using Microsoft.AspNetCore.Routing;
        global using Microsoft.Extensions.Configuration;
        global using Microsoft.Extensions.DependencyInjection;
        global using Microsoft.Extensions.Hosting;
        global using Microsoft.Extensions.Logging;
        """;

    private static readonly Lazy<CSharpCompilation> All = new(Compiled);

    /// <summary>Every node of a kind, with the model that says what it means.</summary>
    public static IEnumerable<(T Node, SemanticModel Model)> Nodes<T>()
        where T : SyntaxNode =>
        from tree in All.Value.SyntaxTrees
        let model = All.Value.GetSemanticModel(tree)
        from node in tree.GetRoot().DescendantNodes().OfType<T>()
        select (node, model);

    /// <summary>Where a node stands, from <c>src</c> on.</summary>
    public static string Place(SyntaxNode node)
    {
        var at = node.GetLocation().GetLineSpan();
        return $"{Path.GetRelativePath(ProjectFolder.File("src"), at.Path)}:{at.StartLinePosition.Line + 1}";
    }

    private static CSharpCompilation Compiled()
    {
        var options = new CSharpParseOptions(LanguageVersion.Preview);
        var trees = Directory
            .GetFiles(ProjectFolder.File("src"), "*.cs", SearchOption.AllDirectories)
            .Where(f =>
                !f.Contains("/obj/", StringComparison.Ordinal) && !f.Contains("/bin/", StringComparison.Ordinal)
            )
            .Order(StringComparer.Ordinal)
            .Select(f => CSharpSyntaxTree.ParseText(File.ReadAllText(f), options, f))
            .Append(CSharpSyntaxTree.ParseText(Usings, options, "usings"));
        var references = ((string)AppContext.GetData("TRUSTED_PLATFORM_ASSEMBLIES")!)
            .Split(Path.PathSeparator)
            .Where(f => !Path.GetFileName(f).StartsWith("Zygotome.", StringComparison.Ordinal))
            .Select(f => MetadataReference.CreateFromFile(f));
        return CSharpCompilation.Create(
            "all",
            trees,
            references,
            new CSharpCompilationOptions(OutputKind.ConsoleApplication, allowUnsafe: true)
        );
    }
}
