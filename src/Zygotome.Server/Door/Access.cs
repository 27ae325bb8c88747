using Zygotome.Core.Journal;

namespace Zygotome.Server.Door;

/// <summary>
/// Who an endpoint is for, as docs/security.md lists it. One that says nothing is for everybody who works here.
/// </summary>
/// <param name="But">What it asks beyond the role, where that depends on what is asked for.</param>
internal sealed record Access(Posters By, string But = "")
{
    private static readonly Access Anybody = new(Posters.Anybody);

    public static Access Of(Endpoint endpoint) => endpoint.Metadata.GetMetadata<Access>() ?? Anybody;

    /// <summary>Why somebody signed in was not let in.</summary>
    public static string Words(HttpContext context)
    {
        var person = context.User.Identity?.IsAuthenticated == true ? context.User.Person() : null;
        return context.GetEndpoint() is { } endpoint && person is not null
            ? $"This is for {Of(endpoint).By.Words()}; {person.Name} is signed in as {Rights.RoleWords(person.Role)}."
            : "That is not yours to do.";
    }
}

internal static class AccessExtensions
{
    /// <summary>Lets only these in, by their role as the shop has it now.</summary>
    public static T For<T>(this T endpoint, Posters by)
        where T : IEndpointConventionBuilder
    {
        endpoint.WithMetadata(new Access(by));
        endpoint.RequireAuthorization(p =>
            p.RequireAuthenticatedUser()
                .RequireAssertion(c =>
                    c.User.Identity?.IsAuthenticated == true && by.May(Rights.RoleOf(c.User.Person()))
                )
        );
        return endpoint;
    }

    /// <summary>Says what is asked beyond being signed in; the endpoint asks it itself.</summary>
    public static T But<T>(this T endpoint, string what)
        where T : IEndpointConventionBuilder => endpoint.WithMetadata(new Access(Posters.Anybody, what));
}
