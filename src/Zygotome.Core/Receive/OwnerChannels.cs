using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>A function of this kit on a channel; <paramref name="Why"/>: why it departs from what the owner is used to,
/// empty where it does not.</summary>
/// <param name="Channel">From 1; 0 where no channel is left for it.</param>
public sealed record ChannelLaid(int Channel, string Function, string Why);

/// <summary>This kit's functions laid to the channels an owner has them on in every model.</summary>
public static class OwnerChannels
{
    /// <summary>
    /// Each where it usually is; those that have no usual place on the first channels that are free in every model,
    /// then on any. By channel; those without one last.
    /// </summary>
    /// <param name="usual">By channel, from the first; empty places are free.</param>
    /// <param name="channels">Of this receiver; 0 while it is to be bought: as many as are asked for.</param>
    public static ImmutableArray<ChannelLaid> Lay(SpecSheet sheet, IReadOnlyList<string> usual, int channels)
    {
        var most = channels > 0 ? channels : 32;
        var laid = new SortedDictionary<int, ChannelLaid>();
        var without = new List<(string Function, string Why)>();
        foreach (var function in sheet.Radio.Functions)
        {
            var at = UsualChannels.At(usual, function);
            if (at is { } own && own <= most && laid.TryAdd(own, new ChannelLaid(own, function, "")))
            {
                continue;
            }

            without.Add(
                (
                    function,
                    at is null ? "it has no usual channel"
                    : at > most ? $"usually on {at}, and this receiver has {most}"
                    : $"usually on {at}, which {laid[at.Value].Function} has"
                )
            );
        }

        var free = Enumerable.Range(1, most).Where(c => !laid.ContainsKey(c)).ToArray();
        var next = new Queue<int>(
            free.Where(c => c > usual.Count || usual[c - 1].Length == 0)
                .Concat(free.Where(c => c <= usual.Count && usual[c - 1].Length > 0))
        );
        var left = new List<ChannelLaid>();
        foreach (var (function, why) in without)
        {
            if (next.TryDequeue(out var channel))
            {
                laid[channel] = new ChannelLaid(channel, function, why);
            }
            else
            {
                left.Add(new ChannelLaid(0, function, $"{why}; no channel is left"));
            }
        }

        return [.. laid.Values, .. left];
    }
}
