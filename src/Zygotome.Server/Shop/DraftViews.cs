using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Editing;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Server.Stages;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>A sheet begun from a class and the numbers on the lid; texts as typed.</summary>
public sealed record ArchetypePost(
    string Class,
    string Name,
    string Maker,
    Length Span,
    Length Length,
    Mass EmptyWeight,
    string Material,
    IReadOnlyList<string> Fitted
);

/// <summary>A draft of the next revision of a sheet on file.</summary>
public sealed record RevisionPost(string Id, int Revision);

/// <summary>A draft of a kit that is much like one on file.</summary>
public sealed record AnotherKitPost(string Id, int Revision, string Name, string Maker);

public sealed record EditsPost(long Version, IReadOnlyList<SheetEdit> Edits);

/// <summary>
/// What somebody says of a doubted number. "Corrected" puts the suggestion, or what was typed, in its place.
/// </summary>
public sealed record AnswerPost(long Version, string Flag, FlagAnswer Answer, string Note, string Text = "");

/// <param name="Yours">Whoever looks may take it away, or bring it back.</param>
/// <param name="RestorableUntil">Of one that was taken away: until when it can be brought back.</param>
public sealed record DraftCard(
    string Id,
    string Name,
    string ChangedAt,
    string By,
    bool Yours,
    string? RemovedBy,
    DateTimeOffset? RestorableUntil
)
{
    /// <exception cref="InvalidDataException">Its bytes are no sheet that could be typed on.</exception>
    internal static DraftCard Of(SheetDraft draft, bool yours)
    {
        _ = SheetFile.Parse(draft.Bytes);
        return new DraftCard(
            Id: draft.Id,
            Name: draft.Name,
            ChangedAt: draft.ChangedAt,
            By: draft.ByName,
            Yours: yours,
            RemovedBy: draft.RemovedBy,
            RestorableUntil: draft.RemovedAt is { } at ? Instants.Read(at) + DraftStore.Grace : null
        );
    }
}

public sealed record DraftsView(
    IReadOnlyList<DraftCard> Drafts,
    IReadOnlyList<DraftCard> Removed,
    IReadOnlyList<UnreadableView> Unreadable
);

/// <summary>An answer to a flag, with who and when.</summary>
public sealed record AnswerView(string Flag, FlagAnswer Answer, string Note, string By, string At)
{
    internal static AnswerView Of(FlagAnswered a) =>
        new(a.Flag, Enum.Parse<FlagAnswer>(a.Answer), a.Note, a.ByName, a.At);
}

/// <param name="Path">The field it is typed in, and the <paramref name="Page"/> of the form that it is on.</param>
public sealed record DimensionView(
    double FromAcross,
    double FromDown,
    double ToAcross,
    double ToDown,
    string Text,
    string Path,
    string Page
);

/// <summary>What a field that names something may say, by the key of the reference.</summary>
public sealed record NamesView(string Of, IReadOnlyList<string> Names);

/// <param name="Mistakes">What stands between the draft and the file.</param>
public sealed record DraftView(
    string Id,
    string Name,
    long Version,
    string By,
    string ChangedAt,
    IReadOnlyList<SectionNow> Sections,
    IReadOnlyList<SheetError> Mistakes,
    IReadOnlyList<AnswerView> Answers,
    DrawingView? Drawing,
    IReadOnlyList<DimensionView> Dimensions,
    IReadOnlyList<NamesView> Names,
    int Assumed,
    int Doubts,
    string NextRevision
);

public sealed record ArchetypeView(string Key, string Name);
