namespace Zygotome.Server;

/// <summary>How the server is started.</summary>
/// <param name="Data">Folder of the database and keys.</param>
/// <param name="Demo">Folder of the demo data to import once into an empty database; null for none.</param>
/// <param name="Ui">Folder of the built interface; null when there is none.</param>
public sealed record ServerOptions(string Data, string? Demo, string? Ui, int Port = 5080)
{
    /// <summary>Throws away the demo that the folder holds; refused where it holds anything else.</summary>
    public bool FreshDemo { get; init; }

    /// <summary>Folder for a backup a day; null for none.</summary>
    public string? Backups { get; init; }

    /// <summary>What hashing a PIN costs, in rounds; only tests ask for less than today's.</summary>
    public int PinRounds { get; init; } = Door.Pins.TodaysRounds;

    /// <summary>Bytes of pictures that no entry names, kept at a time; a day later they are swept.</summary>
    public long UnnamedPictures { get; init; } = 200L << 20;

    /// <summary>
    /// Names this server answers to, as they stand in a browser's address; those of this machine by itself.
    /// </summary>
    public IReadOnlyList<string> Hosts { get; init; } = ["localhost", "127.0.0.1", "[::1]"];

    /// <summary>
    /// Addresses of reverse proxies whose word on scheme, host and sender is taken. Of none by itself.
    /// </summary>
    public IReadOnlyList<System.Net.IPAddress> Proxies { get; init; } = [];

    /// <summary>Serves plain http on loopback only; a reverse proxy puts it on a network.</summary>
    public string Url => $"http://127.0.0.1:{Port}";
}
