using System.Security.Claims;
using System.Text.Encodings.Web;
using Microsoft.AspNetCore.Authentication;
using Microsoft.Extensions.Options;
using Zygotome.Core.Journal;

namespace Zygotome.Server.Door;

/// <summary>
/// Knows who a request is from by the token in its cookie; everything else about them is asked of the shop.
/// </summary>
internal sealed class SessionHandler(
    IOptionsMonitor<AuthenticationSchemeOptions> options,
    ILoggerFactory logger,
    UrlEncoder encoder,
    Sessions sessions
) : AuthenticationHandler<AuthenticationSchemeOptions>(options, logger, encoder)
{
    public const string SchemeName = "session",
        SessionClaim = "session";
    private const string AloneClaim = "alone";

    protected override Task<AuthenticateResult> HandleAuthenticateAsync() =>
        Task.FromResult(
            Cookies.Session(Request) is not { } token ? AuthenticateResult.NoResult()
            : sessions.Find(token) is not var (session, person) ? AuthenticateResult.Fail("This sign-in has ended.")
            : AuthenticateResult.Success(new AuthenticationTicket(Principal(person, session.Key), Scheme.Name))
        );

    private ClaimsPrincipal Principal(Person person, string key) =>
        new(
            new ClaimsIdentity(
                [
                    new(ClaimTypes.NameIdentifier, person.Id),
                    new(ClaimTypes.Name, person.Name),
                    new(ClaimTypes.Role, person.Role.ToString()),
                    new(AloneClaim, person.Alone ? bool.TrueString : bool.FalseString),
                    new(SessionClaim, key),
                ],
                Scheme.Name
            )
        );

    /// <summary>The signed-in person, as it goes into entries.</summary>
    public static Person PersonOf(ClaimsPrincipal user) =>
        new(
            user.FindFirstValue(ClaimTypes.NameIdentifier)!,
            user.FindFirstValue(ClaimTypes.Name)!,
            Enum.Parse<Role>(user.FindFirstValue(ClaimTypes.Role)!)
        )
        {
            Alone = user.FindFirstValue(AloneClaim) == bool.TrueString,
        };
}
