using Zygotome.Core;
using Zygotome.Core.Drawing;
using Zygotome.Core.HandOver;
using Zygotome.Core.Journal;
using Zygotome.Papers;
using Zygotome.Server.Memory;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

/// <summary>
/// Writes records. A job whose journal, papers or pictures are not what was recorded is not released.
/// </summary>
internal sealed class ReleaseDesk(Verifier verifier, Database database)
{
    public Outcome<Composed> Compose(JobState state, Entry entry)
    {
        if (!Released.From(state, entry.RecordedAt).Try(out var released, out var refusal))
        {
            return refusal;
        }

        if (verifier.OfJob(state.JobId) is { Sound: false } broken)
        {
            return new Refusal(
                "job/not-as-recorded",
                $"What was recorded is not what lies there now. {broken.Found[0].Words}"
            );
        }

        var paper = new RecordPaper(
            State: state,
            Released: released,
            By: entry.By,
            At: entry.RecordedAt,
            Drawing: Drawings.Plan(state.Sheet),
            Seal: database.LastSeal?.Short ?? ""
        );
        var pdf = BlobStore.Of(RecordPdf.Render(paper), "application/pdf");
        return new Composed(released with { PdfHash = pdf.Hash }, pdf);
    }
}
