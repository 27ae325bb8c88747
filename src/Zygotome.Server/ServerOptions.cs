namespace Zygotome.Server;

/// <summary>How the server is started.</summary>
/// <param name="Data">Folder of the database and keys.</param>
/// <param name="Demo">Folder of the demo data to import once into an empty database; null for none.</param>
/// <param name="Ui">Folder of the built interface; null when there is none.</param>
public sealed record ServerOptions(string Data, string? Demo, string? Ui, int Port = 5080)
{
    /// <summary>Serves plain http on loopback only; a reverse proxy puts it on a network.</summary>
    public string Url => $"http://127.0.0.1:{Port}";
}
