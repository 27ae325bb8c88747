using System.Collections.Immutable;

namespace Zygotome.Core.Bind;

/// <summary>One group: where each plug really is, then what is to be changed.</summary>
internal sealed class DirectionGroup(DirectionSigns signs, ImmutableArray<AskedDrive> drives)
{
    // By drive, the channel it is in by what it answers; a drive that is in none of them is mixed wrongly.
    private readonly Dictionary<string, int> _in = new(StringComparer.Ordinal);
    private readonly List<AskedDrive> _mixed = [];

    private ImmutableArray<string> Functions =>
        [.. signs.Functions.Where(f => drives.Any(d => d.Places.Any(p => p.Wanted.ContainsKey(f))))];

    public DirectionAdvice Advice() => new(Functions, [.. Fixes()]) { SetUps = Eight() };

    private Fix[] Fixes()
    {
        Place();
        if (!drives.Any(d => d.Places.Any(signs.IsWrong)))
        {
            return [];
        }

        var steps = new Func<IEnumerable<Fix>>[] { Contradicted, Still, CallToo, Mixed };
        return steps.Select(s => s().ToArray()).FirstOrDefault(f => f.Length > 0) ?? [.. Plugs(), .. Turned()];
    }

    // A plug that does not answer as its own channel is in that of another that does not either.
    private void Place()
    {
        var moved = drives.Where(d => d.Places.Any(signs.Moved)).ToArray();
        foreach (var drive in moved.Where(d => signs.Fits(d, d.Channel)))
        {
            _in[drive.Id] = drive.Channel;
        }

        var left = drives.Where(d => !_in.ContainsKey(d.Id)).Select(d => d.Channel).ToHashSet();
        foreach (var drive in moved.Where(d => !_in.ContainsKey(d.Id)))
        {
            if (left.Where(c => c != drive.Channel && signs.Fits(drive, c)).ToArray() is [var there, ..])
            {
                _in[drive.Id] = there;
                left.Remove(there);
            }
            else
            {
                _mixed.Add(drive);
            }
        }

        // One of an elevon pair alone that answers as the other: nobody is in its own place, so it is the mix.
        foreach (var drive in moved.Where(IsAlone).ToArray())
        {
            _in.Remove(drive.Id);
            _mixed.Add(drive);
        }
    }

    private bool IsAlone(AskedDrive drive) =>
        _in.TryGetValue(drive.Id, out var there)
        && there != drive.Channel
        && drives.Any(d => d.Channel == there && _mixed.Contains(d));

    // Whatever one servo moves agrees at every call; and so does what hangs on one signal.
    private IEnumerable<Fix> Contradicted()
    {
        foreach (var drive in drives)
        {
            var moved = drive.Places.Where(signs.Moved).ToArray();
            foreach (var place in moved.Skip(1))
            {
                var apart = Functions
                    .Where(f =>
                        signs.Seen(moved[0], f) is { } one && signs.Seen(place, f) is { } two && (one, two) != (0, 0)
                    )
                    .GroupBy(f => signs.Seen(moved[0], f)!.Value * signs.Seen(place, f)!.Value)
                    .ToArray();
                if (apart.Length > 1)
                {
                    yield return Again([.. apart.SelectMany(f => f)], $"{moved[0].Name} and {place.Name}");
                }
            }
        }

        foreach (var drive in _mixed.Where(m => Beside(m).Any(d => _in.ContainsKey(d.Id))))
        {
            yield return Again([.. Functions], $"{drive.Name} and {Beside(drive).First().Name}");
        }
    }

    private IEnumerable<AskedDrive> Beside(AskedDrive drive) =>
        drives.Where(d => d.Channel == drive.Channel && d.Id != drive.Id);

    private static Fix Again(ImmutableArray<string> functions, string what) =>
        new(
            FixKind.LookAgain,
            functions[0],
            $"look at {string.Join(" and ", functions)} again: {what} hang on one signal and cannot answer so"
        );

    // What moved at no call. Another that answers its channel took its place: then it is no dead plug.
    private IEnumerable<Fix> Still()
    {
        foreach (var drive in drives.Where(d => d.Places.Any(signs.IsStill)))
        {
            var still = drive.Places.Where(signs.IsStill).ToArray();
            if (drive.Places.Any(signs.Moved))
            {
                yield return new Fix(
                    FixKind.Rod,
                    still[0].Id,
                    $"{Named(still)} did not move though its servo did: its rod, its horn or the joint between"
                );
            }
            else if (!_in.ContainsValue(drive.Channel) || Beside(drive).Any(d => _in.ContainsKey(d.Id)))
            {
                yield return new Fix(
                    FixKind.Plug,
                    drive.Id,
                    $"{Named(still)} did not move: {drive.Through}, then the servo"
                );
            }
        }
    }

