using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp.Syntax;
using Xunit;

namespace Zygotome.Core.Tests.Code;

/// <summary>Who reads how something long is made sees what each value is.</summary>
public sealed class BuiltByNameTests
{
    private const int MostByPlace = 5;

    [Fact]
    public void A_record_of_more_than_five_members_is_built_by_name()
    {
        var made = SourceCode
            .Nodes<BaseObjectCreationExpressionSyntax>()
            .Select(n => (n.Node, Of: n.Model.GetSymbolInfo(n.Node).Symbol as IMethodSymbol))
            .Where(n => n.Of is { ContainingType.IsRecord: true })
            .ToArray();

        // The code was understood: else nothing would be found.
        Assert.True(made.Length > 1000, $"{made.Length} records are built");
        Assert.Empty(
            made.Where(n =>
                    n.Node.ArgumentList is { } list
                    && Math.Min(list.Arguments.Count, n.Of!.Parameters.Length) > MostByPlace
                    && list.Arguments.Any(a => a.NameColon is null)
                )
                .Select(n => $"{SourceCode.Place(n.Node)}: {n.Of!.ContainingType.Name}")
        );
    }
}
