using System.Security.Cryptography;
using System.Text;
using Zygotome.Core;
using Zygotome.Core.Journal;
using Zygotome.Server.Shop;

namespace Zygotome.Server.Door;

/// <summary>Makes the shop and its first lead.</summary>
/// <param name="Code">From the console of the machine that serves.</param>
/// <param name="TimeZone">An IANA name; days and hours on paper are this zone's.</param>
public sealed record FirstStartPost(string Code, string Shop, string TimeZone, string Name, string Pin);

/// <summary>
/// A shop with nobody in it answers nothing but its first start: whoever reads the code on the console of this machine
/// makes the shop and becomes its lead. The code is new with each start of the server and gone once it was used.
/// </summary>
internal sealed class FirstStart(People people, ShopSettings settings, TimeProvider clock)
{
    // No letters that are read for others.
    private const string Letters = "ABCDEFGHJKMNPQRSTVWXYZ23456789";
    private readonly Lock _one = new();
    private readonly PinGuard _guard = new(clock);
    private string? _code;

    public bool Waits => people.Here.Count == 0;

    /// <summary>To be printed on the console; null once somebody works here.</summary>
    public string? Code
    {
        get
        {
            lock (_one)
            {
                return Waits ? _code ??= NewCode() : null;
            }
        }
    }

    public Outcome<Person> Found(FirstStartPost post)
    {
        lock (_one)
        {
            if (Code is not { } code)
            {
                return new Refusal("first-start/done", "This shop has been set up already; sign in.", "");
            }

            if (Refused(post) is { } unfit)
            {
                return unfit;
            }

            if (_guard.Try("first start", "console") is { } wait)
            {
                return new Refusal(
                    PinDesk.Wait,
                    $"Too many wrong codes; wait {Math.Ceiling(wait.TotalSeconds)} s.",
                    "code"
                );
            }

            if (!Same(code, post.Code))
            {
                return new Refusal(
                    "first-start/code",
                    "That is not the code on the console of the machine that serves this page.",
                    "code"
                );
            }

            settings.Begin(post.Shop.Trim(), post.TimeZone);
            return people.Add(post.Name, Role.Lead, post.Pin);
        }
    }

    /// <summary>Until somebody works here nothing else is answered.</summary>
    public Task Gate(HttpContext context, RequestDelegate next) =>
        Waits && IsInside(context.Request)
            ? Problems
                .Of(
                    StatusCodes.Status503ServiceUnavailable,
                    "first-start/waits",
                    "This shop has not been set up yet: open its first page with the code on its console."
                )
                .ExecuteAsync(context)
            : next(context);

    private static bool IsInside(HttpRequest request) =>
        (
            request.Path.StartsWithSegments("/api")
            || request.Path.StartsWithSegments("/openapi")
            || request.Path.StartsWithSegments(LiveHub.Path)
        )
        && !(request.Path == "/api/first-start" && HttpMethods.IsPost(request.Method))
        && !(request.Path == "/api/sign-in" && HttpMethods.IsGet(request.Method));

    private static Refusal? Refused(FirstStartPost post) =>
        Texts.Reason(post.Shop, "shop", "The shop has a name; it stands on every record.")
        ?? Texts.Fits(post.Shop, "shop", 80)
        ?? (
            TimeZoneInfo.TryFindSystemTimeZoneById(post.TimeZone, out _)
                ? null
                : new Refusal("first-start/zone", $"No time zone is called \"{post.TimeZone}\" here.", "timeZone")
        )
        ?? Texts.Reason(post.Name, "name", "You have a name; it stands beside what you record.")
        ?? Texts.Fits(post.Name, "name", 60)
        ?? Pins.Refused(post.Pin, "pin");

    private static bool Same(string code, string typed) =>
        CryptographicOperations.FixedTimeEquals(
            Encoding.UTF8.GetBytes(code),
            Encoding.UTF8.GetBytes(typed.Trim().ToUpperInvariant())
        );

    private static string NewCode() =>
        $"{RandomNumberGenerator.GetString(Letters, 4)}-{RandomNumberGenerator.GetString(Letters, 4)}";
}
