using System.Text;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;
using Xunit;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Code;

/// <summary>Every refusal there is, by its code: <c>docs/refusals.md</c>, read from where they are made.</summary>
public sealed class RefusalsTests
{
    private static readonly string Document = ProjectFolder.File("docs", "refusals.md");

    private sealed record Made(string Code, string Words, string Room);

    private static readonly Lazy<IReadOnlyList<Made>> All = new(() => [.. Found()]);

    /// <summary>Written anew with ZYGOTOME_WRITE=1.</summary>
    [Fact]
    public void The_list_of_refusals_is_what_the_code_makes()
    {
        var text = new StringBuilder(
            """
            # Refusals

            Everything this program may refuse, by the code that programs read, with the words that people get; `…` stands for what is
            filled in. A refusal also says where: a field of what was sent, or nothing when it is the act as a whole. Made from the code.

            | Code | Where it is made | Words |
            | --- | --- | --- |

            """
        );
        foreach (var code in All.Value.GroupBy(m => m.Code).OrderBy(g => g.Key, StringComparer.Ordinal))
        {
            var words = code.Select(m => m.Words).Where(w => w.Length > 0).Distinct();
            var rooms = code.Select(m => m.Room).Distinct().Order(StringComparer.Ordinal);
            text.AppendLine($"| `{code.Key}` | {string.Join(", ", rooms)} | {string.Join(" *or* ", words)} |");
        }

        if (Environment.GetEnvironmentVariable("ZYGOTOME_WRITE") is "1")
        {
            File.WriteAllText(Document, text.ToString());
        }

        Assert.Equal(text.ToString(), File.ReadAllText(Document));
    }

    [Fact]
    public void A_code_is_lower_case_and_says_first_whose_it_is() =>
        Assert.All(All.Value, m => Assert.Matches("^[a-z-]+/[a-z-]+$|^not-found$", m.Code));

    /// <summary>What is made up on the way is in no list: a code is said where it is used, or passed on.</summary>
    [Fact]
    public void No_code_is_put_together() =>
        Assert.Empty(
            from call in Calls.Value
            from code in Choices(call.Code)
            where call.Model.GetConstantValue(code) is not { HasValue: true }
            where code is not (IdentifierNameSyntax or MemberAccessExpressionSyntax)
            select $"{SourceCode.Place(code)}: {code}"
        );

    private static IEnumerable<Made> Found() =>
        from call in Calls.Value
        from code in Choices(call.Code)
        let text = call.Model.GetConstantValue(code).Value as string
        where text is { Length: > 0 }
        let place = SourceCode.Place(code).Split('/')
        select new Made(
            text,
            call.Words is null ? "" : string.Join(" *or* ", Choices(call.Words).Select(Sentence).Where(w => w != "…")),
            place[0] == "Zygotome.Core" ? place[1] : place[0].Replace("Zygotome.", "", StringComparison.Ordinal)
        );

    /// <summary>Where something is given as a code: to a refusal, or to what makes one.</summary>
    private sealed record Call(ExpressionSyntax Code, ExpressionSyntax? Words, SemanticModel Model);

    private static readonly Lazy<IReadOnlyList<Call>> Calls = new(() =>
        [
            .. from list in SourceCode.Nodes<ArgumentListSyntax>()
            where list.Node.Arguments.Count > 1
            let to = list.Model.GetSymbolInfo(list.Node.Parent!).Symbol as IMethodSymbol
            where to is not null
            let code = Given(to, list.Node, "code")
            where code is not null
            select new Call(code, Given(to, list.Node, "text") ?? Given(to, list.Node, "now"), list.Model),
        ]
    );

    private static ExpressionSyntax? Given(IMethodSymbol to, ArgumentListSyntax given, string name)
    {
        bool Is(string parameter) => parameter.Equals(name, StringComparison.OrdinalIgnoreCase);
        var place = to.Parameters.Select(p => p.Name).ToList().FindIndex(Is);
        return place < 0
            ? null
            : (
                given.Arguments.FirstOrDefault(a => a.NameColon is { } n && Is(n.Name.Identifier.Text))
                ?? given.Arguments.Take(place + 1).Skip(place).FirstOrDefault(a => a.NameColon is null)
            )?.Expression;
    }

    // One for each way it can go.
    private static IEnumerable<ExpressionSyntax> Choices(ExpressionSyntax text) =>
        text switch
        {
            ParenthesizedExpressionSyntax p => Choices(p.Expression),
            ConditionalExpressionSyntax c => Choices(c.WhenTrue).Concat(Choices(c.WhenFalse)),
            SwitchExpressionSyntax s => s.Arms.SelectMany(a => Choices(a.Expression)),
            _ => [text],
        };

    // What is filled in, or chosen within a sentence, is left out.
    private static string Sentence(ExpressionSyntax text) =>
        text switch
        {
            ParenthesizedExpressionSyntax p => Sentence(p.Expression),
            BinaryExpressionSyntax { RawKind: (int)SyntaxKind.AddExpression } sum => Sentence(sum.Left)
                + Sentence(sum.Right),
            LiteralExpressionSyntax literal => literal.Token.ValueText.Replace('|', '/'),
            InterpolatedStringExpressionSyntax s => string.Concat(
                s.Contents.Select(c =>
                    c is InterpolatedStringTextSyntax t ? t.TextToken.ValueText.Replace('|', '/') : "…"
                )
            ),
            _ => "…",
        };
}
