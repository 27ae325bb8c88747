using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>
/// The simulated mail service: a folder that a real one would empty. Mail is written to the database with the entry
/// that sends it and put here after the commit; what a crash kept back is put here at the next start.
/// </summary>
internal sealed partial class MailFolder(
    ServerOptions options,
    MailStore mail,
    TimeProvider clock,
    ILogger<MailFolder> log
)
{
    private readonly Lock _one = new();

    public string Folder { get; } = Path.Combine(options.Data, "outbox");

    public void Deliver()
    {
        lock (_one)
        {
            foreach (var waiting in mail.Waiting())
            {
                try
                {
                    PrivateFile.Folder(Folder);
                    PrivateFile.Write(Path.Combine(Folder, waiting.File), waiting.Bytes);
                    mail.Delivered(waiting.Hash, clock.GetUtcNow());
                }
                catch (Exception e) when (e is IOException or UnauthorizedAccessException)
                {
                    // It stays in the database, is shown in Shop, and is tried again with the next mail or start.
                    NotWritten(waiting.File, e.Message);
                }
            }
        }
    }

    [LoggerMessage(LogLevel.Warning, "{File} could not be put into the outbox: {Reason}")]
    private partial void NotWritten(string file, string reason);
}
