using System.Globalization;
using Zygotome.Store;

namespace Zygotome.Server;

/// <summary>
/// Jobs are opened one after the other: the number is the server's, J-0001 and on, and one entry id sent several times
/// at once is one opening with one answer. A number once handed out is not handed out again.
/// </summary>
internal sealed class Openings(JournalReader reader) : IDisposable
{
    private readonly SemaphoreSlim _one = new(1, 1);
    private int _last = -1;

    /// <param name="open">Given the number of the job: the one this entry opened before, else the next.</param>
    public async Task<T> One<T>(string entryId, Func<string, Task<T>> open)
    {
        await _one.WaitAsync();
        try
        {
            return await open(reader.Entry(entryId)?.JobId ?? Next());
        }
        finally
        {
            _one.Release();
        }
    }

    public void Dispose() => _one.Dispose();

    private string Next()
    {
        if (_last < 0)
        {
            _last = reader.JobIds().Select(Number).DefaultIfEmpty(0).Max();
        }

        return string.Create(CultureInfo.InvariantCulture, $"J-{++_last:0000}");
    }

    private static int Number(string id) =>
        int.TryParse(id.AsSpan(id.IndexOf('-') + 1), NumberStyles.None, CultureInfo.InvariantCulture, out var n)
            ? n
            : 0;
}
