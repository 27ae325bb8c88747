using Zygotome.Core;
using Zygotome.Core.Build;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Server.Shop;
using Zygotome.Store;

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
    IReadOnlyList<string> Decided,
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
    bool IsRepair,
    IReadOnlyList<HarmView> Harms
);

public sealed record StepsView(
    IReadOnlyList<StepView> Steps,
    IReadOnlyList<ErratumView> Errata,
    IReadOnlyList<LoopView> Loops,
    IReadOnlyList<string> Functions,
    IReadOnlyList<string> Moved
);

internal static class BuildEndpoints
{
    public static void MapBuild(this IEndpointRouteBuilder app) =>
        app.MapGet(
            "/api/jobs/{id}/steps",
            (string id, JobDesk desk, ErratumStore errata, ShopSettings settings) =>
                desk.View(
                    id,
                    (state, _) =>
                        View(
                            state,
                            errata.Of(state.Sheet.Kit.Id).Where(e => e.Tells(state)),
                            settings.Current.Adhesives,
                            desk.Now
                        )
                )
        );

    private static StepsView View(
        JobState state,
        IEnumerable<KitErratum> errata,
        IReadOnlyList<Adhesive> adhesives,
        DateTimeOffset now
    )
    {
        var drawing = Drawings.Plan(state.Sheet);
        return new(
            [.. StepGraph.Of(state, now).Select(s => Of(state, drawing, adhesives, s))],
            [.. errata.Select(ErratumView.Of)],
            [
                .. state
                    .Build.Loops.Where(l => l.Closed is null)
                    .Select(l => new LoopView(l.Id, l.Detail, l.By.Name, l.OpenedAt)),
            ],
            state.Sheet.Radio.Functions,
            [.. state.Build.Moved.Select(m => m.Say(state))]
        );
    }

    private static StepView Of(JobState state, AircraftDrawing drawing, IReadOnlyList<Adhesive> adhesives, StepNow now)
    {
        var (step, progress) = (now.Step, now.Progress);
        return new StepView(
            Id: step.Id,
            Title: step.Title,
            Stage: step.Stage,
            Standing: now.Standing,
            WaitsFor: now.WaitsFor,
            HandsOn: step.HandsOn,
            Parts:
            [
                .. step.Parts.Select(p => new StepPart(
                    state.Sheet.Part(p.Key)?.Name ?? p.Key,
                    p.Value,
                    Math.Max(0, Core.Unpack.Counting.Left(state, step, p.Key))
                )),
            ],
            Tools: step.Tools,
            Cautions: step.Cautions,
            Text: step.Text,
            Page: state.Sheet.Page("steps", step.Page),
            Decided: [.. step.Path.Length == 0 ? [] : state.Sheet.DecidedAt(step.Path).Select(d => d.Words)],
            IsBond: step.Bond is not null,
            BondWords: step.Bond is { } b ? $"{b.A} to {b.B}, {b.Kind}" : "",
            Power: Core.Safety.StepPowers.Words(state.Sheet, step),
            MayTurn: Core.Safety.StepPowers.Of(step).Held != Core.Safety.Held.Never,
            Readies: step.Readies,
            Fits: [.. drawing.Parts.Where(p => step.Fits.Any(f => Places.IsNamed(f, p.Id))).Select(p => p.Id)],
            Adhesive: progress?.Adhesive ?? "",
            HandleAt: progress?.HandleAt,
            FullAt: progress?.FullAt,
            By: (progress?.Done ?? progress?.Started)?.By.Name ?? "",
            DoneAt: progress?.Done?.ObservedAt,
            EntryId: (progress?.Done ?? progress?.Started)?.EntryId,
            IsRepair: step.Repairs.Length > 0,
            Harms: progress is { Done: not null } ? [] : HarmView.Of(state, step.Bond, adhesives)
        );
    }
}
