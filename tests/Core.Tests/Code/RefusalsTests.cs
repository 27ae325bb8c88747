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

    private sealed record Made(string Code, string Words, string Room, string Place);

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

    // Wherever a text is given as a code: to a refusal, or to what makes one.
    private static IEnumerable<Made> Found() =>
        from call in Calls()
        let code = Given(call, "code")
        where code is not null
        from text in Texts(code)
        select new Made(
            text,
            Given(call, "text") is { } words ? string.Join(" *or* ", Words(words).Where(w => w != "…")) : "",
            SourceCode.Place(code).Split('/')[0].Replace("Zygotome.", "", StringComparison.Ordinal) is var project
            && project == "Core"
                ? SourceCode.Place(code).Split('/')[1]
                : project,
            SourceCode.Place(code)
        );

    private sealed record Call(IMethodSymbol To, IReadOnlyList<ArgumentSyntax> Arguments);

    private static IEnumerable<Call> Calls() =>
        SourceCode
            .Nodes<ArgumentListSyntax>()
            .Where(n => n.Node.Arguments.Any(a => Texts(a.Expression).Any()))
            .Select(n => (To: n.Model.GetSymbolInfo(n.Node.Parent!).Symbol as IMethodSymbol, n.Node.Arguments))
            .Where(c => c.To is not null && c.To.ContainingType.Name != "Danger")
            .Select(c => new Call(c.To!, [.. c.Arguments]))
            .Where(c => c.To.Parameters.Any(p => p.Name.Equals("code", StringComparison.OrdinalIgnoreCase)));

    private static ExpressionSyntax? Given(Call call, string name)
    {
        var place = call.To.Parameters.Select(p => p.Name.ToLowerInvariant()).ToList().IndexOf(name);
        return call.Arguments.FirstOrDefault(a =>
                a.NameColon?.Name.Identifier.Text.ToLowerInvariant() == name
            )?.Expression
            ?? (
                place >= 0 && place < call.Arguments.Count && call.Arguments[place].NameColon is null
                    ? call.Arguments[place].Expression
                    : null
            );
    }

    // "a" or "b", where one of two is meant.
    private static IEnumerable<string> Texts(ExpressionSyntax code) =>
        code.DescendantNodesAndSelf(n => n is not InvocationExpressionSyntax)
            .OfType<LiteralExpressionSyntax>()
            .Where(l => l.IsKind(SyntaxKind.StringLiteralExpression) && !IsAsked(l))
            .Select(l => l.Token.ValueText)
            .Where(t => t.Length > 0);

    private static bool IsAsked(SyntaxNode literal) =>
        literal.Ancestors().OfType<ConditionalExpressionSyntax>().Any(c => c.Condition.Contains(literal));

    // One sentence for each way it can go; what is filled in, or chosen within a sentence, is left out.
    private static IEnumerable<string> Words(ExpressionSyntax text) =>
        text switch
        {
            ParenthesizedExpressionSyntax p => Words(p.Expression),
            ConditionalExpressionSyntax c => Words(c.WhenTrue).Concat(Words(c.WhenFalse)),
            SwitchExpressionSyntax s => s.Arms.SelectMany(a => Words(a.Expression)),
            _ => [Sentence(text).Replace('|', '/')],
        };

    private static string Sentence(ExpressionSyntax text) =>
        text switch
        {
            ParenthesizedExpressionSyntax p => Sentence(p.Expression),
            BinaryExpressionSyntax { RawKind: (int)SyntaxKind.AddExpression } sum => Sentence(sum.Left)
                + Sentence(sum.Right),
            LiteralExpressionSyntax literal => literal.Token.ValueText,
            InterpolatedStringExpressionSyntax s => string.Concat(
                s.Contents.Select(c => c is InterpolatedStringTextSyntax t ? t.TextToken.ValueText : "…")
            ),
            _ => "…",
        };
}
