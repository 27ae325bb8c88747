using Zygotome.Core;
using Zygotome.Core.Build;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Server.Stages;

public sealed record StepPart(string Name, int Needed, int InHand);

public sealed record StepView(
    string Id,
    string Title,
    Stage Stage,
    StepStanding Standing,
    IReadOnlyList<string> WaitsFor,
    double HandsOn,
    IReadOnlyList<StepPart> Parts,
    IReadOnlyList<string> Tools,
    IReadOnlyList<string> Cautions,
    string Text,
    string Page,
    bool IsBond,
    string BondWords,
    string Power,
    bool MayTurn,
    IReadOnlyList<string> Readies,
    IReadOnlyList<string> Fits,
    string Adhesive,
    DateTimeOffset? HandleAt,
    DateTimeOffset? FullAt,
    string By,
    DateTimeOffset? DoneAt,
    string? EntryId,
    bool IsRepair
);

public sealed record StepsView(
    IReadOnlyList<StepView> Steps,
    IReadOnlyList<LoopView> Loops,
    IReadOnlyList<string> Functions,
    IReadOnlyList<string> Moved
);

internal static class BuildEndpoints
{
    public static void MapBuild(this IEndpointRouteBuilder app) =>
        app.MapGet(
            "/api/jobs/{id}/steps",
            (string id, JobDesk desk) => desk.View(id, (state, _) => View(state, desk.Now))
        );

    private static StepsView View(JobState state, DateTimeOffset now)
    {
        var drawing = Drawings.Plan(state.Sheet);
        return new(
            [.. StepGraph.Of(state, now).Select(s => Of(state, drawing, s))],
            [
                .. state
                    .Build.Loops.Where(l => l.Closed is null)
                    .Select(l => new LoopView(l.Id, l.Detail, l.By.Name, l.OpenedAt)),
            ],
            state.Sheet.Radio.Functions,
            [.. state.Build.Moved.Select(m => m.Say(state))]
        );
    }

    private static StepView Of(JobState state, AircraftDrawing drawing, StepNow now)
    {
        var (step, progress) = (now.Step, now.Progress);
        return new StepView(
            step.Id,
            step.Title,
            step.Stage,
            now.Standing,
            now.WaitsFor,
            step.HandsOn,
            [
                .. step.Parts.Select(p => new StepPart(
                    state.Sheet.Part(p.Key)?.Name ?? p.Key,
                    p.Value,
                    Math.Max(0, Core.Unpack.Counting.Left(state, step, p.Key))
                )),
            ],
            step.Tools,
            step.Cautions,
            step.Text,
            step.Page,
            step.Bond is not null,
            step.Bond is { } b ? $"{b.A} to {b.B}, {b.Kind}" : "",
            Core.Safety.StepPowers.Words(state.Sheet, step),
            Core.Safety.StepPowers.Of(step).Held != Core.Safety.Held.Never,
            step.Readies,
            [.. drawing.Parts.Where(p => step.Fits.Any(f => Places.IsNamed(f, p.Id))).Select(p => p.Id)],
            progress?.Adhesive ?? "",
            progress?.HandleAt,
            progress?.FullAt,
            (progress?.Done ?? progress?.Started)?.By.Name ?? "",
            progress?.Done?.ObservedAt,
            (progress?.Done ?? progress?.Started)?.EntryId,
            step.Repairs.Length > 0
        );
    }
}
