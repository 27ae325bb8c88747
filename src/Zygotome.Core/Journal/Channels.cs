using System.Collections.Concurrent;
using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>Which surfaces move together: by one servo, by one channel, by one command.</summary>
public static class Channels
{
    /// <summary>
    /// What a name of the sheet's radio functions leads to: <c>elevon left</c> to that elevon, <c>elevator 2</c> to
    /// every elevator surface, as nobody knows which, <c>throttle</c> to motors, <c>stabiliser mode</c> to a mode where
    /// the sheet lists modes.
    /// </summary>
    public static Reach Leads(SpecSheet sheet, string name) => sheet.Once(s => new Reaches(s)).Of(name);

    // Once for a sheet: everything that rests on reversing asks what each channel leads to.
    private sealed class Reaches(SpecSheet sheet)
    {
        private readonly ConcurrentDictionary<string, Reach> _found = new(StringComparer.Ordinal);

        public Reach Of(string name) => _found.GetOrAdd(name, n => LeadsTo(sheet, n));
    }

    private static Reach LeadsTo(SpecSheet sheet, string name)
    {
        var words = name.ToLowerInvariant().Split([' ', '-', '/', '_'], StringSplitOptions.RemoveEmptyEntries);
        var side = words.FirstOrDefault(w => w is "left" or "right") ?? "";
        bool Says(string what) => what.Length > 0 && what.ToLowerInvariant().Split(' ').All(words.Contains);
        bool Named(string what) => what.Length > 0 && what.ToLowerInvariant().Split('-').All(words.Contains);
        var named = sheet
            .Surfaces.Where(s => Named(s.Kind) || s.Functions.Any(Named))
            .Where(s => side.Length == 0 || s.Side == side || Places.HasWord(s.Id, side))
            .ToImmutableArray();

        // The narrower, where a word that is no command or kind is found in some ids and not in others: "flap inner" of
        // four flaps, but not "aileron" of ailerons and of flaps that move as ailerons.
        var common = named.SelectMany(s => s.Functions).ToHashSet(StringComparer.Ordinal);
        foreach (var word in words.Where(w => !common.Contains(w)))
        {
            var with = named.Where(s => Places.HasWord(s.Id, word)).ToImmutableArray();
            named = with.Length > 0 ? with : named;
        }

        var motors =
            words.Contains("throttle") || words.Contains("motor")
                ? sheet.Power.Motors.Where(m => side.Length == 0 || Places.HasWord(m.Id, side)).ToImmutableArray()
                : [];
        var mode = sheet.Radio.BindModes.Length > 0 && name.Contains("mode", StringComparison.OrdinalIgnoreCase);
        return new Reach(named, motors, mode)
        {
            Outputs =
            [
                .. sheet.Outputs.Where(o =>
                    Says(o.Function) || string.Equals(o.Name, name, StringComparison.OrdinalIgnoreCase) || o.Id == name
                ),
            ],
        };
    }

    /// <summary>Surfaces that one servo drives together with this one, itself included.</summary>
    public static ImmutableArray<Surface> ByServo(SpecSheet sheet, string surface) =>
        sheet.Once(s => new Driven(s)).By.GetValueOrDefault(surface, []);

    private sealed class Driven(SpecSheet sheet)
    {
        public ImmutableSortedDictionary<string, ImmutableArray<Surface>> By { get; } =
            sheet.Surfaces.ById(s => s.Id, s => Together(sheet, s.Id));
    }

    private static ImmutableArray<Surface> Together(SpecSheet sheet, string surface)
    {
        var found = new HashSet<string>(StringComparer.Ordinal) { surface };
        bool more;
        do
        {
            more = false;
            foreach (var servo in sheet.Servos.Where(s => s.Drives.Any(found.Contains)))
            {
                foreach (var driven in servo.Drives)
                {
                    more |= found.Add(driven);
                }
            }
        } while (more);
        return [.. sheet.Surfaces.Where(s => found.Contains(s.Id))];
    }

    /// <summary>
    /// Surfaces that some command moves together with this one, itself included: a trim moves them all.
    /// </summary>
    public static IEnumerable<Surface> ByCommand(SpecSheet sheet, string surface) =>
        sheet.Surface(surface) is { } one ? sheet.Surfaces.Where(s => s.Functions.Intersect(one.Functions).Any()) : [];

    /// <summary>
    /// The channels that move surfaces. As many names as servos: each its own. One name for several servos: each its
    /// own where two channels are the shop's way and the receiver has them to spare, else one for all. Where it cannot
    /// be told which servo a name is for, one for all, so that nothing is taken for independent that is not.
    /// </summary>
    public static ImmutableArray<Channel> Of(JobState state)
    {
        var spare = Math.Max(0, state.Aboard.ReceiverChannels - state.Sheet.Radio.Functions.Length);
        return state
            .Sheet.Once(s => new BySpare(s))
            .Of(state.School(Schools.PairedSurfaces) == "two-channels" ? spare : 0);
    }

    // Of one sheet, the last that was asked for: one job has one receiver at a time.
    private sealed class BySpare(SpecSheet sheet)
    {
        private Made? _last;

        public ImmutableArray<Channel> Of(int spare)
        {
            var last = _last;
            if (last is null || last.Spare != spare)
            {
                _last = last = new Made(spare, Shared(sheet, spare));
            }

            return last.Of;
        }

        private sealed record Made(int Spare, ImmutableArray<Channel> Of);
    }

    // One name for several servos is each servo's own as long as there are channels to spare.
    private static ImmutableArray<Channel> Shared(SpecSheet sheet, int spare)
    {
        var names = sheet.Radio.Functions.Select(f => (Name: f, Leads(sheet, f).Surfaces)).ToArray();
        List<Channel> channels = [];
        var servos = sheet
            .Surfaces.Select(s => ByServo(sheet, s.Id))
            .DistinctBy(g => g.Length > 0 ? g[0].Id : "")
            .Select(g =>
                (Group: g, Names: names.Where(n => n.Surfaces.Intersect(g).Any()).Select(n => n.Name).ToArray())
            );
        foreach (var alike in servos.GroupBy(s => string.Join('|', s.Names), StringComparer.Ordinal))
        {
            var groups = alike.Select(s => s.Group).ToArray();
            var named = alike.First().Names.Length;
            var apart = named == 0 || named >= groups.Length;
            if (!apart && named == 1 && spare >= groups.Length - 1)
            {
                (apart, spare) = (true, spare - groups.Length + 1);
            }

            channels.AddRange(
                apart ? groups.Select(g => new Channel(g)) : [new Channel([.. groups.SelectMany(g => g)])]
            );
        }

        return [.. channels];
    }
}
