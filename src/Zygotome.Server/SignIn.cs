using System.Collections.Concurrent;
using System.Security.Claims;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Jobs;
using Zygotome.Server.Shop;
using Zygotome.Store;

namespace Zygotome.Server;

/// <summary>Who can sign in; the demo's PIN only when the demo data is loaded.</summary>
public sealed record SignInView(string Shop, IReadOnlyList<Person> People, string? DemoPin);

public sealed record SignInRequest(string Person, string Pin);

/// <summary>Name tile and PIN, kept in a cookie. Everything else needs it.</summary>
internal static class SignIn
{
    public static void AddSignIn(this IServiceCollection services)
    {
        services
            .AddAuthentication(CookieAuthenticationDefaults.AuthenticationScheme)
            .AddCookie(o =>
            {
                o.Cookie.Name = "zygotome";
                o.Cookie.HttpOnly = true;
                o.Cookie.SameSite = SameSiteMode.Strict;
                o.ExpireTimeSpan = TimeSpan.FromHours(12);
                o.SlidingExpiration = true;
                o.Events.OnRedirectToLogin = c => Answer(c.HttpContext, StatusCodes.Status401Unauthorized);
                o.Events.OnRedirectToAccessDenied = c => Answer(c.HttpContext, StatusCodes.Status403Forbidden);
            });
        services
            .AddAuthorizationBuilder()
            .SetFallbackPolicy(new AuthorizationPolicyBuilder().RequireAuthenticatedUser().Build());
    }

    /// <summary>The signed-in person, as it goes into entries.</summary>
    public static Person Person(this ClaimsPrincipal user) =>
        new(
            user.FindFirstValue(ClaimTypes.NameIdentifier)!,
            user.FindFirstValue(ClaimTypes.Name)!,
            Enum.Parse<Role>(user.FindFirstValue(ClaimTypes.Role)!)
        );

    public static void MapSignIn(this IEndpointRouteBuilder app)
    {
        app.MapGet(
                "/api/sign-in",
                (ShopStore shop, ShopSettings settings) =>
                    new SignInView(settings.Current.Shop, shop.Staff(), settings.DemoPin)
            )
            .AllowAnonymous();
        app.MapPost("/api/sign-in", In).AllowAnonymous();
        app.MapPost(
            "/api/sign-out",
            async (HttpContext http) =>
            {
                await http.SignOutAsync();
                return TypedResults.NoContent();
            }
        );
        app.MapGet("/api/me", (ClaimsPrincipal user) => user.Person());
    }

    private static async Task<Results<Ok<Person>, ProblemHttpResult>> In(
        SignInRequest request,
        ShopStore shop,
        SignInGuard guard,
        HttpContext http
    )
    {
        if (guard.WaitFor(request.Person) is { } wait)
        {
            return Problems.Of(
                StatusCodes.Status429TooManyRequests,
                "sign-in/wait",
                $"Too many wrong PINs; wait {Math.Ceiling(wait.TotalSeconds)} s.",
                "pin"
            );
        }

        if (shop.SignIn(request.Person, request.Pin) is not { } person)
        {
            guard.Wrong(request.Person);
            return Problems.Of(StatusCodes.Status401Unauthorized, "sign-in/wrong", "That PIN is not right.", "pin");
        }

        guard.Right(request.Person);
        var identity = new ClaimsIdentity(
            [
                new(ClaimTypes.NameIdentifier, person.Id),
                new(ClaimTypes.Name, person.Name),
                new(ClaimTypes.Role, person.Role.ToString()),
            ],
            CookieAuthenticationDefaults.AuthenticationScheme
        );
        await http.SignInAsync(new ClaimsPrincipal(identity));
        return TypedResults.Ok(person);
    }

    private static Task Answer(HttpContext http, int status)
    {
        http.Response.StatusCode = status;
        return Task.CompletedTask;
    }
}

/// <summary>After five wrong PINs in a row a person waits half a minute.</summary>
internal sealed class SignInGuard(TimeProvider clock)
{
    private const int Tries = 5;
    private static readonly TimeSpan Pause = TimeSpan.FromSeconds(30);
    private readonly ConcurrentDictionary<string, (int Count, DateTimeOffset Last)> _wrong = new(
        StringComparer.Ordinal
    );

    public TimeSpan? WaitFor(string person) =>
        _wrong.TryGetValue(person, out var w)
        && w.Count >= Tries
        && w.Last + Pause - clock.GetUtcNow() is var left
        && left > TimeSpan.Zero
            ? left
            : null;

    public void Wrong(string person)
    {
        // Names nobody has are not kept: the table must not grow with what strangers type.
        if (person.Length <= 40 && _wrong.Count < 1000)
        {
            _wrong.AddOrUpdate(
                person,
                (1, clock.GetUtcNow()),
                (_, w) => (w.Count >= Tries ? 1 : w.Count + 1, clock.GetUtcNow())
            );
        }
    }

    public void Right(string person) => _wrong.TryRemove(person, out _);
}
