using Microsoft.Data.Sqlite;
using Zygotome.Server.Door;
using Zygotome.Store;

namespace Zygotome.Server.Memory;

/// <summary>
/// What is served where a shop's file cannot be: words on what is wrong, what of it can still be read, and what to do. It
/// writes nothing.
/// </summary>
internal static class DamagedShop
{
    private const int Corrupt = 11,
        NotADatabase = 26;

    /// <summary>Whether something failed because the file itself is damaged.</summary>
    public static bool IsDamage(Exception? e) =>
        e is SqliteException { SqliteErrorCode: Corrupt or NotADatabase }
        || (e is not null && IsDamage(e.InnerException));

    public static WebApplication Build(ServerOptions options, DataFolder folder, string words)
    {
        var builder = WebApplication.CreateSlimBuilder();
        builder.WebHost.UseUrls(options.Url);
        builder.Logging.ClearProviders().AddSimpleConsole(c => c.SingleLine = true).SetMinimumLevel(LogLevel.Warning);
        builder.Services.AddSingleton(_ => folder);
        var readable = Readable(folder.DatabaseFile);
        var app = builder.Build();

        // Asked for, so that the folder is let go with the application.
        _ = app.Services.GetRequiredService<DataFolder>();
        app.Use(SecurityHeaders.Add);
        app.Use(new Hosts(options.Hosts).Check);
        app.MapGet("/healthz", () => Results.Text($"damaged: {words}", statusCode: 503));
        app.Map(
            "/api/{**rest}",
            () =>
                Problems.Of(
                    StatusCodes.Status503ServiceUnavailable,
                    "shop/damaged",
                    words,
                    "",
                    [new("readable", readable)]
                )
        );
        Pages.Serve(app, options);
        Pages.Fallback(app, options);
        return app;
    }

    // Each table by itself: one that is torn leaves the others.
    private static string[] Readable(string file)
    {
        if (!File.Exists(file) || !SqliteFile.IsOne(file))
        {
            return [];
        }

        (string Sql, string Words)[] questions =
        [
            ("SELECT COUNT(*) FROM (SELECT bytes FROM journal)", "{0} entries of the journal"),
            ("SELECT COUNT(DISTINCT job) FROM journal", "{0} jobs"),
            ("SELECT COUNT(*) FROM (SELECT bytes FROM blob)", "{0} records and letters"),
            ("SELECT COUNT(*) FROM (SELECT bytes FROM sheet)", "{0} sheets"),
            ("SELECT COUNT(*) FROM customer", "{0} customers"),
        ];
        return [.. questions.Select(q => Counted(file, q.Sql, q.Words)).OfType<string>()];
    }

    private static string? Counted(string file, string sql, string words)
    {
        try
        {
            using var database = Database.ReadOnly(file);
            using var connection = database.Connect();
            using var command = connection.CreateCommand();
            command.CommandText = sql;
            return string.Format(System.Globalization.CultureInfo.InvariantCulture, words, command.ExecuteScalar());
        }
        catch (SqliteException)
        {
            return null;
        }
    }
}
