using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>
/// The glue of one repair, each anew: when it was closed, can be handled, has its full strength; all null without glue.
/// Of older entries only the handling is known.
/// </summary>
internal sealed record RepairGlue(
    string Adhesive,
    DateTimeOffset? From,
    DateTimeOffset? HandleAt,
    DateTimeOffset? FullAt
)
{
    /// <summary>What it does to the joint, and why it was used; empty of glue that does no harm.</summary>
    public string Harm { get; init; } = "";

    public static readonly RepairGlue None = new("", null, null, null);

    /// <summary>As its step holds it.</summary>
    public static RepairGlue Of(StepProgress? progress) =>
        progress is null
            ? None
            : new(progress.Adhesive, progress.CuresFrom, progress.HandleAt, progress.FullAt) { Harm = progress.Harm };
}
