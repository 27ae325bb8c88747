using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Drawing;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

internal static class UnpackEndpoints
{
    public static void MapUnpack(this IEndpointRouteBuilder app)
    {
        app.MapGet(
            "/api/jobs/{id}/unpack",
            Results<Ok<UnpackView>, ProblemHttpResult> (string id, JobDesk desk, MemoryStore memory) =>
                desk.Find(id) is { } job ? TypedResults.Ok(View(job, desk, memory)) : Problems.NotFound($"job {id}")
        );
        app.MapGet(
            "/api/jobs/{id}/drawing/{side}",
            Results<Ok<DrawingView>, ProblemHttpResult> (string id, string side, JobDesk desk) =>
                !Enum.TryParse<DrawingSide>(side, true, out var turned) || !Enum.IsDefined(turned)
                    ? Problems.NotFound($"side {side}")
                : desk.Find(id) is { } job
                    ? TypedResults.Ok(
                        DrawingView.Of(Drawings.Of(job.State.Sheet, turned), job.State, desk.Ledger(job.State))
                    )
                : Problems.NotFound($"job {id}")
        );
        app.MapGet(
            "/api/jobs/{id}/unpack/places/{part}",
            (string id, string part, JobDesk desk) =>
                desk.View(
                    id,
                    (state, _) =>
                        new PlacesView([
                            .. FindingGrades
                                .PlacesOn(state.Sheet, part)
                                .Select(p => new PlaceView(
                                    p,
                                    [.. FindingKinds.At(p).Select(k => new KindView(k, FindingKinds.HasSize(k)))]
                                )),
                        ])
                )
        );
        app.MapPost(
            "/api/unpack/grade",
            Results<Ok<GradeView>, ProblemHttpResult> (GradePost post) =>
            {
                if (FindingGrades.Wrong(post.Size, "size") is { } wrong)
                {
                    return Problems.Of(wrong);
                }

                var grading = FindingGrades.Of(post.PlaceKind, post.Kind, post.Size.Value);
                return TypedResults.Ok(
                    new GradeView(grading.Grade, FindingWords.Grade(grading.Grade), grading.Rule, grading.Text)
                );
            }
        );
        app.MapPost("/api/jobs/{id}/unpack/substitute", Judge);
        app.MapGet(
            "/api/jobs/{id}/unpack/fasteners",
            (string id, JobDesk desk) =>
                desk.View<IReadOnlyList<OutlineView>>(
                    id,
                    (state, _) =>
                        [
                            .. state
                                .Sheet.Parts.Where(p => p.Fastener is not null)
                                .OrderBy(p => p.Fastener!.Diameter)
                                .ThenBy(p => p.Fastener!.Length)
                                .Select(p => Outline(p.Name, p.Fastener!.Diameter, p.Fastener.Length)),
                        ]
                )
        );
        app.MapGet(
            "/api/jobs/{id}/claims/{number:int}.pdf",
            Results<FileContentHttpResult, ProblemHttpResult> (string id, int number, JobDesk desk, BlobStore blobs) =>
                desk.Find(id)?.State.Unpack.Claims.FirstOrDefault(c => c.Number == number) is { } claim
                && blobs.Find(claim.LetterHash) is { } blob
                    ? TypedResults.File(blob.Bytes, blob.MediaType, $"{id}-claim-{number}.pdf")
                    : Problems.NotFound($"claim {number} of job {id}")
        );
        app.MapGet(
            "/api/jobs/{id}/claims/{number:int}.eml",
            Results<FileContentHttpResult, ProblemHttpResult> (string id, int number, JobDesk desk, BlobStore blobs) =>
                desk.Find(id)?.State.Unpack.Claims.FirstOrDefault(c => c.Number == number) is { } claim
                && blobs.Find(claim.MailHash) is { } blob
                    ? TypedResults.File(blob.Bytes, blob.MediaType, $"{id}-claim-{number}.eml")
                    : Problems.NotFound($"claim {number} of job {id}")
        );
    }

