using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>One thing on a switch.</summary>
/// <param name="At">What it does at each position; none of the cut.</param>
public sealed record SwitchRow(SwitchUse Use, string On, ImmutableArray<SwitchPlace> At);

/// <summary>A position of a switch as a whole.</summary>
/// <param name="Expected">All that stands at it, each with its delay and what holds it back.</param>
public sealed record SwitchWhole(string Switch, SwitchAt At, string Expected, ImmutableArray<SwitchUse> Uses)
{
    /// <summary>"left switch, away".</summary>
    public string Words => $"{Switch}, {BindWords.Of(At)}";
}

/// <summary>What is wrong with how the switches are used.</summary>
/// <param name="Uses">By their ids. <paramref name="IsDeadly"/>: nobody concedes it.</param>
public sealed record SwitchClash(ImmutableArray<string> Uses, string Words, bool IsDeadly);

/// <summary>Which switch does what, what they share, and whether that can be flown with.</summary>
public static class SwitchTable
{
    /// <summary>In the order of the uses; what nobody put on a switch is not in it.</summary>
    public static ImmutableArray<SwitchRow> Of(JobState state) =>
        [
            .. from use in SwitchUses.Of(state.Sheet)
            let named = use.Id == SwitchUses.Cut
                ? NameOf(state.Bind.Cut?.On ?? "")
                : state.Bind.Switches.GetValueOrDefault(use.Id)?.On.Trim()
            where named is { Length: > 0 }
            select new SwitchRow(use, named, state.Bind.Switches.GetValueOrDefault(use.Id)?.Places ?? []),
        ];

    /// <summary>Where the cut is proven, its switch is said with its position: "left switch, away".</summary>
    private static string NameOf(string on) => on.Split(',')[0].Trim();

    private static string Key(string on) =>
        string.Join(' ', on.Split(' ', StringSplitOptions.RemoveEmptyEntries)).ToLowerInvariant();

    /// <summary>Uses by their switch, whatever the case it is written in.</summary>
    private static IEnumerable<IGrouping<string, SwitchRow>> Switches(JobState state) =>
        Of(state).GroupBy(r => Key(r.On), StringComparer.Ordinal);

    /// <summary>Most dangerous first. Total.</summary>
    public static ImmutableArray<SwitchClash> Clashes(JobState state) =>
        [.. Found(state).OrderBy(c => c.IsDeadly ? 0 : 1)];

    private static IEnumerable<SwitchClash> Found(JobState state)
    {
        foreach (var shared in Switches(state).Where(s => s.Count() > 1))
        {
            if (Shared([.. shared]) is { } clash)
            {
                yield return clash;
            }
        }

        var cut = Of(state).FirstOrDefault(r => r.Use.Id == SwitchUses.Cut);
        foreach (var (use, set) in state.Bind.Switches)
        {
            if (
                cut is not null
                && Key(set.NextTo) == Key(cut.On)
                && SwitchUses.Of(state.Sheet).Any(u => u.Id == use && u.Reverses)
            )
            {
                yield return new SwitchClash(
                    [use],
                    $"{Texts.Capital(use)} lies beside the throttle cut: a hurried thumb takes one for the other. Put "
                        + "it where no thumb comes by chance",
                    false
                );
            }

            if (set.Before.Trim() is { Length: > 0 } before && !set.BeforeGone)
            {
                yield return new SwitchClash(
                    [use],
                    $"{Texts.Capital(set.On.Trim())} still does {before} too: take that off it, or {use} comes with it "
                        + "unasked",
                    false
                );
            }
        }
    }

    private static SwitchClash? Shared(ImmutableArray<SwitchRow> rows)
    {
        var ids = rows.Select(r => r.Use.Id).ToImmutableArray();
        string Others(SwitchUse of) => string.Join(" and ", rows.Where(r => r.Use != of).Select(r => r.Use.Words));
        var on = Texts.Capital(rows[0].On);
        return rows.FirstOrDefault(r => r.Use.Id == SwitchUses.Cut)?.Use is { } cut
                ? new SwitchClash(
                    ids,
                    $"{on} is throttle cut and {Others(cut)}: who switches {Others(cut)} starts or stops the motor. "
                        + "The cut has a switch of its own",
                    true
                )
            : rows.FirstOrDefault(r => r.Use.Reverses)?.Use is { } reverse
                ? new SwitchClash(
                    ids,
                    $"{on} is {reverse.Words} and {Others(reverse)}: in the air that stops the aircraft. Reverse has a "
                        + "switch of its own",
                    true
                )
            : rows.FirstOrDefault(r => r.Use.Releases)?.Use is { } release
                ? new SwitchClash(
                    ids,
                    $"{on} is {release.Words} and {Others(release)}: something falls when it is not meant to. Give it "
                        + "a switch of its own",
                    false
                )
            : rows.FirstOrDefault(r => r.Use.Id == SwitchUses.StabiliserMode)?.Use is { } mode
                ? new SwitchClash(
                    ids,
                    $"{on} is {mode.Words} and {Others(mode)}: levelling comes on unasked. Give it a switch of its own",
                    false
                )
            : null;
    }

    /// <summary>
    /// Positions that are tried as a whole: of every switch that does more than one thing, and of the rates, which no
    /// other look tries. What must not share a switch is parted first.
    /// </summary>
    public static ImmutableArray<SwitchWhole> Wholes(JobState state)
    {
        var deadly = Clashes(state).Where(c => c.IsDeadly).SelectMany(c => c.Uses).ToHashSet(StringComparer.Ordinal);
        return
        [
            .. from rows in Switches(state)
            where rows.Count() > 1 || rows.Single().Use.Id == SwitchUses.Rates
            where rows.All(r => !deadly.Contains(r.Use.Id) && !r.Use.Reverses)
            from at in rows.SelectMany(r => r.At).Select(p => p.At).Distinct().Order()
            select new SwitchWhole(
                rows.First().On,
                at,
                string.Join("; ", rows.Select(r => Does(state.Sheet, r, at))),
                [.. rows.Select(r => r.Use)]
            ),
        ];
    }

    // With how long it takes, when it begins, what holds it back.
    private static string Does(SpecSheet sheet, SwitchRow row, SwitchAt at)
    {
        if (row.At.FirstOrDefault(p => p.At == at)?.Does is not { } does)
        {
            return $"{row.Use.Words} as it was";
        }

        var calls = OutputCalls.Of(sheet).Where(c => c.Function == row.Use.Id && c.At == does).ToArray();
        var held = sheet
            .Outputs.Where(o => o.Function == row.Use.Id && o.InhibitedBy.Length > 0)
            .Select(o => $"not with {o.InhibitedBy} set");
        string[] besides = [.. calls.Select(c => c.Note).Where(n => n.Length > 0), .. held];
        return $"{row.Use.Words} {does}"
            + (calls.Length > 0 ? $": {string.Join(", ", calls.Select(c => c.Expected))}" : "")
            + (besides.Length > 0 ? $" ({string.Join(", ", besides.Distinct())})" : "");
    }
}
