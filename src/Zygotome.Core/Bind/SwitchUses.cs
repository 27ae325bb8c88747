using System.Collections.Immutable;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>Something that the owner switches, with all that it can be switched to.</summary>
/// <param name="Id">The command, or <c>throttle cut</c>, <c>rates</c>, <c>stabiliser mode</c>.</param>
/// <param name="Words">"gear", as it stands within a sentence.</param>
/// <param name="States">In the order they are called.</param>
/// <param name="IsVital">It steers, drives or arms.</param>
public sealed record SwitchUse(string Id, string Words, ImmutableArray<string> States, bool IsVital)
{
    /// <summary>It turns a motor the other way round.</summary>
    public bool Reverses { get; init; }

    /// <summary>It lets go of something.</summary>
    public bool Releases { get; init; }

    /// <summary>By its id: what was made anew of one sheet is the same use.</summary>
    public bool Equals(SwitchUse? other) => other is not null && other.Id == Id;

    public override int GetHashCode() => StringComparer.Ordinal.GetHashCode(Id);
}

/// <summary>Everything of an aircraft that a switch is needed for.</summary>
public static class SwitchUses
{
    /// <summary>Known by these names, as no command of a sheet need be called so.</summary>
    public const string Cut = "throttle cut",
        Rates = "rates",
        StabiliserMode = "stabiliser mode";

    private static readonly ImmutableArray<string> Sticks = ["aileron", "elevator", "rudder", "throttle"];

    /// <summary>The cut first, then the sheet's order; a stick is no switch.</summary>
    public static ImmutableArray<SwitchUse> Of(SpecSheet sheet) => sheet.Once(s => new All([.. Found(s)])).Uses;

    private sealed record All(ImmutableArray<SwitchUse> Uses);

    private static IEnumerable<SwitchUse> Found(SpecSheet sheet)
    {
        if (LampBoard.HasMotor(sheet))
        {
            yield return new SwitchUse(Cut, Cut, ["set", "live"], true);
        }

        foreach (var command in Commands(sheet))
        {
            var outputs = sheet.Outputs.Where(o => o.Function == command).ToArray();
            yield return new SwitchUse(
                command,
                command,
                States(sheet, command),
                outputs.Length == 0 || outputs.Any(o => o.IsVital)
            )
            {
                Reverses = outputs.Any(o => o.Kind == OutputKind.ReverseThrust),
                Releases = outputs.Any(o => o.Kind is OutputKind.Release or OutputKind.Hatch),
            };
        }

        if (StabiliserModes.Of(sheet) is { Length: > 1 } modes)
        {
            yield return new SwitchUse(StabiliserMode, StabiliserMode, modes, true);
        }

        if (sheet.Rates.Length > 1)
        {
            yield return new SwitchUse(Rates, Rates, [.. sheet.Rates.Select(r => r.Name)], false);
        }
    }

    private static IEnumerable<string> Commands(SpecSheet sheet) =>
        sheet
            .Outputs.Select(o => o.Function)
            .Concat(sheet.Positions.Select(p => p.Function))
            .Concat(sheet.Surfaces.SelectMany(s => s.Functions))
            .Distinct()
            .Except(Sticks);

    private static ImmutableArray<string> States(SpecSheet sheet, string command)
    {
        ImmutableArray<string> called =
        [
            .. OutputCalls
                .Of(sheet)
                .Where(c => c.Function == command && c.At != OutputCalls.HeldBack)
                .Select(c => c.At)
                .Distinct(),
        ];
        return called.IsEmpty ? ["out", "in"] : called;
    }
}
