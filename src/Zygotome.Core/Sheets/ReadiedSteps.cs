using System.Collections.Immutable;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>Which step readies which motor.</summary>
internal static class ReadiedSteps
{
    /// <summary>
    /// An older sheet says nowhere which step readies a motor: then it is a step that fits one, else the last that is
    /// done with the pack off.
    /// </summary>
    public static ImmutableArray<StepSpec> Of(ImmutableArray<StepSpec> steps, ImmutableArray<MotorSpec> motors)
    {
        if (motors.IsEmpty || steps.Any(s => s.Readies.Length > 0))
        {
            return steps;
        }

        ImmutableArray<string> Fitted(StepSpec s) =>
            [.. motors.Where(m => s.Fits.Any(f => Places.IsNamed(f, $"motor-{m.Id}"))).Select(m => m.Id)];
        if (steps.Any(s => Fitted(s).Length > 0))
        {
            return [.. steps.Select(s => s.With(StepFields.Readies.Is(Fitted(s))))];
        }

        return steps.LastOrDefault(s => s.Needs.Unpowered) is { } last
            ? [.. steps.Select(s => s.Id == last.Id ? s.With(StepFields.Readies.Is([.. motors.Select(m => m.Id)])) : s)]
            : steps;
    }
}
