using Zygotome.Core.Build;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.MarkOut;
using Zygotome.Core.Unpack;
using Zygotome.Server.Shop;

namespace Zygotome.Server.Stages;

/// <summary>A step as the bench sees it.</summary>
internal static class StepViews
{
    public static StepView Of(JobState state, AircraftDrawing drawing, ShopFile shop, StepNow now, DateTimeOffset asOf)
    {
        var (step, progress) = (now.Step, now.Progress);
        string[] fits = [.. drawing.Parts.Where(p => step.Fits.Any(f => Places.IsNamed(f, p.Id))).Select(p => p.Id)];
        var lit = LitParts.Of(state.Sheet, drawing, step);
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
                    state.Sheet.Part(p.Key)?.Bag ?? "",
                    p.Value,
                    Math.Max(0, Counting.Left(state, step, p.Key))
                )),
            ],
            Tools:
            [
                .. step.Asked().Select(t => new StepTool(t, shop.Stock.HasTool(t), Tools.Short(shop.Stock.Tools, t))),
            ],
            Cautions: step.Cautions,
            Lines: step.Lines,
            Page: state.Sheet.Page("steps", step.Page),
            Decided: [.. step.Path.Length == 0 ? [] : state.Sheet.DecidedAt(step.Path).Select(d => d.Words)],
            IsBond: step.Bond is not null,
            BondWords: step.Bond is { } b ? $"{b.A} to {b.B}, {b.Kind}" : "",
            Power: Core.Safety.StepPowers.Words(state.Sheet, step),
            MayTurn: Core.Safety.StepPowers.Of(step).Held != Core.Safety.Held.Never,
            Readies: step.Readies,
            Fits: fits,
            Adhesive: progress?.Adhesive ?? "",
            HandleAt: progress?.HandleAt,
            FullAt: progress?.FullAt,
            By: (progress?.Done ?? progress?.Started)?.By.Name ?? "",
            DoneAt: progress?.Done?.ObservedAt,
            EntryId: (progress?.Done ?? progress?.Started)?.EntryId,
            IsRepair: step.Repairs.Length > 0
        )
        {
            Lit = lit,
            Template = Marks.Of(step).Any(m => Marks.Laid(state.Sheet, m, m.Wanted) is not null),
            Asks = [.. StepAsks.Of(state, step).Select(a => Ask(state, step, a))],
            Glue = progress is { Done: null, Glue: { } glue } ? Glue(glue) : null,
            Glues = progress is { Done: null } ? Choices(state, shop, step) : [],
            Servos =
            [
                .. References
                    .ClosedBy(state.Sheet, step)
                    .Where(v => progress is null && !References.HasStood(state, v))
                    .Select(v => new ServoView(
                        v.Id,
                        References.Words(state.Sheet, v.Id),
                        References.Of(state.Sheet, v.Id)
                    )),
            ],
            Side = step.Side,
            People = step.People,
            With = progress?.With ?? "",
            Minutes = progress?.Minutes(asOf) ?? 0,
            Running = progress?.Running,
            Coat = step.Bond?.Coat ?? [],
            KeepClear = step.Bond?.KeepClear ?? [],
            Covers = [.. step.Covers.Select(Places.Words)],
            Under = [.. GettingBack.Under(state, step)],
            Back = progress is { Done: not null } ? [] : [.. GettingBack.To(state, step)],
            Moved =
            [
                .. state
                    .Sheet.Edges.Where(e => e.After == step.Id)
                    .Except(Against(state))
                    .Select(e => e.Why)
                    .Distinct(),
            ],
            Against =
            [
                .. Against(state)
                    .Where(e => e.After == step.Id && progress is null)
                    .Select(e => $"{state.Sheet.Step(e.Before)?.Title} comes only after it. {e.Why}"),
            ],
            Place = Place(state, drawing, fits),
            Spot = state.Unpack.Find(step.Repairs) is { } found
                ? new StepSpot(found.Tag, found.Y, found.X, found.Size)
                : null,
            Early = progress is { HandledEarly.Length: > 0 },
        };
    }

    // Worked out once for an order of steps.
    private static StepEdge[] Against(JobState state) =>
        state.Sheet.Once(s => StepOrder.Against(s.Steps, s.Edges).ToArray());

    private static AskView Ask(JobState state, StepSpec step, StepAsk ask)
    {
        var answer = StepAsks.Answer(state, step, ask);
        return new AskView(
            Id: ask.Id,
            When: ask.When,
            How: ask.How,
            Words: ask.Words,
            Why: ask.Why,
            Moves: ask.Moves,
            Settled: StepAsks.IsSettled(state, step, ask),
            Right: answer?.Right,
            Note: answer?.Note ?? "",
            WaitUntil: answer is { Right: true } && ask.Wait > 0
                ? Curing.After(answer.Evidence.ObservedAt, ask.Wait / 60)
                : null,
            Ring: ask.Id.StartsWith("screws/", StringComparison.Ordinal)
                ? ScrewRing.Order(step.Parts.GetValueOrDefault(ask.Id["screws/".Length..]))
                : []
        )
        {
            Measure = ask.IsMeasured ? MeasureViews.Of(state, step, ask) : null,
        };
    }

    private static GlueView Glue(GlueRun glue) =>
        new(
            Adhesive: glue.Adhesive.Name,
            Opened: GluePlan.Opens(glue.Adhesive.Is()),
            Celsius: glue.Celsius,
            OpenedAt: glue.OpenedAt,
            WorkableUntil: glue.WorkableUntil,
            Acts:
            [
                .. glue.Plan.Select(
                    (s, i) =>
                        new GlueActView(
                            Act: s.Act,
                            Words: GluePlan.Say(s.Act),
                            Meanwhile: s.Meanwhile,
                            Seconds: s.After,
                            At: i < glue.Acts.Length ? glue.Acts[i] : null,
                            Due: i == glue.Acts.Length ? glue.Due : null
                        )
                ),
            ]
        );

    // What works first, what harms last.
    private static IReadOnlyList<GlueChoiceView> Choices(JobState state, ShopFile shop, StepSpec step)
    {
        if (step.Bond is not { } bond)
        {
            return [];
        }

        var usual = AdhesiveAdviser.For(bond.A, bond.B, bond.Kind).Name;
        return
        [
            .. shop
                .Adhesives.Select(a => new GlueChoiceView(
                    Id: a.Id,
                    Name: a.Name,
                    Opens: GluePlan.Opens(a.Is()),
                    Harm: GlueOfJoint.Harm(state, a, step),
                    Usual: a.Name.Equals(usual, StringComparison.OrdinalIgnoreCase),
                    Words: Times(state, a, bond)
                ))
                .OrderBy(c => c.Harm is not null)
                .ThenByDescending(c => c.Usual),
        ];
    }

    private static string Times(JobState state, Adhesive adhesive, BondSpec bond)
    {
        var acts = GluePlan
            .Of(adhesive, state.Schools.GetValueOrDefault(Schools.ContactGlue)?.Option ?? "", bond.Hold)
            .Select(s =>
                s.After > 0
                    ? $"{s.Meanwhile} {Spans.Say(s.After)}, {GluePlan.Say(s.Act).ToLowerInvariant()}"
                    : GluePlan.Say(s.Act).ToLowerInvariant()
            );
        var done = string.Join(", ", acts.Prepend(GluePlan.Opens(adhesive.Is()).ToLowerInvariant()));
        var (open, handle) = (Spans.Say(adhesive.Working(20) * 60), Spans.Say(adhesive.HandleMinutes * 60));
        var full = Spans.Say(adhesive.FullMinutes * 60);
        var grams = Numbers.Say(AdhesiveKinds.Of(adhesive.Is()).Grams);
        return $"{done}; open {open}, handle {handle}, full {full}; {grams} g on 10 cm²";
    }

    private static StepPlace? Place(JobState state, AircraftDrawing drawing, IReadOnlyList<string> fits)
    {
        if (drawing.Parts.FirstOrDefault(p => fits.Contains(p.Id)) is not { } part)
        {
            return null;
        }

        var kinds = FindingGrades.PlacesOn(state.Sheet, part.Id);
        PlaceKind[] wanted = [PlaceKind.Linkage, PlaceKind.Hinge, PlaceKind.Joint, .. kinds];
        var kind = wanted.FirstOrDefault(kinds.Contains);
        FindingKind[] stuck = [FindingKind.Binding, FindingKind.Stiff, FindingKind.AssembledWrongly];
        return stuck
            .Where(k => FindingKinds.CanBe(kind, k))
            .Select(k => new StepPlace(part.Id, kind, k, part.At.Down, part.At.Across))
            .FirstOrDefault();
    }
}