    // A mixed one that was seen with one stick only may be plugged wrongly or reversed: two answers are left.
    private IEnumerable<Fix> CallToo() =>
        from drive in drives
        from place in drive.Places
        where place.Wanted.Count > 1 && signs.IsWrong(place)
        let more = place.Wanted.Keys.FirstOrDefault(f => signs.Seen(place, f) is null)
        where more is not null
        group place by more into called
        select new Fix(FixKind.CallToo, called.Key, $"call {called.Key} too: one stick alone leaves two set-ups");

    private IEnumerable<Fix> Mixed()
    {
        foreach (var drive in _mixed)
        {
            var place = drive.Places.First(signs.Moved);
            var channel = signs.Ask.Channels[drive.Channel];
            var extra = signs.Functions.Where(f =>
                signs.Seen(place, f) is not (null or 0) && signs.Weight(drive.Channel, f) == 0
            );
            var missing = signs.Functions.Where(f => signs.Seen(place, f) == 0 && signs.Weight(drive.Channel, f) != 0);
            foreach (var function in extra)
            {
                yield return new Fix(
                    FixKind.Mix,
                    function,
                    $"take {function} out of {channel.Words}: {place.Name} moves with it too",
                    Or: "levelling may be awake, or a coupling of the stabiliser"
                );
            }

            foreach (var function in missing)
            {
                yield return new Fix(FixKind.Mix, function, $"mix {function} into {channel.Words}");
            }

            if (!extra.Any() && !missing.Any())
            {
                var against = place.Wanted.Keys.First(f => signs.Seen(place, f) is not null);
                var turned = place.Wanted.Keys.Last(f => signs.Seen(place, f) is not null);
                yield return new Fix(
                    FixKind.Mix,
                    turned,
                    $"turn {turned} round in the mix of {channel.Words}: against {against} it goes the wrong way, "
                        + "and no plug or reversing mends that",
                    Or: "another wing or tail type in the radio"
                );
            }
        }
    }

    // One plug home with each swap, however many went round.
    private IEnumerable<Fix> Plugs()
    {
        var at = new Dictionary<string, int>(_in, StringComparer.Ordinal);
        foreach (var drive in drives.Where(d => at.ContainsKey(d.Id)))
        {
            var (there, home) = (at[drive.Id], drive.Channel);
            if (there == home)
            {
                continue;
            }

            var other =
                drives.FirstOrDefault(d => d.Id != drive.Id && at.GetValueOrDefault(d.Id, -1) == home)
                ?? drives.FirstOrDefault(d => d.Channel == there && !at.ContainsKey(d.Id));
            at[drive.Id] = home;
            if (other is null)
            {
                yield return new Fix(
                    FixKind.MovePlug,
                    drive.Id,
                    $"move the plug of {drive.Name} to {signs.Ask.Channels[home].Words}"
                );
                continue;
            }

            at[other.Id] = there;
            yield return new Fix(
                FixKind.SwapPlugs,
                drive.Id,
                $"swap the plugs of {drive.Name} and {other.Name}",
                other.Id
            );
        }
    }

    // Every plug in its own place, channel by channel: reverse it where that leaves the fewer arms to turn.
    private IEnumerable<Fix> Turned()
    {
        foreach (var on in drives.GroupBy(d => d.Channel).OrderBy(g => g.Key))
        {
            var known = on.Where(d => _in.ContainsKey(d.Id)).ToArray();
            var wrong = known.SelectMany(d => Wrong(d, 1)).ToArray();
            var reversed = known.SelectMany(d => Wrong(d, -1)).ToArray();
            if (wrong.Intersect(reversed).ToArray() is [var (unlike, _), ..])
            {
                yield return new Fix(
                    FixKind.Mix,
                    unlike.Id,
                    $"give {unlike.Name} a channel and a mix of its own: on one signal with the rest of "
                        + $"{signs.Ask.Channels[on.Key].Words} it cannot answer every function"
                );
                continue;
            }

            var reverse = wrong.Length > reversed.Length;
            if (reverse)
            {
                yield return new Fix(
                    FixKind.Reverse,
                    signs.Ask.Channels[on.Key].Name,
                    $"reverse {signs.Ask.Channels[on.Key].Words}"
                );
            }

            var apart = reverse ? reversed : wrong;
            foreach (var of in apart.GroupBy(w => w.Drive))
            {
                yield return OtherSide(of.Key, [.. of.Select(w => w.Place)], on.Count() > 1);
            }
        }
    }

