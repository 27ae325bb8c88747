using System.Collections.Immutable;

namespace Zygotome.Core.Bind;

/// <summary>The signs of one ask: what each channel has of each function, and what was seen.</summary>
internal sealed class DirectionSigns(DirectionAsk ask)
{
    // What a channel has of a function is what its first place wants of it: the scale of n, no more.
    private readonly ImmutableArray<ImmutableSortedDictionary<string, int>> _weights =
    [
        .. Enumerable
            .Range(0, ask.Channels.Length)
            .Select(c =>
                ask.Drives.Where(d => d.Channel == c)
                    .SelectMany(d => d.Places)
                    .SelectMany(p => p.Wanted)
                    .DistinctBy(w => w.Key)
                    .ToImmutableSortedDictionary(w => w.Key, w => w.Value, StringComparer.Ordinal)
            ),
    ];

    public DirectionAsk Ask => ask;

    public ImmutableArray<string> Functions { get; } =
    [.. ask.Drives.SelectMany(d => d.Places).SelectMany(p => p.Wanted.Keys).Union(ask.Seen.Keys)];

    public int Weight(int channel, string function) => _weights[channel].GetValueOrDefault(function);

    public int Reversing(int channel) => Ask.Channels[channel].Reversed ? -1 : 1;

    public int? Seen(AskedPlace place, string function) => Ask.SeenOf(function, place.Id);

    public bool WasSeen(AskedDrive drive) => drive.Places.Any(p => Functions.Any(f => Seen(p, f) is not null));

    /// <summary>It answered something.</summary>
    public bool Moved(AskedPlace place) => Functions.Any(f => Seen(place, f) is not (null or 0));

    /// <summary>Of all that was called for it nothing moved it.</summary>
    public bool IsStill(AskedPlace place) => !Moved(place) && place.Wanted.Keys.Any(f => Seen(place, f) == 0);

    /// <summary>Goes another way than it must at a call that was seen.</summary>
    public bool IsWrong(AskedPlace place) =>
        Functions.Any(f => Seen(place, f) is { } went && went != place.Wanted.GetValueOrDefault(f));

    /// <summary>Whether what was seen of a place is what this channel does: the same functions, agreeing.</summary>
    public bool Fits(AskedPlace place, int channel)
    {
        var sign = 0;
        foreach (var function in Functions)
        {
            if (Seen(place, function) is not { } went)
            {
                continue;
            }

            var agrees = went * Weight(channel, function);
            if ((went == 0) != (Weight(channel, function) == 0) || agrees * sign < 0)
            {
                return false;
            }

            sign = agrees == 0 ? sign : agrees;
        }

        return sign != 0;
    }

    public bool Fits(AskedDrive drive, int channel) => drive.Places.Where(Moved).All(p => Fits(p, channel));

    /// <summary>By which sign servo and linkage of a place answer a channel that it is in; what was seen of the mix
    /// where that is another than the sheet's.</summary>
    public int Natural(AskedPlace place, int channel) =>
        Functions.Select(f => Seen(place, f).GetValueOrDefault() * Weight(channel, f)).FirstOrDefault(s => s != 0)
        * Reversing(channel);
}
