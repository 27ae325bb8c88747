namespace Zygotome.Store;

/// <summary>Files and folders that their owner alone can read (0600, 0700).</summary>
public static class PrivateFile
{
    public const UnixFileMode Mode = UnixFileMode.UserRead | UnixFileMode.UserWrite,
        FolderMode = Mode | UnixFileMode.UserExecute;

    /// <summary>Writes a file whole or not at all, however the process ends; one of that name is replaced.</summary>
    public static void Write(string file, ReadOnlySpan<byte> bytes)
    {
        using (var part = Open(file + ".part", FileMode.Create))
        {
            part.Write(bytes);
        }

        File.Move(file + ".part", file, overwrite: true);
    }

    public static FileStream Open(string file, FileMode mode, FileShare share = FileShare.None) =>
        new(
            file,
            new FileStreamOptions
            {
                Mode = mode,
                Access = mode == FileMode.Open ? FileAccess.Read : FileAccess.ReadWrite,
                Share = share,
                UnixCreateMode = Mode,
            }
        );

    public static void Folder(string path) => Directory.CreateDirectory(path, FolderMode);
}