    private static Results<Ok<JudgedView>, ProblemHttpResult> Judge(string id, SubstitutePost post, JobDesk desk)
    {
        if (desk.Find(id) is not { } job)
        {
            return Problems.NotFound($"job {id}");
        }

        var sheet = job.State.Sheet;
        var inHand = new SubstituteAccepted(
            Part: post.Part,
            Quantity: 1,
            Diameter: post.Diameter,
            Length: post.Length,
            Stack: post.Stack,
            Depth: post.Depth
        );
        if (!inHand.Judge(sheet).Try(out var verdict, out var refusal))
        {
            return Problems.Of(refusal);
        }

        var part = sheet.Part(post.Part)!;
        var (listed, measured) = (part.Fastener!, inHand.Measured(sheet)!);
        return TypedResults.Ok(
            new JudgedView(
                Fits: verdict.Fits,
                Why: verdict.Why,
                Least: verdict.Least,
                Most: verdict.Most,
                Misprint: Fasteners.IsMisprint(measured),
                NeedsMeasuring: listed.Stack is null || listed.Depth is null,
                Listed: Outline(
                    $"listed, {Numbers.Say(listed.Diameter)} × {Numbers.Say(listed.Length)}",
                    listed.Diameter,
                    listed.Length
                ),
                InHand: Outline(
                    $"in hand, {Numbers.Say(post.Diameter.Value)} × " + $"{Numbers.Say(post.Length.Value)}",
                    post.Diameter.Value,
                    post.Length.Value
                )
            )
        );
    }

    private static OutlineView Outline(string name, double diameter, double length) =>
        FastenerOutline.Of(diameter, length) is var o
            ? new OutlineView(name, o.Path, Math.Round(o.Width, 2), Math.Round(o.Height, 2))
            : null;

    private static UnpackView View(JobSnapshot job, JobDesk desk, MemoryStore memory)
    {
        var state = job.State;
        var ledger = desk.Ledger(state);
        var (possible, all) = Counting.Minutes(state);
        return new UnpackView(
            Papers:
            [
                .. UnpackEntries.Papers.Select(p => new PaperView(
                    p,
                    state.Unpack.Papers.ContainsKey(p),
                    state.Unpack.PaperSources.GetValueOrDefault(p, ""),
                    OnIt(p),
                    [
                        .. state
                            .Unpack.PaperPhotos.GetValueOrDefault(p, [])
                            .Select(photo => new PhotoMark(photo.Hash, photo.Note)),
                    ]
                )),
            ],
            Bags:
            [
                .. state
                    .Sheet.Parts.GroupBy(p => p.Bag)
                    .OrderBy(g => g.Key, StringComparer.Ordinal)
                    .Select(g => new BagView(
                        g.Key,
                        state.Unpack.CountedBags.ContainsKey(g.Key),
                        [.. g.Select(p => Of(state, p))]
                    )),
            ],
            Extra: [.. state.Unpack.Extra.Select(e => $"{e.Quantity} × {e.Name}")],
            Findings:
            [
                .. state.Unpack.Findings.Select(f =>
                    Of(state, f, ledger.FirstOrDefault(l => l.Id == new FindingId(f.Id).Written), desk)
                ),
            ],
            MinutesPossible: possible,
            MinutesAll: all,
            Walk: [.. InspectionRoute.Of(state.Sheet).Select(p => Of(state, p))],
            Substitutes:
            [
                .. state.Unpack.Substitutes.Select(s => new SubstituteView(
                    state.Sheet.Part(s.Part)?.Name ?? s.Part,
                    s.Quantity,
                    s.Size,
                    s.Why,
                    s.Evidence.By.Name
                )),
            ],
            TakenBefore: memory.Of<RememberedScrew>(MemoryTopic.Screw, state.Sheet.Kit.Id, state.JobId),
            Opened:
            [
                .. state
                    .Sheet.Geometry.Placed.Where(p => p.IsOpened)
                    .SelectMany(p => PlacedPart.Of(p))
                    .Select(p => new OpenedView(p.Part, p.Name)),
            ],
            Claims: ClaimDesk.View(state, desk.Today),
            LastCount: LastCount(job)
        );
    }

