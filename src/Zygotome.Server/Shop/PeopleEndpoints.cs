using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Journal;
using Zygotome.Server.Door;

namespace Zygotome.Server.Shop;

public sealed record PersonAdd(string Name, Role Role, string Pin);

public sealed record PersonPut(string Name, Role Role);

public sealed record PinPut(string Pin);

/// <summary>
/// Who works here: added, changed, given PINs and removed by a lead. What is changed ends that person's sign-ins.
/// </summary>
internal static class PeopleEndpoints
{
    public static void MapPeople(this IEndpointRouteBuilder app)
    {
        var people = app.MapGroup("/api/shop/people").For(Posters.Lead);
        people.MapGet("", (People all) => all.Here);
        people.MapPost("", (PersonAdd add, People all) => Answer(all.Add(add.Name, add.Role, add.Pin)));
        people.MapPut("/{id}", (string id, PersonPut put, People all) => Answer(all.Change(id, put.Name, put.Role)));
        people.MapPut("/{id}/pin", (string id, PinPut put, People all) => Answer(all.GivePin(id, put.Pin)));
        people.MapDelete("/{id}", (string id, People all) => Answer(all.Remove(id)));
    }

    private static Results<Ok<Person>, ProblemHttpResult> Answer(Outcome<Person> outcome) =>
        outcome.Match<Results<Ok<Person>, ProblemHttpResult>>(p => TypedResults.Ok(p), r => Refused(r));

    private static Results<NoContent, ProblemHttpResult> Answer(Refusal? refusal) =>
        refusal is null ? TypedResults.NoContent() : Refused(refusal);

    private static ProblemHttpResult Refused(Refusal refusal) =>
        Problems.Of(
            refusal,
            refusal.Code == "people/not-found"
                ? StatusCodes.Status404NotFound
                : StatusCodes.Status422UnprocessableEntity
        );
}
