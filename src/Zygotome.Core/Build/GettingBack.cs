using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>What has to come off again to get back to what a step closed over.</summary>
public static class GettingBack
{
    /// <summary>
    /// Done steps that lie over what this one has to come at, each with how it comes off: what went on last comes
    /// first.
    /// </summary>
    public static IEnumerable<string> To(JobState state, StepSpec step) =>
        Off(state, [.. Done(state).Where(s => s.Covers.Any(c => StepOrder.Needs(step, c)))]);

    /// <summary>
    /// What comes off to get back to what this step covers, itself and what was done on it since; how it will come off
    /// while it is not done yet.
    /// </summary>
    public static IEnumerable<string> Under(JobState state, StepSpec step) =>
        step.Covers.Length == 0 ? []
        : state.Progress(step.Id)?.Done is null ? [Undone(state, step)]
        : Off(state, [step]);

    private static IEnumerable<string> Off(JobState state, StepSpec[] covering) =>
        Done(state)
            .Where(s => covering.Any(c => c.Id == s.Id || LiesOn(state, s, c)))
            .OrderByDescending(s => After(state, s))
            .Select(s => Say(state, s));

    private static IEnumerable<StepSpec> Done(JobState state) =>
        state.Sheet.Steps.Where(s => state.Progress(s.Id)?.Done is not null);

    // Done after it, with something of its own on the same part.
    private static bool LiesOn(JobState state, StepSpec step, StepSpec under) =>
        After(state, step) > After(state, under)
        && step.Fits.Any(f => under.Fits.Any(g => Places.IsNamed(f, g) || Places.IsNamed(g, f)));

    private static long After(JobState state, StepSpec step) => state.Progress(step.Id)?.Done?.Seq ?? 0;

    // "Nacelles: screws out".
    private static string Say(JobState state, StepSpec step) => $"{step.Title}: {Undone(state, step)}";

    private static string Undone(JobState state, StepSpec step)
    {
        if (step.Bond is { } bond)
        {
            var glue = state.Progress(step.Id)?.Adhesive is { Length: > 0 } used
                ? used
                : AdhesiveAdviser.For(bond.A, bond.B, bond.Kind).Name;
            return $"{glue}. {AdhesiveKinds.Of(new Adhesive(glue, glue, 0, 0, Epoxy: false).Is()).Undone}";
        }

        return step.Parts.Keys.Any(p => state.Sheet.Part(p)?.Fastener is not null) ? "screws out." : "off again.";
    }
}
