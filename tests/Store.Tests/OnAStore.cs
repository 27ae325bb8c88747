using Microsoft.Data.Sqlite;
using Microsoft.Extensions.Time.Testing;
using Xunit;
using Zygotome.Core;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Tests;

namespace Zygotome.Store.Tests;

/// <summary>A store in a folder of its own with one sheet on file, for each test.</summary>
public abstract class OnAStore : IAsyncDisposable
{
    protected static readonly Person Vane = new("rvane", "R. Vane", Role.Technician);

    protected OnAStore()
    {
        Folder = Directory.CreateTempSubdirectory("zygotome-store");
        Clock = new FakeTimeProvider(Morning.Wednesday);
        Database = Database.Open(Path.Combine(Folder.FullName, "zygotome.db"));
        Sheets = new SheetStore(Database);
        Reader = new JournalReader(Database, Sheets, Kinds);
        Writer = new JournalWriter(Database, Reader, Sheets, Kinds, Clock);
        List = new JobList(Database, Reader, Writer, Clock);
        var bytes = File.ReadAllBytes(ProjectFolder.File("demo", "sheets", "skerrow-64.sheet.json"));
        Sheet = SheetReader.Read(bytes).Sheet!;
        Sheets.Add(Sheet, bytes);
    }

    protected DirectoryInfo Folder { get; }

    protected Database Database { get; }

    protected SheetStore Sheets { get; }

    protected JournalReader Reader { get; }

    protected JournalWriter Writer { get; }

    /// <summary>What the writer and the list read the hour from.</summary>
    protected FakeTimeProvider Clock { get; }

    protected JobList List { get; }

    protected SpecSheet Sheet { get; }

    /// <summary>The kinds the shop knows, and one whose rule throws.</summary>
    protected static readonly EntryKinds Kinds = new(
        Stages.Kinds.All.Append(EntryKind.Of<Breaks>("test/breaks", Posters.Anybody))
    );

    /// <summary>An entry that no rule survives.</summary>
    protected sealed record Breaks : EntryBody
    {
        public override Refusal? Admit(JobState state, Entry entry) =>
            throw new DivideByZeroException("a rule of the test");

        public override JobState Apply(JobState state, Entry entry) => state;

        public override string Say(JobState state) => "breaks";
    }

    protected static Proposal Draft(
        string id,
        EntryBody body,
        long? expected = null,
        Func<JobState, Entry, Outcome<Composed>>? compose = null
    ) => new(id, Kinds.TypeOf(body), body, Morning.Wednesday, expected, compose);

    protected Task<PostAnswer> Post(string job, params Proposal[] proposals) =>
        Writer.Record(new Post(job, proposals, Vane, "look"));

    protected async Task Open(string job = "J-0001") =>
        Assert.IsType<PostAnswer.Recorded>(await Post(job, Draft($"{job}-open", Opened(job))));

    protected JobOpened Opened(string job, string shelf = "") =>
        new(
            job,
            "c-1",
            Sheet.Kit.Id,
            1,
            Sheet.Hash,
            new Battery(Q("262 g"), Q("105 mm"), Q("34 mm"), Q("30 mm"), 4, Q("2400 mAh")),
            8,
            DateOnly.FromDateTime(Morning.Wednesday.UtcDateTime).AddDays(5),
            shelf,
            BalanceSchool.ForwardThird,
            ShopRules.Default
        );

    protected static Typed Q(string text) => new(text);

    public async ValueTask DisposeAsync()
    {
        await List.DisposeAsync();
        await Writer.DisposeAsync();
        Database.Dispose();
        SqliteConnection.ClearAllPools();
        Folder.Delete(recursive: true);
        GC.SuppressFinalize(this);
    }
}
