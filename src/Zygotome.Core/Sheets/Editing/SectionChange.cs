namespace Zygotome.Core.Sheets.Editing;

/// <summary>What of a page reads otherwise after a change; pages that read as before are not among them.</summary>
/// <param name="Whole">The page anew, where its rows are others; else null.</param>
/// <param name="Fields">The fields that read otherwise, where its rows are the same.</param>
public sealed record SectionChange(
    string Key,
    SectionNow? Whole,
    IReadOnlyList<FieldNow> Fields,
    int Mistakes,
    int Doubts,
    int Assumed
)
{
    /// <summary>
    /// Both of the same sheet. Law: the pages before, with these put in their places, are the pages after.
    /// </summary>
    public static IReadOnlyList<SectionChange> Between(
        IReadOnlyList<SectionNow> before,
        IReadOnlyList<SectionNow> after
    ) => [.. before.Zip(after, Of).OfType<SectionChange>()];

    private static SectionChange? Of(SectionNow before, SectionNow after)
    {
        var same = SameRows(before.Lists, after.Lists);
        var fields = same
            ? All(before).Zip(All(after)).Where(p => !Same(p.First, p.Second)).Select(p => p.Second).ToArray()
            : [];
        var counts = (after.Mistakes, after.Doubts, after.Assumed);
        return same && fields.Length == 0 && (before.Mistakes, before.Doubts, before.Assumed) == counts
            ? null
            : new SectionChange(
                Key: after.Key,
                Whole: same ? null : after,
                Fields: fields,
                Mistakes: after.Mistakes,
                Doubts: after.Doubts,
                Assumed: after.Assumed
            );
    }

    private static IEnumerable<FieldNow> All(SectionNow section) =>
        section.Fields.Concat(section.Lists.SelectMany(SheetForm.Fields));

    private static bool SameRows(IReadOnlyList<RowsNow> a, IReadOnlyList<RowsNow> b) =>
        a.Zip(b)
            .All(l =>
                (l.First.Mistake, l.First.NotHere) == (l.Second.Mistake, l.Second.NotHere)
                && l.First.Rows.Count == l.Second.Rows.Count
                && l.First.Rows.Zip(l.Second.Rows)
                    .All(r =>
                        (r.First.Path, r.First.Title, r.First.Assumed)
                            == (r.Second.Path, r.Second.Title, r.Second.Assumed)
                        && SameRows(r.First.Lists, r.Second.Lists)
                    )
            );

    private static bool Same(FieldNow a, FieldNow b) =>
        a with { Choices = b.Choices, Statements = b.Statements, Flags = b.Flags } == b
        && a.Choices.SequenceEqual(b.Choices)
        && a.Statements.SequenceEqual(b.Statements)
        && a.Flags.SequenceEqual(b.Flags);
}
