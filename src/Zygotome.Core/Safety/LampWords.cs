using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Safety;

/// <summary>Lamps as people say them.</summary>
public static class LampWords
{
    /// <summary>How it is: "on, cut set".</summary>
    public static string Of(SpecSheet sheet, LampId id, LampIs seen) =>
        (id.Kind, seen) switch
        {
            (LampKind.Transmitter, LampIs.CutSet) => LampBoard.HasMotor(sheet) ? "on, cut set" : "on",
            (LampKind.Transmitter, LampIs.Live) => "on, throttle live",
            (LampKind.Transmitter, LampIs.FullStick) => "on, full stick",
            (LampKind.Stabiliser, LampIs.NotFitted) => "none in line",
            _ => Of(seen),
        };

    /// <summary>The same, the memory by its name: "3, NEEDLE 2".</summary>
    public static string Of(JobState state, LampId id, LampIs seen) =>
        seen == LampIs.TheOneBound && state.The<ILinked>().BoundMemory is { Length: > 0 } bound
            ? bound
            : Of(state.Sheet, id, seen);

    /// <summary>As a lamp's button says it.</summary>
    public static string Of(LampIs seen) =>
        seen switch
        {
            LampIs.BladesOff => "blades off",
            LampIs.InBay => "in bay",
            LampIs.CutSet => "on, cut set",
            LampIs.FullStick => "full stick",
            LampIs.NotFitted => "none",
            LampIs.TheOneBound => "the one bound",
            _ => seen.ToString().ToLowerInvariant(),
        };

    /// <summary>
    /// Several of one kind in one breath: "propellers off; motor wires on; flight pack in bay". What differs is named.
    /// </summary>
    public static string Together(JobState state, IEnumerable<(LampId Id, LampIs Is)> lamps) =>
        string.Join(
            "; ",
            lamps
                .GroupBy(l => l.Id.Kind)
                .OrderBy(g => g.Key)
                .SelectMany(kind =>
                {
                    var all = kind.ToArray();
                    var alike = all.All(l => l.Is == all[0].Is);
                    return alike
                        ? [$"{Name(state.Sheet, kind.Key, all.Length, all[0].Id.Of)} {Of(state, all[0].Id, all[0].Is)}"]
                        : all.Select(l => $"{Name(state.Sheet, l.Id.Kind, 1, l.Id.Of)} {Of(state, l.Id, l.Is)}");
                })
        );

    /// <summary>Lamps by name alone: "propellers, flight pack".</summary>
    public static string Names(SpecSheet sheet, IEnumerable<LampId> lamps) =>
        string.Join(
            ", ",
            lamps.GroupBy(l => l.Kind).OrderBy(g => g.Key).Select(g => Name(sheet, g.Key, g.Count(), g.First().Of))
        );

    // One of several is named; all of them are called together.
    private static string Name(SpecSheet sheet, LampKind kind, int count, string of)
    {
        var all = LampBoard.Of(sheet).Count(l => l.Id.Kind == kind);
        var which = all > 1 && count < all ? $" {of}" : "";
        return kind switch
        {
            LampKind.Propeller => $"{(count > 1 ? "propellers" : "propeller")}{which}",
            LampKind.Wires => sheet.Power.Motors.All(m => m.IsFan) ? $"fan's wires{which}" : $"motor wires{which}",
            LampKind.Pack => all > 1
                ? count > 1
                    ? "packs"
                    : $"pack{which}"
                : "flight pack",
            LampKind.Transmitter => "transmitter",
            LampKind.Memory => "memory",
            _ => "stabiliser",
        };
    }
}
