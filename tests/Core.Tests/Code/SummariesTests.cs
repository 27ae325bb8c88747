using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;
using Xunit;

namespace Zygotome.Core.Tests.Code;

/// <summary>
/// What Core offers says what it is, what it gives and when it gives nothing. A member of a record, a word of an enum
/// and what only keeps an interface's or a base's word may speak for themselves.
/// </summary>
public sealed class SummariesTests
{
    [Fact]
    public void Every_public_type_and_method_of_core_has_a_summary()
    {
        var offered = SourceCode
            .Nodes<MemberDeclarationSyntax>()
            .Where(n => SourceCode.Place(n.Node).StartsWith("Zygotome.Core/", StringComparison.Ordinal))
            .Where(n => n.Node is BaseTypeDeclarationSyntax or MethodDeclarationSyntax)
            .Select(n => (n.Node, Symbol: n.Model.GetDeclaredSymbol(n.Node)!))
            .Where(n => IsOffered(n.Symbol) && !KeepsAnothersWord(n.Symbol))
            .ToArray();
        Assert.True(offered.Length > 500, $"{offered.Length} are offered");
        Assert.Empty(
            offered
                .Where(n =>
                    !n.Node.GetLeadingTrivia().Any(t => t.IsKind(SyntaxKind.SingleLineDocumentationCommentTrivia))
                )
                .Select(n => $"{SourceCode.Place(n.Node)}: {n.Symbol.Name}")
        );
    }

    private static bool IsOffered(ISymbol symbol) =>
        symbol is { DeclaredAccessibility: Accessibility.Public, Name.Length: > 0 }
        && (symbol.ContainingType is not { } within || IsOffered(within));

    private static bool KeepsAnothersWord(ISymbol symbol) =>
        symbol.IsOverride
        || (
            symbol is IMethodSymbol { ContainingType: { TypeKind: not TypeKind.Interface } within }
            && within
                .AllInterfaces.SelectMany(i => i.GetMembers())
                .Any(m => SymbolEqualityComparer.Default.Equals(within.FindImplementationForInterfaceMember(m), symbol))
        );
}
