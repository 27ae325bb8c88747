using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Journal;
using Zygotome.Server.Door;
using Zygotome.Store;

namespace Zygotome.Server.Memory;

/// <summary>What the last look found.</summary>
public sealed record VerifiedView(
    DateTimeOffset At,
    bool Sound,
    long Entries,
    int Jobs,
    long Registered,
    IReadOnlyList<string> Found
)
{
    internal static VerifiedView Of(Verified v) =>
        new(
            At: v.At,
            Sound: v.Result.Sound,
            Entries: v.Result.Entries,
            Jobs: v.Result.Jobs,
            Registered: v.Result.Registered,
            Found: [.. v.Result.Found.Take(Most).Select(f => f.Words)]
        );

    private const int Most = 50;
}

/// <summary>How the shop's memory stands.</summary>
/// <param name="Seal">As it is printed on records.</param>
/// <param name="Cut">What is missing of what was sealed; the shop is read-only then.</param>
/// <param name="Verified">Null until the first look after the start is done.</param>
/// <param name="MailWaiting">Files of mail that could not be handed over yet.</param>
public sealed record MemoryView(
    string Seal,
    string? Cut,
    VerifiedView? Verified,
    IReadOnlyList<string> MailWaiting,
    BackupsView Backups
);

internal static class MemoryEndpoints
{
    public static void MapMemory(this IEndpointRouteBuilder app)
    {
        app.MapGet(
                "/healthz",
                (JournalWriter writer) =>
                    writer.CannotWrite() is { } why
                        ? Results.Text($"the journal cannot be written: {why}", statusCode: 503)
                        : Results.Text("ok")
            )
            .AllowAnonymous()
            .ExcludeFromDescription();
        app.MapGet("/api/shop/memory", View).For(Posters.Lead);
        app.MapPost(
                "/api/shop/memory/verify",
                async (Verifier verifier, CancellationToken gone) => VerifiedView.Of(await verifier.Look(gone))
            )
            .For(Posters.Lead);
        app.MapPost(
                "/api/shop/memory/backup",
                async Task<Results<Ok<BackupView>, ProblemHttpResult>> (Backups backups, CancellationToken gone) =>
                    backups.View.Folder is null
                        ? Problems.Of(
                            StatusCodes.Status409Conflict,
                            "memory/no-backups",
                            "This server takes no backups; it is told where with --backups."
                        )
                        : TypedResults.Ok(BackupView.Of(await backups.Take(gone)))
            )
            .For(Posters.Lead);
    }

    private static MemoryView View(Database database, Verifier verifier, MailStore mail, Backups backups) =>
        new(
            database.LastSeal!.Short,
            database.Cut,
            verifier.Last is { } last ? VerifiedView.Of(last) : null,
            [.. mail.Waiting().Select(m => m.File)],
            backups.View
        );
}
