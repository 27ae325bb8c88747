using System.Collections.Immutable;
using Zygotome.Core.Bind;

namespace Zygotome.Core.Tests.Bind;

/// <summary>
/// An aircraft whose signs nobody knows: what servo and linkage do, which plug is where, what the radio has. It shows
/// what it does, and takes whatever advice is given.
/// </summary>
internal sealed class DirectionWorld
{
    private readonly string[] _channels;
    private readonly (string Id, int Own, string[] Places)[] _drives;
    private readonly Dictionary<string, Dictionary<string, int>> _wanted;

    /// <param name="drives">A drive, its own channel, and what it moves.</param>
    /// <param name="wanted">By place and function.</param>
    public DirectionWorld(
        string[] channels,
        (string Id, int Own, string[] Places)[] drives,
        Dictionary<string, Dictionary<string, int>> wanted
    )
    {
        (_channels, _drives, _wanted) = (channels, drives, wanted);
        Plugs = drives.ToDictionary(d => d.Id, d => d.Own);
        Natural = wanted.Keys.ToDictionary(p => p, _ => 1);
        Reversed = new bool[channels.Length];
        Mix = [.. channels.Select(_ => new Dictionary<string, int>())];
        foreach (var (_, own, places) in drives)
        {
            foreach (var (function, sign) in places.SelectMany(p => wanted[p]))
            {
                Mix[own].TryAdd(function, sign);
            }
        }
    }

    /// <summary>In which channel the plug of each drive really is; −1 for none.</summary>
    public Dictionary<string, int> Plugs { get; }

    /// <summary>By which sign servo and linkage of a place answer.</summary>
    public Dictionary<string, int> Natural { get; }

    public bool[] Reversed { get; }

    public Dictionary<string, int>[] Mix { get; }

    public IEnumerable<string> Functions => _wanted.Values.SelectMany(w => w.Keys).Distinct();

    public int Moves(string place, string function)
    {
        var drive = _drives.First(d => d.Places.Contains(place));
        var at = Plugs[drive.Id];
        return at < 0 ? 0 : Mix[at].GetValueOrDefault(function) * Natural[place] * (Reversed[at] ? -1 : 1);
    }

    public bool IsRight => _wanted.All(p => Functions.All(f => Moves(p.Key, f) == p.Value.GetValueOrDefault(f)));

    /// <summary>What the solver is asked after these functions were called; all of them where none is named.</summary>
    public DirectionAsk Ask(params string[] called) =>
        new(
            [.. _channels.Select((c, i) => new AskedChannel(c, i + 1, Reversed[i]))],
            [
                .. _drives.Select(d => new AskedDrive(
                    d.Id,
                    d.Id,
                    "its plug",
                    d.Own,
                    [
                        .. d.Places.Select(p => new AskedPlace(
                            p,
                            p,
                            _wanted[p].ToImmutableSortedDictionary(StringComparer.Ordinal)
                        )),
                    ]
                )),
            ],
            (called.Length > 0 ? called : [.. Functions]).ToImmutableSortedDictionary(
                f => f,
                f => _wanted.Keys.ToImmutableSortedDictionary(p => p, p => Moves(p, f), StringComparer.Ordinal),
                StringComparer.Ordinal
            )
        );

    /// <summary>Does what the advice says; false where it says something that is no change.</summary>
    public bool Take(DirectionAdvice advice) => advice.Fixes.All(Take);

    private bool Take(Fix fix)
    {
        switch (fix.Kind)
        {
            case FixKind.SwapPlugs:
                (Plugs[fix.Of], Plugs[fix.And]) = (Plugs[fix.And], Plugs[fix.Of]);
                return true;
            case FixKind.MovePlug:
                Plugs[fix.Of] = _drives.First(d => d.Id == fix.Of).Own;
                return true;
            case FixKind.Reverse:
                Reversed[Array.IndexOf(_channels, fix.Of)] ^= true;
                return true;
            case FixKind.ArmSide:
                foreach (var place in _drives.First(d => d.Id == fix.Of).Places)
                {
                    Natural[place] *= -1;
                }

                return true;
            case FixKind.HornSide:
                Natural[fix.Of] *= -1;
                return true;
            default:
                return false;
        }
    }

    /// <summary>Every way signs, plugs and reversing can be wrong together.</summary>
    public static IEnumerable<DirectionWorld> Every(Func<DirectionWorld> make)
    {
        var like = make();
        var (places, drives) = (like._wanted.Keys.ToArray(), like._drives);
        foreach (var order in Orders([.. drives.Select(d => d.Own)]))
        {
            for (var signs = 0; signs < 1 << (places.Length + like._channels.Length); signs++)
            {
                var world = make();
                for (var i = 0; i < drives.Length; i++)
                {
                    world.Plugs[drives[i].Id] = order[i];
                }

                for (var i = 0; i < places.Length; i++)
                {
                    world.Natural[places[i]] = (signs >> i & 1) == 0 ? 1 : -1;
                }

                for (var i = 0; i < like._channels.Length; i++)
                {
                    world.Reversed[i] = (signs >> (places.Length + i) & 1) == 1;
                }

                yield return world;
            }
        }
    }

    private static IEnumerable<int[]> Orders(int[] of) =>
        of.Length <= 1
            ? [of]
            : Enumerable
                .Range(0, of.Length)
                .SelectMany(i => Orders([.. of[..i], .. of[(i + 1)..]]).Select(rest => (int[])[of[i], .. rest]));
}