    // Places of a drive that would go the wrong way in its own channel, with that as it is set now or turned.
    private IEnumerable<(AskedDrive Drive, AskedPlace Place)> Wrong(AskedDrive drive, int turned) =>
        from place in drive.Places
        where signs.Moved(place)
        let natural = signs.Natural(place, _in[drive.Id])
        where
            place.Wanted.Any(w =>
                natural * turned * signs.Reversing(drive.Channel) * signs.Weight(drive.Channel, w.Key) != w.Value
            )
        select (drive, place);

    private Fix OtherSide(AskedDrive drive, AskedPlace[] places, bool shared)
    {
        if (places.Length < drive.Places.Count(signs.Moved))
        {
            return new Fix(
                FixKind.HornSide,
                places[0].Id,
                $"{Named(places)}: rod to the other side of its horn, for its servo moves the rest rightly",
                Or: "a servo of its own"
            );
        }

        var free = shared && signs.Ask.FreePorts > 0;
        var arm = $"{drive.Name}: rod to the other side of the arm";
        var own = $"give {drive.Name} a free channel, mixed and reversed";
        const string bought = "an in-line reverser, or a reversed servo";
        return !drive.HasArm
                ? new Fix(
                    FixKind.OwnChannel,
                    drive.Id,
                    free ? own : $"{drive.Name}: turn it round in itself, or give it a channel of its own"
                )
            : free && drive.WasMeasured
                ? new Fix(FixKind.OwnChannel, drive.Id, own, Or: $"{arm}, and measure again; {bought}")
            : new Fix(FixKind.ArmSide, drive.Id, arm, drive.Places[0].Id, free ? $"{own}; {bought}" : bought);
    }

    private static string Named(IEnumerable<AskedPlace> places) => string.Join(" and ", places.Select(p => p.Name));

    // Two channels with one mixed drive each, both seen with every function they have.
    private SetUps? Eight()
    {
        if (
            drives is not [{ } a, { } b]
            || a.Channel == b.Channel
            || drives.Any(d =>
                d.Places.Any(p =>
                    p.Wanted.Count < 2 || p.Wanted.Keys.Any(f => signs.Seen(p, f) is null) || !signs.Moved(p)
                )
            )
        )
        {
            return null;
        }

        bool[] both = [false, true];
        var all =
            from crossed in both
            from first in both
            from second in both
            select new SetUp(
                crossed,
                first,
                second,
                Right(a, crossed ? b.Channel : a.Channel, crossed ? second : first)
                    && Right(b, crossed ? a.Channel : b.Channel, crossed ? first : second)
            );
        var (one, two) = (signs.Ask.Channels[a.Channel], signs.Ask.Channels[b.Channel]);
        var now =
            (_in.GetValueOrDefault(a.Id, a.Channel) != a.Channel ? 4 : 0)
            + (one.Reversed ? 2 : 0)
            + (two.Reversed ? 1 : 0);
        return new SetUps([.. all], now, one.Name, two.Name);
    }

    private bool Right(AskedDrive drive, int channel, bool reversed) =>
        drive.Places.All(p =>
            p.Wanted.All(w => Naturally(drive, p) * (reversed ? -1 : 1) * Mix(channel, w.Key) == w.Value)
        );

    // By the mix as it was seen, where it is not the sheet's.
    private int Mix(int channel, string function) =>
        _mixed.FirstOrDefault(d => d.Channel == channel)?.Places[0] is { } place
            ? signs.Seen(place, function).GetValueOrDefault()
            : signs.Weight(channel, function);

    private int Naturally(AskedDrive drive, AskedPlace place)
    {
        var at = _in.GetValueOrDefault(drive.Id, drive.Channel);
        var function = place.Wanted.Keys.FirstOrDefault(f => Mix(at, f) != 0) ?? place.Wanted.Keys.First();
        return signs.Seen(place, function).GetValueOrDefault() * Mix(at, function) * signs.Reversing(at);
    }
}
