using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Drawing;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Archetypes;
using Zygotome.Core.Sheets.Editing;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Core.Sheets.Table;
using Zygotome.Server.Stages;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>Where sheets are typed: begins a draft, changes it, answers what is doubted, and puts it on file.</summary>
internal sealed partial class DraftDesk(
    DraftStore drafts,
    SheetStore sheets,
    SheetFiling filing,
    TimeProvider clock,
    ILogger<DraftDesk> log
)
{
    public Results<Ok<DraftView>, ProblemHttpResult> View(string id) =>
        drafts.Find(id) is { } draft ? TypedResults.Ok(View(draft)) : Problems.NotFound($"draft {id}");

    public Results<Ok<DraftView>, ProblemHttpResult> Begin(ArchetypePost post, Person by)
    {
        var request = new ArchetypeRequest(
            Class: post.Class,
            Name: post.Name,
            Maker: post.Maker,
            Span: post.Span.Value,
            Length: post.Length.Value,
            EmptyWeight: post.EmptyWeight.Value,
            Material: post.Material,
            Fitted: [.. post.Fitted]
        );
        if (!ArchetypeSheet.Begin(request).Try(out var file, out var refusal))
        {
            return Problems.Of(refusal);
        }

        // What was typed stands as it was typed.
        SheetEdit[] typed =
        [
            new($"$.{KitFields.Span.Name}", EditAct.Set, post.Span.Text),
            new($"$.{KitFields.Length.Name}", EditAct.Set, post.Length.Text),
            new($"$.{BalanceFields.EmptyMass.Name}", EditAct.Set, post.EmptyWeight.Text),
        ];
        return SheetEdits.Apply(file, typed).Try(out var begun, out refusal)
            ? TypedResults.Ok(AddNew(begun, by))
            : Problems.Of(refusal);
    }

    /// <summary>A kit much like one on file: all of that one's numbers, none of them its maker's.</summary>
    public Results<Ok<DraftView>, ProblemHttpResult> BeginLike(AnotherKitPost post, Person by) =>
        sheets.Bytes(post.Id, post.Revision) is not { } bytes
            ? Problems.NotFound($"sheet {post.Id} revision {post.Revision}")
        : AnotherKit.Begin(SheetFile.Parse(bytes), post.Name, post.Maker).Try(out var file, out var refusal)
            ? TypedResults.Ok(AddNew(file, by))
        : Problems.Of(refusal);

    // The same name again is another kit until somebody says otherwise.
    private DraftView AddNew(JsonObject file, Person by)
    {
        var kit = file["kit"]!.AsObject();
        var id = kit["id"]!.ToString();
        for (var n = 2; sheets.Revisions(kit["id"]!.ToString()).Count > 0; n++)
        {
            kit["id"] = $"{id}-{n}";
        }

        return Add(file, by);
    }

    public Results<Ok<DraftView>, ProblemHttpResult> Revise(RevisionPost post, Person by)
    {
        if (
            sheets.Find(post.Id, post.Revision) is not { } sheet
            || sheets.Bytes(post.Id, post.Revision) is not { } bytes
        )
        {
            return Problems.NotFound($"sheet {post.Id} revision {post.Revision}");
        }

        var file = SheetFile.Parse(bytes);
        file["kit"]!["revision"] = sheets.Revisions(post.Id)[0].Revision + 1;
        return TypedResults.Ok(Add(file, by, sheet.Hash));
    }

    private DraftView Add(JsonObject file, Person by, string? answersOf = null)
    {
        if (!file.ContainsKey("$schema"))
        {
            file.Insert(0, "$schema", "urn:zygotome:spec-sheet-1");
        }

        var draft = new SheetDraft(
            Id: Guid.NewGuid().ToString("N"),
            Name: SheetFile.Name(file),
            Version: 1,
            Bytes: SheetFile.Bytes(file),
            ByName: by.Name,
            ChangedAt: Now(),
            Writer: by.Id
        );
        drafts.Add(draft);
        foreach (var answer in answersOf is null ? [] : drafts.Answers(answersOf))
        {
            drafts.Answer(DraftStore.KeyOf(draft.Id), answer);
        }

        return View(draft);
    }

    /// <summary>Changes the draft that was looked at; refused when somebody else changed it meanwhile.</summary>
    public Results<Ok<DraftChange>, ProblemHttpResult> Change(
        string id,
        long version,
        string by,
        Func<JsonObject, Outcome<JsonObject>> change
    ) =>
        drafts.Find(id) is { } draft
            ? Changed(draft, version, by, change)
                .Match<Results<Ok<DraftChange>, ProblemHttpResult>>(
                    d => TypedResults.Ok(DraftChange.Between(View(draft), View(d))),
                    r => Refused(r)
                )
            : Problems.NotFound($"draft {id}");

    /// <summary>
    /// Answers a doubt; a correction puts what was typed, or else the likely reading, in the doubted number's place.
    /// </summary>
    public Results<Ok<DraftChange>, ProblemHttpResult> Answer(string id, AnswerPost post, string by)
    {
        if (drafts.Find(id) is not { } draft)
        {
            return Problems.NotFound($"draft {id}");
        }

        var before = View(draft);
        if (Flags(Rough(Read(draft))).FirstOrDefault(f => f.Id == post.Flag) is not { } flag)
        {
            return Problems.Of(422, "sheet/flag", "That number is no longer doubted.", "flag");
        }

        if (Texts.Fits(post.Note, "note") is { } unfit)
        {
            return Problems.Of(unfit);
        }

        var note = $"{flag.Path} {post.Note}";
        if (post.Answer == FlagAnswer.Corrected)
        {
            var text = post.Text.Length > 0 ? post.Text : flag.Suggestion;
            if (text.Length == 0)
            {
                return Problems.Of(422, "sheet/correction", "Type the right number in its field.", "text");
            }

            if (
                !Changed(
                        draft,
                        post.Version,
                        by,
                        file => SheetEdits.Apply(file, [new SheetEdit(flag.Path, EditAct.Set, text)])
                    )
                    .Try(out draft, out var refusal)
            )
            {
                return Refused(refusal);
            }

            note = $"{flag.Path}: {text} {post.Note}";
        }

        drafts.Answer(
            DraftStore.KeyOf(id),
            new FlagAnswered(flag.Id, post.Answer.ToString(), note.TrimEnd(), by, Now())
        );
        return TypedResults.Ok(DraftChange.Between(before, View(draft)));
    }

    /// <summary>
    /// Puts a draft without mistakes on file, its answers with it. What somebody typed meanwhile stays a draft.
    /// </summary>
    public Results<Ok<SheetCard>, ProblemHttpResult> FileIt(string id)
    {
        if (drafts.Find(id) is not { } draft)
        {
            return Problems.NotFound($"draft {id}");
        }

        if (!filing.Try(draft.Bytes, "This draft", out var card, out var refused))
        {
            return refused;
        }

        drafts.Filed(draft, card.Hash);
        return TypedResults.Ok(card);
    }

    /// <summary>The drafts, and for a day those taken away.</summary>
    public DraftsView List(Person by, Readable readable)
    {
        var listing = readable.Each(drafts.List(), d => d.Name, d => DraftCard.Of(d, May(by, d)));
        return new DraftsView(
            [.. listing.Made.Where(d => d.RemovedBy is null)],
            [.. listing.Made.Where(d => d.RemovedBy is not null)],
            listing.Unreadable
        );
    }

    /// <summary>Takes a draft away, for whoever began it and for a lead.</summary>
    public Results<NoContent, ProblemHttpResult> Remove(string id, Person by) =>
        Theirs(id, by) is { } refused ? refused
        : drafts.Remove(id, by.Name, clock.GetUtcNow()) ? TypedResults.NoContent()
        : Problems.NotFound($"draft {id}");

    /// <summary>Brings back what was taken away less than a day ago, for the same people.</summary>
    public Results<NoContent, ProblemHttpResult> Restore(string id, Person by) =>
        Theirs(id, by) is { } refused ? refused
        : drafts.Restore(id) ? TypedResults.NoContent()
        : Problems.NotFound($"draft {id} that was taken away");

    private ProblemHttpResult? Theirs(string id, Person by) =>
        drafts.FindAny(id) is not { } draft ? Problems.NotFound($"draft {id}")
        : May(by, draft) ? null
        : Problems.Of(
            StatusCodes.Status403Forbidden,
            "draft/writer",
            $"{draft.Name} is its writer's or a lead's to take away.",
            "id"
        );

    private static bool May(Person by, SheetDraft draft) => draft.Writer == by.Id || Rights.Leads(by);

    private Outcome<SheetDraft> Changed(
        SheetDraft draft,
        long version,
        string by,
        Func<JsonObject, Outcome<JsonObject>> change
    ) =>
        change(SheetFile.Parse(draft.Bytes)).Try(out var file, out var refusal)
            ? drafts.Change(
                draft with
                {
                    Name = SheetFile.Name(file),
                    Bytes = SheetFile.Bytes(file),
                    ByName = by,
                    ChangedAt = Now(),
                },
                version
            )
            : refusal;

    private static ProblemHttpResult Refused(Refusal refusal) =>
        Problems.Of(refusal, refusal.Code == DraftStore.Overtaken ? 409 : 422);

    private DraftView View(SheetDraft draft)
    {
        var reading = Read(draft);
        var rough = Rough(reading);
        var flags = Flags(rough);
        var answers = drafts.Answers(DraftStore.KeyOf(draft.Id));
        var file = SheetFile.Parse(draft.Bytes);
        var sections = SheetForm.Of(file, reading.Errors, flags, answers.Select(a => a.Flag).ToHashSet());
        var drawable = rough is { Geometry.Lifting.Length: > 0 } or { Geometry.Bodies.Length: > 0 };
        return new DraftView(
            Id: draft.Id,
            Name: draft.Name,
            Version: draft.Version,
            By: draft.ByName,
            ChangedAt: draft.ChangedAt,
            Sections: sections,
            Mistakes: reading.Errors,
            Answers: [.. answers.Select(AnswerView.Of)],
            Drawing: drawable ? DrawingView.Of(Drawings.Plan(rough!)) : null,
            Dimensions: drawable
                ?
                [
                    .. DimensionLines
                        .Of(rough!)
                        .Select(d => new DimensionView(
                            FromAcross: d.From.Across,
                            FromDown: d.From.Down,
                            ToAcross: d.To.Across,
                            ToDown: d.To.Down,
                            Text: d.Text,
                            Path: d.Path,
                            Page: SheetTable.PageOf(d.Path)?.Key ?? ""
                        )),
                ]
                : [],
            Names: rough is null
                ? []
                :
                [
                    .. Reference.All.Select(r => new NamesView(
                        r.Key,
                        [.. r.Of(rough).Where(n => n.Length > 0).Distinct()]
                    )),
                ],
            Assumed: sections.Sum(s => s.Assumed),
            Doubts: sections.Sum(s => s.Doubts),
            NextRevision: sheets.Revisions(file["kit"]?["id"]?.ToString() ?? "") is [var latest, ..]
                ? $"after revision {latest.Revision}"
                : "the first revision"
        );
    }

    // By the door it will go through, so that what stops it is said while it is typed.
    // A rule that fails on it stops its filing, not its typing.
    private SheetReading Read(SheetDraft draft)
    {
        try
        {
            return SheetDoor.AtImport(draft.Bytes, sheets.LastRevision);
        }
        catch (Exception e) when (e is not System.Data.Common.DbException)
        {
            NotRead(draft.Id, e);
            return new SheetReading(null, [new SheetError("$", "A rule of this program fails on it.")]);
        }
    }

    [LoggerMessage(LogLevel.Error, "A rule failed on draft {Draft}.")]
    private partial void NotRead(string draft, Exception e);

    private static SpecSheet? Rough(SheetReading reading) => reading.Rough is { } read ? Drawable.Part(read) : null;

    private static IReadOnlyList<Flag> Flags(SpecSheet? rough) => rough is null ? [] : Plausible.Of(rough);

    private string Now() => Instants.Write(clock.GetUtcNow());
}
