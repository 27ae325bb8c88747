using System.Globalization;
using Zygotome.Store;

namespace Zygotome.Server;

/// <summary>The next job number of the shop: J-0001 and on. A number once handed out is not handed out again.</summary>
internal sealed class JobNumbers(JournalReader reader)
{
    private readonly Lock _next = new();
    private int _last = -1;

    public string Next()
    {
        lock (_next)
        {
            if (_last < 0)
            {
                _last = reader
                    .JobIds()
                    .Select(id =>
                        int.TryParse(
                            id.AsSpan(id.IndexOf('-') + 1),
                            NumberStyles.None,
                            CultureInfo.InvariantCulture,
                            out var n
                        )
                            ? n
                            : 0
                    )
                    .DefaultIfEmpty(0)
                    .Max();
            }

            return string.Create(CultureInfo.InvariantCulture, $"J-{++_last:0000}");
        }
    }
}
