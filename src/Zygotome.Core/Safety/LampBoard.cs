using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Safety;

/// <summary>One lamp of this aircraft, with the words it takes.</summary>
public sealed record LampSpec(LampId Id, string Title, ImmutableArray<LampIs> Words);

/// <summary>
/// The lamps an aircraft has: for each motor its propeller and wires (of a fan, which does not come off, the wires
/// alone), each pack, the transmitter and its memory, and the stabiliser unless the sheet says that there is none.
/// </summary>
public static class LampBoard
{
    /// <summary>In the order of <see cref="LampKind"/>, motors as on the sheet.</summary>
    public static ImmutableArray<LampSpec> Of(SpecSheet sheet) => [.. All(sheet)];

    /// <summary>The lamp of this id; null when this aircraft has none.</summary>
    public static LampSpec? Find(SpecSheet sheet, LampId id) => All(sheet).FirstOrDefault(l => l.Id == id);

    /// <summary>The packs by their lamps, in the order they are connected where the sheet states one.</summary>
    public static ImmutableArray<LampId> Packs(SpecSheet sheet) =>
        [.. All(sheet).Where(l => l.Id.Kind == LampKind.Pack).Select(l => l.Id)];

    /// <summary>
    /// Whether a word does not fall: that there is no stabiliser, where the sheet is silent about one. There is nothing
    /// to look at then; one that the kit has may have been put in line since.
    /// </summary>
    public static bool Stays(SpecSheet sheet, LampIs said) =>
        said == LampIs.NotFitted && sheet.Radio.Stabiliser.Counts is null;

    /// <summary>Whether anything on it can turn.</summary>
    public static bool HasMotor(SpecSheet sheet) => sheet.Power.Motors.Length > 0;

    private static IEnumerable<LampSpec> All(SpecSheet sheet)
    {
        var motors = sheet.Power.Motors;
        string Named(string what, MotorSpec m) => motors.Length == 1 ? what : $"{what}, {m.Id}";
        foreach (var m in motors.Where(m => !m.IsFan))
        {
            yield return new(
                new(LampKind.Propeller, m.Id),
                Named("Propeller", m),
                m.Kind == "folding" ? [LampIs.On, LampIs.BladesOff, LampIs.Off] : [LampIs.On, LampIs.Off]
            );
        }

        foreach (var m in motors)
        {
            yield return new(
                new(LampKind.Wires, m.Id),
                Named(m.IsFan ? "Wires of the fan" : "Motor wires", m),
                [LampIs.On, LampIs.Off]
            );
        }

        yield return new(
            new(LampKind.Transmitter),
            "Transmitter",
            motors.Length == 0
                ? [LampIs.Off, LampIs.CutSet]
                : [LampIs.Off, LampIs.CutSet, LampIs.Live, LampIs.FullStick]
        );
        var names = sheet.Power.PackNames;
        foreach (var name in names)
        {
            yield return new(
                new(LampKind.Pack, name),
                names.Length == 1 ? "Flight pack" : $"Pack {name}",
                [LampIs.Out, LampIs.InBay, LampIs.Connected]
            );
        }

        if (sheet.Radio.Stabiliser.Counts is not false)
        {
            yield return new(
                new(LampKind.Stabiliser),
                "Stabiliser",
                [LampIs.NotFitted, LampIs.Off, LampIs.Aligning, LampIs.Awake, LampIs.Levelling]
            );
        }

        yield return new(new(LampKind.Memory), "Memory on the transmitter", [LampIs.TheOneBound, LampIs.Another]);
    }
}
