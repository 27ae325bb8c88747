using System.Security.Claims;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Journal;
using Zygotome.Server.Shop;
using Zygotome.Store;

namespace Zygotome.Server.Door;

/// <summary>Who can sign in; the demo's PIN only when the demo data is loaded.</summary>
/// <param name="FirstStart">The shop has nobody yet: its first lead is made with the code on the console.</param>
public sealed record SignInView(string Shop, IReadOnlyList<Person> People, string? DemoPin, bool FirstStart);

public sealed record SignInRequest(string Person, string Pin);

/// <summary>Name tile and PIN. Everything else needs it.</summary>
internal static class SignIn
{
    public static void AddSignIn(this IServiceCollection services)
    {
        services
            .AddAuthentication(SessionHandler.SchemeName)
            .AddScheme<AuthenticationSchemeOptions, SessionHandler>(SessionHandler.SchemeName, null);
        services
            .AddAuthorizationBuilder()
            .SetFallbackPolicy(new AuthorizationPolicyBuilder().RequireAuthenticatedUser().Build());
        services
            .AddSingleton<PeopleStore>()
            .AddSingleton(of => new Pins(of.GetRequiredService<ServerOptions>().PinRounds))
            .AddSingleton<People>()
            .AddSingleton<Sessions>()
            .AddSingleton<PinGuard>()
            .AddSingleton<PinDesk>()
            .AddSingleton<FirstStart>();
    }

    /// <summary>The signed-in person, as it goes into entries.</summary>
    public static Person Person(this ClaimsPrincipal user) => SessionHandler.PersonOf(user);

    public static void MapSignIn(this IEndpointRouteBuilder app)
    {
        app.MapGet(
                "/api/sign-in",
                (People people, ShopSettings settings, FirstStart first) =>
                    first.Waits
                        ? new SignInView("", [], null, true)
                        : new SignInView(settings.Current.Shop, people.Here, settings.DemoPin, false)
            )
            .AllowAnonymous();
        app.MapPost("/api/sign-in", In).AllowAnonymous();
        app.MapPost(
            "/api/sign-out",
            (HttpContext http, Sessions sessions) =>
            {
                if (Cookies.Session(http.Request) is { } token)
                {
                    sessions.End(token);
                }

                Cookies.DropSession(http);
                return TypedResults.NoContent();
            }
        );
        app.MapGet("/api/me", (ClaimsPrincipal user) => user.Person());
    }

    private static async Task<Results<Ok<Person>, ProblemHttpResult>> In(
        SignInRequest request,
        PinDesk desk,
        HttpContext http
    ) =>
        (await desk.Ask(request.Person, request.Pin, Cookies.Device(http.Request))).Match<
            Results<Ok<Person>, ProblemHttpResult>
        >(
            signedIn =>
            {
                desk.Begin(signedIn, http);
                return TypedResults.Ok(signedIn);
            },
            refusal =>
                Problems.Of(
                    refusal,
                    refusal.Code == PinDesk.Wait
                        ? StatusCodes.Status429TooManyRequests
                        : StatusCodes.Status401Unauthorized
                )
        );
}
