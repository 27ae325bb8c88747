using System.Collections.Immutable;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>Reads one step of the graph.</summary>
internal static class SheetSteps
{
    public static StepSpec Read(SheetNode n) =>
        new(
            Id: StepFields.Id.Read(n),
            Stage: StageNames.Parse(StepFields.Stage.Read(n)) ?? Stage.Build,
            Title: StepFields.Title.Read(n),
            After: StepFields.After.Read(n),
            HandsOn: StepFields.HandsOn.Read(n),
            Parts: StepFields.Parts.Read(n),
            Tools: StepFields.Tools.Read(n),
            Bond: n.At(StepFields.Joint).Exists
                ? new BondSpec(StepFields.JoinsA.Read(n), StepFields.JoinsB.Read(n), StepFields.JointKind.Read(n))
                : null,
            Fits: StepFields.Fits.Read(n),
            Hides: StepFields.Hides.Read(n),
            Disturbs: [.. StepFields.Disturbs.At(n).Each(Disturbed).OfType<Aspect>()],
            Needs: new StepNeeds(
                StepFields.Powered.Read(n) ?? false,
                StepFields.Unpowered.Read(n) ?? false,
                StepFields.People.Read(n)
            ),
            Cautions: StepFields.Cautions.Read(n),
            Text: StepFields.Text.Read(n),
            Page: StepFields.Page.Read(n)
        )
        {
            School = StepFields.School.Read(n),
            Readies = StepFields.Readies.Read(n),
            Power = n.At(StepFields.Power).Exists ? Power(n) : null,
            Grams = StepFields.Grams.Read(n),
        };

    private static StepPower Power(SheetNode n)
    {
        _ = n.At(StepFields.Power).IsObject();
        return new(
            StepFields.Transmitter.Read(n),
            StepFields.Throttle.Read(n),
            StepFields.Pack.Read(n),
            StepFields.Motor.Read(n),
            StepFields.Stabiliser.Read(n)
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
