using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>Reads one step of the graph.</summary>
internal static class SheetSteps
{
    public static StepSpec Read(SheetNode n) =>
        new(
            Id: n["id"].Text(required: true),
            Stage: StageOf(n["stage"]),
            Title: n["title"].Text(required: true),
            After: n["after"].Texts(),
            HandsOn: n["handsOn"].Measure(Dimension.Time, 0, 10_000, 10),
            Parts: n["parts"]
                .Fields()
                .ToImmutableSortedDictionary(
                    f => f.Name,
                    f => f.Node.Whole(1, 1, 10_000, required: true),
                    StringComparer.Ordinal
                ),
            Tools: n["tools"].Texts(),
            Bond: n["joint"].Exists
                ? new BondSpec(
                    n["joint"]["a"].Text(required: true),
                    n["joint"]["b"].Text(required: true),
                    n["joint"]["kind"].Text("structural")
                )
                : null,
            Fits: n["fits"].Texts(),
            Hides: n["hides"].Texts(),
            Disturbs: [.. n["disturbs"].Each(Disturbed).OfType<Aspect>()],
            Needs: new StepNeeds(
                n["needs"]["power"].Flag(),
                n["needs"]["unpowered"].Flag(),
                n["needs"]["people"].Whole(1, 1, 4)
            ),
            Cautions: n["cautions"].Texts(),
            Text: n["text"].Text(),
            Page: n["page"].Text()
        )
        {
            School = n["school"]
                .Fields()
                .ToImmutableSortedDictionary(f => f.Name, f => f.Node.Text(required: true), StringComparer.Ordinal),
            Readies = n["readies"].Texts(),
            Power = n["power"].Exists ? Power(n["power"]) : null,
            Grams = n["grams"].Exists ? n["grams"].Measure(Dimension.Mass, -5000, 5000) : null,
        };

    private static StepPower Power(SheetNode n)
    {
        _ = n.IsObject();
        return new(
            n["transmitter"].OneOf("", "", "on", "off"),
            n["throttle"].OneOf("", "", "cut", "live", "full"),
            n["pack"].OneOf("", "", "connected", "in bay", "not connected"),
            n["motor"].OneOf("", "", "isolated", StepPower.CannotBeIsolated),
            n["stabiliser"].OneOf("", "", "off", "awake")
        );
    }

    /// <summary>
    /// An older sheet says nowhere which step readies a motor: then it is a step that fits one, else the last that is
    /// done with the pack off.
    /// </summary>
    public static ImmutableArray<StepSpec> Readied(ImmutableArray<StepSpec> steps, ImmutableArray<MotorSpec> motors)
    {
        if (motors.IsEmpty || steps.Any(s => s.Readies.Length > 0))
        {
            return steps;
        }

        ImmutableArray<string> Fitted(StepSpec s) =>
            [.. motors.Where(m => s.Fits.Any(f => Places.IsNamed(f, $"motor-{m.Id}"))).Select(m => m.Id)];
        if (steps.Any(s => Fitted(s).Length > 0))
        {
            return [.. steps.Select(s => s with { Readies = Fitted(s) })];
        }

        return steps.LastOrDefault(s => s.Needs.Unpowered) is { } last
            ? [.. steps.Select(s => s.Id == last.Id ? s with { Readies = [.. motors.Select(m => m.Id)] } : s)]
            : steps;
    }

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

    private static Aspect? Disturbed(SheetNode n)
    {
        if (Aspect.Parse(n.Text(required: true)).Try(out var aspect, out var refusal))
        {
            return aspect;
        }

        n.Wrong(refusal.Text);
        return null;
    }
}
