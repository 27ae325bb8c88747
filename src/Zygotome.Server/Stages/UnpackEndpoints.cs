using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Jobs;
using Zygotome.Core.Quantities;
using Zygotome.Core.Unpack;

namespace Zygotome.Server.Stages;

public sealed record PartCountView(string Id, string Name, int Listed, int Present, int Wrong, CountStanding Standing, int Short, IReadOnlyList<string> BlocksSteps);

public sealed record BagView(string Bag, bool Counted, IReadOnlyList<PartCountView> Parts);

public sealed record PaperView(string Paper, bool Found);

public sealed record FindingView(
    string Id, string Tag, string Place, string PlaceName, PlaceKind PlaceKind, FindingKind Kind, double Size, string Note, Grade Grade, string GradeWords, string Rule, string RuleText,
    Disposition? Disposition, string RepairedHow, string RepairedBy, DateTimeOffset? HandleAt, string ReinspectedBy, bool Cleared, string Standing);

/// <param name="MinutesPossible">Hands-on minutes that can still be worked without what is missing.</param>
public sealed record UnpackView(IReadOnlyList<PaperView> Papers, IReadOnlyList<BagView> Bags, IReadOnlyList<string> Extra, IReadOnlyList<FindingView> Findings, double MinutesPossible, double MinutesAll);

/// <summary>Where something was tapped, and what is wrong there.</summary>
public sealed record GradePost(PlaceKind PlaceKind, FindingKind Kind, Quantity Size);

public sealed record GradeView(Grade Grade, string GradeWords, string Rule, string Text);

/// <summary>What a part of the drawing can have wrong with it.</summary>
public sealed record PlacesView(IReadOnlyList<PlaceKind> PlaceKinds, IReadOnlyList<FindingKind> Kinds);

internal static class UnpackEndpoints
{
    public static void MapUnpack(this IEndpointRouteBuilder app)
    {
        app.MapGet("/api/jobs/{id}/unpack", (string id, JobDesk desk) => desk.View(id, View));
        app.MapGet("/api/jobs/{id}/unpack/places/{part}", (string id, string part, JobDesk desk) => desk.View(id, (state, _) => new PlacesView(FindingGrades.PlacesOn(state.Sheet, part), Enum.GetValues<FindingKind>())));
        app.MapPost("/api/unpack/grade", Results<Ok<GradeView>, ProblemHttpResult> (GradePost post) =>
        {
            if (post.Size.Dimension is not (Dimension.Length or Dimension.None) || post.Size.Nominal < 0)
            {
                return Problems.Of(422, "unpack/size", $"\"{post.Size.Text}\" is not a size in mm.", "size");
            }

            var grading = FindingGrades.Of(post.PlaceKind, post.Kind, (double)post.Size.Nominal);
            return TypedResults.Ok(new GradeView(grading.Grade, FindingWords.Grade(grading.Grade), grading.Rule, grading.Text));
        });
    }

    private static UnpackView View(JobState state, IReadOnlyList<LedgerLine> ledger) => new(
        [.. UnpackEntries.Papers.Select(p => new PaperView(p, state.Unpack.Papers.ContainsKey(p)))],
        [.. state.Sheet.Parts.GroupBy(p => p.Bag).OrderBy(g => g.Key, StringComparer.Ordinal).Select(g => new BagView(
            g.Key, state.Unpack.CountedBags.ContainsKey(g.Key), [.. g.Select(p => Counting.Of(state.Sheet, state.Unpack, p)).Select(c => new PartCountView(c.Part.Id, c.Part.Name, c.Part.Quantity, c.Present, c.WrongOnes, c.Standing, c.Short, c.BlocksSteps))]))],
        [.. state.Unpack.Extra.Select(e => $"{e.Quantity} × {e.Name}")],
        [.. state.Unpack.Findings.Select(f => Of(f, ledger.FirstOrDefault(l => l.Id == $"finding/{f.Id}")))],
        Counting.MinutesPossible(state.Sheet, state.Unpack),
        state.Sheet.Steps.Sum(s => s.HandsOn));

    private static FindingView Of(Finding f, LedgerLine? line) => new(
        f.Id, f.Tag, f.Place, f.Place.Replace('-', ' '), f.PlaceKind, f.Kind, f.Size, f.Note, f.Grading.Grade, FindingWords.Grade(f.Grading.Grade), f.Grading.Rule, f.Grading.Text,
        f.Disposition, f.Repair?.How ?? "", f.Repair?.By.Name ?? "", f.Repair?.HandleAt, f.ReinspectedBy?.Name ?? "", f.Cleared, line?.Why ?? "");
}
