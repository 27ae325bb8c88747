using Zygotome.Server.Shop;
using Zygotome.Store;

namespace Zygotome.Server;

/// <summary>
/// The folder of a shop's data, for its owner alone (0700, files 0600), held by one server at a time. The demo's data
/// goes only into a folder that was made for it; nothing is begun in one that holds something else, or what was a shop.
/// </summary>
internal sealed class DataFolder : IDisposable
{
    private const string LockFile = "lock";

    // What a server puts there, beside what it is told to.
    private static readonly string[] DatabaseFiles = ["", "-wal", "-shm"],
        Folders = ["outbox", "keys", "backups"];

    // What a link leads to is not the folder's.
    private static readonly EnumerationOptions Own = new()
    {
        RecurseSubdirectories = true,
        AttributesToSkip = FileAttributes.ReparsePoint,
    };

    private readonly string _path;
    private readonly FileStream _lock;

    private DataFolder(string path, FileStream locked) => (_path, _lock) = (path, locked);

    public string DatabaseFile => Path.Combine(_path, ZygotomeServer.DatabaseFile);

    /// <summary>Why no shop can be read from the file that lies there; null when one can, or none lies there.</summary>
    public string? Damage { get; private set; }

    /// <summary>Opens the folder for one server: makes it, or refuses in words what cannot be served from.</summary>
    /// <param name="options">Where, and whether with the demo's data, which <paramref name="clock"/> dates.</param>
    public static DataFolder Open(ServerOptions options, TimeProvider clock)
    {
        var path = Path.GetFullPath(options.Data);
        var folder = new DataFolder(path, Hold(path));
        try
        {
            if (options.FreshDemo)
            {
                folder.Clear();
            }

            folder.Begin(options.Demo is not null, clock);
            folder.Close();
            return folder;
        }
        catch
        {
            folder.Dispose();
            throw;
        }
    }

    /// <summary>Holds a folder for work at the console, so that no server is at it.</summary>
    public static DataFolder Held(string path) => new(Path.GetFullPath(path), Hold(Path.GetFullPath(path)));

    /// <summary>
    /// Holds a folder that a backup is put into: made if need be, and without anything of a shop's file. A write-ahead
    /// log left behind by another file would be played into the restored one.
    /// </summary>
    public static DataFolder ForRestore(string path)
    {
        var folder = Held(path);
        if (DatabaseFiles.Select(f => folder.DatabaseFile + f).FirstOrDefault(File.Exists) is not { } there)
        {
            return folder;
        }

        folder.Dispose();
        throw new FolderRefusedException(
            $"{there} is there already; move {ZygotomeServer.DatabaseFile} and all that is named after it away first."
        );
    }

    public void Dispose() => _lock.Dispose();

    // A lock of the system's: gone with the process, however it ends.
    private static FileStream Hold(string path)
    {
        try
        {
            PrivateFile.Folder(path);
            return PrivateFile.Open(Path.Combine(path, LockFile), FileMode.OpenOrCreate);
        }
        catch (IOException e) when (Directory.Exists(path) && File.Exists(Path.Combine(path, LockFile)))
        {
            throw new FolderRefusedException(
                $"Another server holds {path} already; stop it first, or give another folder. ({e.Message})"
            );
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            throw new FolderRefusedException($"The folder {path} cannot be used: {e.Message}");
        }
    }

    private void Begin(bool demo, TimeProvider clock)
    {
        var mark = DemoMark.In(_path);
        if (mark is not null && !demo)
        {
            throw new FolderRefusedException($"{_path} is the demo's; give a shop of your own another folder.");
        }

        if (File.Exists(DatabaseFile))
        {
            // An interrupted first start of the demo may have left an empty one.
            if (!SqliteFile.IsOne(DatabaseFile) && mark is not { Done: false })
            {
                var how = new FileInfo(DatabaseFile).Length == 0 ? "empty" : "damaged: it is no database any more";
                Damage = $"{ZygotomeServer.DatabaseFile} is {how}. Nothing was written over it.";
            }
        }
        else if (mark is { Done: true } || (mark is null && Remains() is not null))
        {
            throw new FolderRefusedException(
                $"{_path} has no {ZygotomeServer.DatabaseFile}, but holds {Remains()}. Restore a backup if a shop "
                    + $"was here, "
                    + "or give a folder of its own."
            );
        }
        else if (demo && mark is null)
        {
            DemoMark.Begin(_path, clock.GetUtcNow());
        }
    }

    private string? Remains() =>
        Directory
            .EnumerateFileSystemEntries(_path)
            .Select(Path.GetFileName)
            .Where(name => name != LockFile)
            .Order(StringComparer.Ordinal)
            .FirstOrDefault();

    // Throws away a demo, and nothing else.
    private void Clear()
    {
        if (Remains() is null)
        {
            return;
        }

        if (DemoMark.In(_path) is null && !IsOlderDemo())
        {
            throw new FolderRefusedException($"{_path} is not a demo's; nothing in it was deleted.");
        }

        foreach (var file in DatabaseFiles.Select(f => DatabaseFile + f).Append(SealFile.Beside(DatabaseFile)))
        {
            File.Delete(file);
        }

        foreach (var name in Folders.Select(n => Path.Combine(_path, n)).Where(Directory.Exists))
        {
            Directory.Delete(name, recursive: true);
        }

        DemoMark.Remove(_path);
        if (Remains() is { } remains)
        {
            throw new FolderRefusedException(
                $"The demo in {_path} was cleared, but {remains} is not its own; move it away."
            );
        }
    }

    // Folders made before demos were marked say it in their database.
    private bool IsOlderDemo() =>
        File.Exists(DatabaseFile)
        && SqliteFile.IsOne(DatabaseFile)
        && DemoImport.WasDone(Database.ReadOnly(DatabaseFile));

    // What an earlier version left readable for others.
    private void Close()
    {
        try
        {
            File.SetUnixFileMode(_path, PrivateFile.FolderMode);
            foreach (var entry in new DirectoryInfo(_path).EnumerateFileSystemInfos("*", Own))
            {
                entry.UnixFileMode = entry is DirectoryInfo ? PrivateFile.FolderMode : PrivateFile.Mode;
            }

            if (!File.Exists(DatabaseFile))
            {
                // Made here and not by the database, which would let others read it.
                PrivateFile.Open(DatabaseFile, FileMode.CreateNew).Dispose();
            }
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            throw new FolderRefusedException($"The folder {_path} is not wholly its owner's: {e.Message}");
        }
    }
}