    private static string OnIt(string paper) =>
        paper switch
        {
            "throws" => "the throw table, in mm or degrees, with its rates",
            "balance" => "the balance range and where it is measured from",
            "parts list" => "parts by bag, with sizes",
            _ => "every sheet, from the cover to the last",
        };

    private static PartCountView Of(JobState state, PartSpec part) =>
        Counting.Of(state, part) is var c
            ? new PartCountView(
                Id: part.Id,
                Name: part.Name,
                Listed: part.Quantity,
                Present: c.Present,
                Wrong: c.WrongOnes,
                Standing: c.Standing,
                Short: c.Short,
                BlocksSteps: c.BlocksSteps,
                IsFastener: part.Fastener is not null,
                Misprint: part.Fastener is { } f && Fasteners.IsMisprint(f)
                    || state.Unpack.Substitutes.Any(s => s.Part == part.Id && s.Misprint)
            )
            : null;

    private static WalkPointView Of(JobState state, WalkPoint p)
    {
        var answered = state.Unpack.Walk.GetValueOrDefault(p.Id);
        return new WalkPointView(
            Id: p.Id,
            Title: p.Title,
            Part: p.Part,
            Kind: p.Kind,
            X: Math.Round(p.X),
            Y: Math.Round(p.Y),
            Across: p.Y,
            Down: p.X,
            Feel: p.Feel,
            Answer: answered?.Answer,
            By: answered?.Evidence.By.Name ?? "",
            FindingTag: answered is { Finding.Length: > 0 } ? state.Unpack.Find(answered.Finding)?.Tag ?? "" : "",
            MayBeLeftOff: InspectionRoute.MayBeLeftOff(state.Sheet, p)
        );
    }

    private static FindingView Of(JobState state, Finding f, LedgerLine? line, JobDesk desk) =>
        new(
            Id: f.Id,
            Tag: f.Tag,
            Place: f.Place,
            PlaceName: state.Sheet.Geometry.Called(f.Place),
            PlaceKind: f.PlaceKind,
            Kind: f.Kind,
            Size: f.Size,
            Note: f.Note,
            Grade: f.Grading.Grade,
            GradeWords: FindingWords.Grade(f.Grading.Grade),
            Rule: f.Grading.Rule,
            RuleText: f.Grading.Text,
            Disposition: f.Disposition,
            RepairedHow: f.Repair?.How ?? "",
            RepairedBy: f.Repair?.By.Name ?? "",
            HandleAt: f.Repair?.HandleAt,
            ReinspectedBy: f.ReinspectedBy?.Name ?? "",
            Cleared: f.Cleared,
            Standing: line?.Why ?? "",
            View: f.View,
            Origin: f.Origin.Origin,
            OriginWords: OriginWords.Of(f.Origin.Origin),
            OriginRule: f.Origin.Rule,
            OriginWhy: f.Origin.Why,
            Claimable: f.Origin.Claimable,
            Photos: [.. f.Photos.Select(p => new PhotoMark(p.Hash, p.Note))],
            WaysOut: f.Cleared || state.Released ? [] : RepairHelp.For(state, f, desk.Today),
            StepId: f.NeedsStep ? RepairSteps.IdOf(f) : ""
        )
        {
            What = UnpackWords.Sized(f.Kind, f.Size),
            Behind = state.Sheet.Geometry.Called(f.Behind),
            Dries = f.Dries,
            Wiggles = f.PlaceKind == PlaceKind.Lead,
            Harms = f is { NeedsStep: true, Repair: null }
                ? HarmView.Of(state, RepairSteps.Of(state.Built, f), desk.Adhesives)
                : [],
        };

    private static LastEntryView? LastCount(JobSnapshot job)
    {
        var retracted = job.State.Retracted.Select(r => r.EntryId).ToHashSet(StringComparer.Ordinal);
        return job.State.Released ? null
            : job.Journal.LastOrDefault(e =>
                e.Body is Counted or WrongCounted or CountSet or BagCounted or SubstituteAccepted
                && !retracted.Contains(e.EntryId)
            )
                is { } last
                ? LastEntryView.Of(job.State, last)
            : null;
    }
}
