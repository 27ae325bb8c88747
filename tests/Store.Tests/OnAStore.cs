using Microsoft.Data.Sqlite;
using Zygotome.Core.Jobs;
using Zygotome.Core.SpecSheets;
using Zygotome.Tests;

namespace Zygotome.Store.Tests;

/// <summary>A store in a folder of its own with one sheet on file, for each test.</summary>
public abstract class OnAStore : IAsyncDisposable
{
    protected static readonly Person Vane = new("rvane", "R. Vane", Role.Technician);

    protected OnAStore()
    {
        Folder = Directory.CreateTempSubdirectory("zygotome-store");
        Database = Database.Open(Path.Combine(Folder.FullName, "zygotome.db"));
        Sheets = new SheetStore(Database);
        Reader = new JournalReader(Database, Sheets, Stages.Kinds);
        Writer = new JournalWriter(Database, Reader, Sheets, Stages.Kinds, TimeProvider.System);
        var bytes = File.ReadAllBytes(ProjectFolder.File("demo", "sheets", "skerrow-64.sheet.json"));
        Sheet = SheetReader.Read(bytes).Sheet!;
        Sheets.Add(Sheet, bytes);
    }

    protected DirectoryInfo Folder { get; }

    protected Database Database { get; }

    protected SheetStore Sheets { get; }

    protected JournalReader Reader { get; }

    protected JournalWriter Writer { get; }

    protected SpecSheet Sheet { get; }

    public async ValueTask DisposeAsync()
    {
        await Writer.DisposeAsync();
        SqliteConnection.ClearAllPools();
        Folder.Delete(recursive: true);
        GC.SuppressFinalize(this);
    }
}
