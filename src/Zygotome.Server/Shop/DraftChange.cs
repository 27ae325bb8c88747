using System.Text.Json;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Editing;
using Zygotome.Server.Stages;

namespace Zygotome.Server.Shop;

/// <summary>
/// What a change made of a draft, for a screen that has it as it was: only what reads otherwise. A member that is null
/// is as before.
/// </summary>
/// <param name="Version">After the change; it was made on the version the screen has.</param>
/// <param name="Drawn">Whether the drawing is another, and with it the dimensions.</param>
public sealed record DraftChange(
    long Version,
    string Name,
    string By,
    string ChangedAt,
    IReadOnlyList<SectionChange> Sections,
    IReadOnlyList<SheetError>? Mistakes,
    IReadOnlyList<AnswerView>? Answers,
    bool Drawn,
    DrawingView? Drawing,
    IReadOnlyList<DimensionView>? Dimensions,
    IReadOnlyList<NamesView>? Names,
    int Assumed,
    int Doubts,
    string NextRevision
)
{
    internal static DraftChange Between(DraftView before, DraftView after)
    {
        var drawn = !Same(before.Drawing, after.Drawing) || !Same(before.Dimensions, after.Dimensions);
        return new DraftChange(
            Version: after.Version,
            Name: after.Name,
            By: after.By,
            ChangedAt: after.ChangedAt,
            Sections: SectionChange.Between(before.Sections, after.Sections),
            Mistakes: before.Mistakes.SequenceEqual(after.Mistakes) ? null : after.Mistakes,
            Answers: before.Answers.SequenceEqual(after.Answers) ? null : after.Answers,
            Drawn: drawn,
            Drawing: drawn ? after.Drawing : null,
            Dimensions: drawn ? after.Dimensions : null,
            Names: Same(before.Names, after.Names) ? null : after.Names,
            Assumed: after.Assumed,
            Doubts: after.Doubts,
            NextRevision: after.NextRevision
        );
    }

    // As it is sent: what reads the same is the same.
    private static bool Same<T>(T a, T b) =>
        JsonSerializer.SerializeToUtf8Bytes(a).AsSpan().SequenceEqual(JsonSerializer.SerializeToUtf8Bytes(b));
}
