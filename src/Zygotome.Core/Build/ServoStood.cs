using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Build;

/// <summary>What held a servo at its reference.</summary>
public enum StoodBy
{
    Radio,
    Tester,
}

/// <summary>
/// A servo stood at its reference, trims and sub-trims at zero: only then is its linkage closed. By radio it is
/// powered, with everything that asks for; by a tester it is not.
/// </summary>
public sealed record ServoStood(string Servo, StoodBy By, bool TrimsZero) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => By == StoodBy.Radio ? PowerState.Powered : PowerState.Unstated;

    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Servos.All(s => s.Id != Servo)
            ? new Refusal("build/servo", $"There is no servo \"{Servo}\" on this aircraft.", "body.servo")
        : !TrimsZero
            ? new Refusal(
                "build/trims",
                "Trims and sub-trims to zero first: what they hold away is lost once the rod is on.",
                "body.trimsZero"
            )
        : null;

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Build with
            {
                Stood = state.Build.Stood.SetItem(Servo, new ServoAtReference(By, Evidence.Of(entry))),
            }
        );

    public override string Say(JobState state) =>
        $"Servo of the {References.Words(state.Sheet, Servo)} stood at {References.Of(state.Sheet, Servo)}, by "
        + (By == StoodBy.Radio ? "radio" : "tester");
}

/// <summary>How a servo was held at its reference, and by which entry.</summary>
public sealed record ServoAtReference(StoodBy By, Evidence Evidence);

/// <summary>Reference before linkage: which servos a step closes the rods of, and where each has to stand.</summary>
public static class References
{
    /// <summary>Where a servo stands when its linkage is closed.</summary>
    public static string Of(SpecSheet sheet, string servo) =>
        sheet.Servos.FirstOrDefault(s => s.Id == servo)?.Get(RadioFields.Servo.Standing) is { Length: > 0 } said
            ? said
            : Usual(sheet, servo);

    private static string Usual(SpecSheet sheet, string servo) =>
        sheet
            .Servos.Where(s => s.Id == servo)
            .SelectMany(s => s.Drives)
            .Select(sheet.Surface)
            .OfType<Surface>()
            .SelectMany(s => s.Functions)
            .FirstOrDefault() switch
        {
            "flap" => "flap closed",
            "airbrake" => "brake closed",
            _ => "centre",
        };

    /// <summary>"left aileron".</summary>
    public static string Words(SpecSheet sheet, string servo) =>
        string.Join(
            " and ",
            (sheet.Servos.FirstOrDefault(s => s.Id == servo)?.Drives ?? [servo]).Select(d =>
                sheet.Surface(d)?.Name.ToLowerInvariant() ?? Places.Words(d)
            )
        );

    /// <summary>Servos whose rods a step closes, in the order of the sheet.</summary>
    public static IEnumerable<ServoSpec> ClosedBy(SpecSheet sheet, StepSpec step)
    {
        var surfaces = ClosedRods.By(sheet, step).Select(s => s.Id).ToHashSet(StringComparer.Ordinal);
        return sheet.Servos.Where(s => s.Drives.Any(surfaces.Contains));
    }

    /// <summary>Whether a servo stood at its reference, and is the one that did: another is asked for anew.</summary>
    public static bool HasStood(JobState state, ServoSpec servo) =>
        state.Build.Stood.TryGetValue(servo.Id, out var stood)
        && state.Disturbances.After(stood.Evidence, servo.Drives.Select(d => new Aspect(AspectKind.Direction, d)))
            is null;

    /// <summary>Those of them that nobody saw at their reference, as people say it; null where all stood.</summary>
    internal static string? Wanting(JobState state, StepSpec step)
    {
        string[] servos =
        [
            .. ClosedBy(state.Sheet, step)
                .Where(s => !HasStood(state, s))
                .Select(s => $"{Words(state.Sheet, s.Id)} at {Of(state.Sheet, s.Id)}"),
        ];
        return servos.Length == 0 ? null : $"Servos at their reference, trims zero: {string.Join("; ", servos)}";
    }
}
