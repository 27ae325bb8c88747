using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Journal;
using Zygotome.Server.Door;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>
/// What a manual has wrong or leaves out, with the job it was met on and the answer, when a lead gave one.
/// </summary>
/// <param name="Answered">By which revision; null while it stands, and where the manual is right.</param>
/// <param name="How">What the lead said; empty while it stands.</param>
public sealed record ErratumView(
    string Id,
    string Job,
    int Revision,
    string Step,
    string Title,
    string Page,
    string Says,
    string IsSo,
    string Reason,
    string Finding,
    string Photo,
    string By,
    DateTimeOffset At,
    int? Answered,
    string How,
    string AnsweredBy
)
{
    internal static ErratumView Of(KitErratum e) =>
        new(
            Id: e.Of.Id,
            Job: e.Job,
            Revision: e.Of.Revision,
            Step: e.Of.Step,
            Title: e.Of.Title,
            Page: e.Of.Page,
            Says: e.Of.Says,
            IsSo: e.Of.IsSo,
            Reason: e.Of.Reason,
            Finding: e.Of.Finding,
            Photo: e.Of.Photo,
            By: e.Of.By.Name,
            At: e.Of.At,
            Answered: e.Answer?.Revision,
            How: e.Answer?.How ?? "",
            AnsweredBy: e.Answer?.By ?? ""
        );
}

/// <summary>A lead's answer to an erratum.</summary>
/// <param name="Revision">The revision that says it right; null where the manual is right.</param>
public sealed record ErratumAnswerPost(int? Revision, string How);

internal static class ErrataEndpoints
{
    public static void MapErrata(this IEndpointRouteBuilder app)
    {
        app.MapGet(
            "/api/sheets/{id}/errata",
            (string id, ErratumStore errata) => (IReadOnlyList<ErratumView>)[.. errata.Of(id).Select(ErratumView.Of)]
        );
        app.MapPost("/api/errata/{id}/answer", Answer).For(Posters.Lead);
    }

    private static Results<Ok<ErratumView>, ProblemHttpResult> Answer(
        string id,
        ErratumAnswerPost post,
        ClaimsPrincipal user,
        ErratumStore errata,
        SheetStore sheets,
        TimeProvider clock
    )
    {
        if (errata.Find(id) is not { } found)
        {
            return Problems.NotFound($"erratum {id}");
        }

        if (Texts.Reason(post.How, "how", "Say what was done about it.") is { } missing)
        {
            return Problems.Of(missing);
        }

        // What the job was built to is what has it wrong.
        if (
            post.Revision is { } revision
            && (revision <= found.Of.Revision || sheets.Find(found.Kit, revision) is null)
        )
        {
            return Problems.Of(
                422,
                "errata/revision",
                $"Revision {revision} cannot answer it: name one on file that is later than revision "
                    + $"{found.Of.Revision}, where it was met.",
                "revision"
            );
        }

        var answer = errata.Answer(id, post.Revision, post.How.Trim(), user.Person(), clock.GetUtcNow());
        return TypedResults.Ok(ErratumView.Of(found with { Answer = answer }));
    }
}
