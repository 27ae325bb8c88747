using System.Collections.Concurrent;
using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>One box built in one of its ways: the sheet without what the others have.</summary>
public static class KitChoices
{
    /// <summary>
    /// Without the rows of choices not taken, and without what is assumed, undecided or wanting of them. The sheet
    /// itself where it knows no options.
    /// </summary>
    /// <param name="said">Choices by option; the usual one where none is said. Of an option with neither, every row
    /// stays: what is not known is asked about.</param>
    public static SpecSheet Choosing(this SpecSheet sheet, IReadOnlyDictionary<string, string> said)
    {
        if (sheet.Kit.Options.IsEmpty)
        {
            return sheet;
        }

        var taken = Taken(sheet, said);
        return sheet.Once(_ => new Made()).Of.GetOrAdd(string.Join('|', taken), _ => Built(sheet, taken));
    }

    /// <summary>
    /// What counts for each option: what was said, else its usual choice; left out where it is neither.
    /// </summary>
    public static ImmutableSortedDictionary<string, string> Taken(
        SpecSheet sheet,
        IReadOnlyDictionary<string, string> said
    ) =>
        sheet
            .Kit.Options.DistinctBy(o => o.Id)
            .Select(o => (o.Id, Choice: Said(o, said) ?? o.Default))
            .Where(o => o.Choice.Length > 0)
            .ById(o => o.Id, o => o.Choice);

    /// <summary>What was said of an option; null where nothing was, or what its sheet does not know.</summary>
    public static string? Said(KitOption option, IReadOnlyDictionary<string, string> said) =>
        said.TryGetValue(option.Id, out var choice) && option.Choices.Contains(choice) ? choice : null;

    /// <summary>
    /// What is there with one choice alone, in people's words: steps, outputs, configurations, parts.
    /// </summary>
    public static IEnumerable<string> Brings(SpecSheet sheet, KitOption option, string choice)
    {
        bool Only(SheetObject row) => row.When.GetValueOrDefault(option.Id) == choice;
        return
        [
            .. sheet.Steps.Where(Only).Select(s => s.Title),
            .. sheet.Outputs.Where(Only).Select(o => o.Name.ToLowerInvariant()),
            .. sheet.Surfaces.Where(Only).Select(s => s.Name.ToLowerInvariant()),
            .. sheet.Balance.Configurations.Where(Only).Select(c => $"balance, {c.Name}"),
            .. sheet.Parts.Where(Only).Select(p => p.Name.ToLowerInvariant()),
        ];
    }

    /// <summary>Whether no job can have both rows.</summary>
    internal static bool Exclude(SheetObject one, SheetObject other) =>
        one.When.Any(w => other.When.TryGetValue(w.Key, out var choice) && choice != w.Value);

    // Once for a sheet and its choices: every job built so keeps the same.
    private sealed record Made
    {
        public ConcurrentDictionary<string, SpecSheet> Of { get; } = new(StringComparer.Ordinal);
    }

    private static SpecSheet Built(SpecSheet sheet, ImmutableSortedDictionary<string, string> taken)
    {
        bool Stays(SheetObject row) => row.When.All(w => !taken.TryGetValue(w.Key, out var c) || c == w.Value);
        ImmutableArray<T> Left<T>(ImmutableArray<T> rows)
            where T : SheetObject => [.. rows.Where(Stays).Select(r => r.Left(Stays))];
        var gone = sheet
            .Pages.SelectMany(p => p.All)
            .Where(r => !Stays(r))
            .Select(r => r.Path)
            .ToHashSet(StringComparer.Ordinal);
        bool IsThere(string path) => !gone.Any(g => path.StartsWith(g + ".", StringComparison.Ordinal) || path == g);
        var (outputs, surfaces) = (Left(sheet.Outputs), Left(sheet.Surfaces));

        // A channel for what is not on this aircraft needs no port, and nobody calls it.
        var moved = outputs.Select(o => o.Function).Concat(surfaces.SelectMany(s => s.Functions)).ToHashSet();
        var idle = sheet
            .Outputs.Select(o => o.Function)
            .Concat(sheet.Surfaces.SelectMany(s => s.Functions))
            .Where(f => !moved.Contains(f))
            .ToHashSet();
        return sheet with
        {
            Geometry = sheet.Geometry.Left(Stays),
            Surfaces = surfaces,
            Throws = Left(sheet.Throws),
            Neutral = Left(sheet.Neutral),
            Balance = sheet.Balance.Left(Stays),
            Power = sheet.Power.Left(Stays),
            Radio = sheet.Radio.With(
                Table.RadioFields.Functions.Is([.. sheet.Radio.Functions.Where(f => !idle.Contains(f))])
            ),
            Servos = Left(sheet.Servos),
            Leads = Left(sheet.Leads),
            Outputs = outputs,
            Positions = Left(sheet.Positions),
            Parts = Left(sheet.Parts),
            Steps = Left(sheet.Steps),
            Assumed = [.. sheet.Assumed.Where(IsThere)],
            Decided = [.. sheet.Decided.Where(d => IsThere(d.Path))],
            Undecided = sheet.Undecided.RemoveRange(sheet.Undecided.Keys.Where(p => !IsThere(p))),
        };
    }
}
