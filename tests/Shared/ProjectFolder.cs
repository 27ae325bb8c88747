namespace Zygotome.Tests;

/// <summary>The project's folder, found upwards from where the tests run.</summary>
internal static class ProjectFolder
{
    public static readonly string Path = Find();

    public static string File(params string[] parts) => System.IO.Path.Combine([Path, .. parts]);

    /// <summary>How many jobs the demo has.</summary>
    public static int DemoJobs { get; } = Directory.GetFiles(File("demo", "jobs"), "*.journal.json").Length;

    private static string Find()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!System.IO.File.Exists(System.IO.Path.Combine(folder.FullName, "Zygotome.slnx")))
        {
            folder = folder.Parent ?? throw new InvalidOperationException("The tests do not lie within the project.");
        }

        return folder.FullName;
    }
}
