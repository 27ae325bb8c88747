using System.Collections.Immutable;
using Zygotome.Core.Jobs;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.SpecSheets;

/// <summary>Reads one step of the graph.</summary>
internal static class SheetSteps
{
    public static StepSpec Read(SheetNode n) =>
        new(
            n["id"].Text(required: true),
            StageOf(n["stage"]),
            n["title"].Text(required: true),
            n["after"].Texts(),
            n["handsOn"].Measure(Dimension.Time, 0, 10_000, 10),
            n["parts"]
                .Fields()
                .ToImmutableSortedDictionary(
                    f => f.Name,
                    f => f.Node.Whole(1, 1, 10_000, required: true),
                    StringComparer.Ordinal
                ),
            n["tools"].Texts(),
            n["joint"].Exists
                ? new BondSpec(
                    n["joint"]["a"].Text(required: true),
                    n["joint"]["b"].Text(required: true),
                    n["joint"]["kind"].Text("structural")
                )
                : null,
            n["fits"].Texts(),
            n["hides"].Texts(),
            n["disturbs"].Each(Disturbed),
            new StepNeeds(
                n["needs"]["power"].Flag(),
                n["needs"]["unpowered"].Flag(),
                n["needs"]["people"].Whole(1, 1, 4)
            ),
            n["cautions"].Texts(),
            n["text"].Text(),
            n["page"].Text()
        )
        {
            School = n["school"]
                .Fields()
                .ToImmutableSortedDictionary(f => f.Name, f => f.Node.Text(required: true), StringComparer.Ordinal),
            Grams = n["grams"].Exists ? n["grams"].Measure(Dimension.Mass, -5000, 5000) : null,
        };

    private static Stage StageOf(SheetNode n)
    {
        var text = n.Text("build");
        if (StageNames.Parse(text) is { } stage)
        {
            return stage;
        }

        n.Wrong($"\"{text}\" is not a stage; known are {string.Join(", ", StageNames.All.Select(s => s.Key()))}.");
        return Stage.Build;
    }

    private static Aspect Disturbed(SheetNode n)
    {
        if (Aspect.Parse(n.Text(required: true)).Try(out var aspect, out var refusal))
        {
            return aspect;
        }

        n.Wrong(refusal.Text);
        return default;
    }
}
