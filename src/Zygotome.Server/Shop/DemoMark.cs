using System.Text.Json;
using Zygotome.Core.Journal;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>
/// What a folder made for the demo says of itself, in a file beside the database and written before it. Times of the
/// demo count from <paramref name="Begun"/>, so that an import that was interrupted goes on as it began, any day later.
/// </summary>
internal sealed record DemoMark(string Format, DateTimeOffset Begun, bool Done)
{
    private const string Name = "demo.json",
        Known = "zygotome-demo/1";

    /// <summary>Null for a folder that is no demo's.</summary>
    public static DemoMark? In(string folder)
    {
        try
        {
            var mark = JsonSerializer.Deserialize<DemoMark>(
                File.ReadAllBytes(Path.Combine(folder, Name)),
                EntryJson.Lenient
            );
            return mark?.Format == Known ? mark : null;
        }
        catch (Exception e) when (e is IOException or JsonException)
        {
            return null;
        }
    }

    public static void Begin(string folder, DateTimeOffset now) => new DemoMark(Known, now, false).Write(folder);

    public void Finish(string folder) => (this with { Done = true }).Write(folder);

    public static void Remove(string folder) => File.Delete(Path.Combine(folder, Name));

    private void Write(string folder) =>
        PrivateFile.Write(Path.Combine(folder, Name), JsonSerializer.SerializeToUtf8Bytes(this, EntryJson.Lenient));
}
