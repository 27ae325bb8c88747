using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>
/// One look at what an awake stabiliser does: the aircraft is tilted, or a stick moved in a mode in which something
/// goes along with it.
/// </summary>
/// <param name="Id">roll, pitch, yaw; or the mode, the stick and what goes along.</param>
/// <param name="Call">"Tilt it to the right".</param>
/// <param name="Note">How long the answer stands.</param>
public sealed record StabiliserCall(string Id, string Call, string Note, ImmutableArray<Expected> Expected)
{
    /// <summary>Of a coupling, the mode in which alone it is expected; empty of a tilt.</summary>
    public string Mode { get; init; } = "";

    /// <summary>Which way each surface goes, by its id.</summary>
    public ImmutableSortedDictionary<string, Movement> Picture { get; } =
        Expected.ById(e => e.Surface.Id, e => e.Movement);

    /// <summary>It is tilted, and no stick moved.</summary>
    public bool IsTilt => Mode.Length == 0;
}

/// <summary>
/// What is asked of a stabiliser. Tilted right, the surfaces answer as for a stick to the left; nose down, as for
/// elevator back; nose swung left, as for rudder right.
/// </summary>
public static class StabiliserCalls
{
    /// <summary>A tilt for every axis that has a surface, then every coupling that the sheet states.</summary>
    public static ImmutableArray<StabiliserCall> Of(SpecSheet sheet) =>
        sheet.Once(s => new All([.. Tilts(s), .. Couplings(s)])).Calls;

    private sealed record All(ImmutableArray<StabiliserCall> Calls);

    /// <summary>The modes in which it corrects; none where the sheet names none.</summary>
    public static ImmutableArray<string> Correcting(SpecSheet sheet) =>
        [.. sheet.Radio.StabiliserModes.Where(m => !StabiliserAxes.IsOff(m))];

    private static IEnumerable<StabiliserCall> Tilts(SpecSheet sheet) =>
        from axis in StabiliserAxes.Of(sheet)
        let expected = Moved(sheet, axis.Command, turned: axis.Name == "roll")
        where !expected.IsEmpty
        select new StabiliserCall(axis.Name, Tilted(axis.Name), Stands(sheet), expected);

    private static string Tilted(string axis) =>
        axis switch
        {
            "roll" => "Tilt it to the right",
            "pitch" => "Push its nose down",
            _ => "Swing its nose to the left",
        };

    private static string Stands(SpecSheet sheet)
    {
        var modes = Correcting(sheet);
        return string.Join(
            "; ",
            modes.Select(m =>
                StabiliserAxes.Holds(m) ? $"{m}: held as long as it is tilted" : $"{m}: only while it moves"
            )
        );
    }

    private static IEnumerable<StabiliserCall> Couplings(SpecSheet sheet) =>
        from coupling in sheet.Radio.Stabiliser.Likely == true ? sheet.Couplings : []
        let stick = Directions.Calls(sheet).FirstOrDefault(c => c.Function == coupling.Input)
        let along = Moved(sheet, coupling.Moves, turned: !coupling.SameWay)
        where stick is not null && !along.IsEmpty
        select new StabiliserCall(
            $"{coupling.Mode}: {coupling.Input} moves {coupling.Moves}",
            $"{stick.Call}, {coupling.Mode}",
            $"only in {coupling.Mode}: {coupling.Moves} goes along",
            [.. stick.Expected, .. along.Where(e => !stick.Picture.ContainsKey(e.Surface.Id))]
        )
        {
            Mode = coupling.Mode,
        };

    private static ImmutableArray<Expected> Moved(SpecSheet sheet, string command, bool turned) =>
        [
            .. from surface in sheet.Surfaces
            where surface.Functions.Contains(command)
            let natural = Movements.Natural(sheet, surface, command)
            select new Expected(surface, turned ? Movements.Opposite(natural) : natural),
        ];

    /// <summary>Surfaces that go along with a stick in some mode: seen with it off, they say it is awake.</summary>
    public static ImmutableArray<Surface> GoAlong(SpecSheet sheet, string command) =>
        [
            .. sheet
                .Couplings.Where(c => c.Input == command)
                .SelectMany(c => sheet.Surfaces.Where(s => s.Functions.Contains(c.Moves)))
                .Distinct(),
        ];
}
