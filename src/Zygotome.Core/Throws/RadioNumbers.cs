using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Throws;

/// <summary>
/// Which number in the radio a throw hangs on. Of all commands that move one channel one way, the one with the largest
/// throw sets its end point, which moves all others; beside any other command the number is that command's share of it,
/// one for each side of the stick. Both commands of a mixed surface together, and throws in radio percent, set nothing.
/// </summary>
public sealed class RadioNumbers
{
    private readonly SpecSheet _sheet;
    private readonly ImmutableArray<Channel> _channelList;
    private readonly Dictionary<string, Channel> _channels;
    private readonly Dictionary<(string Channel, Way Way), (string Function, string Rate)> _largest = [];
    private readonly Dictionary<string, Rests> _rests;

    private RadioNumbers(SpecSheet sheet, ThrowTargets targets, ImmutableArray<Channel> channels)
    {
        (_sheet, Targets, _channelList) = (sheet, targets, channels);
        _channels = channels
            .SelectMany(c => c.Surfaces.Select(s => (s.Id, Channel: c)))
            .ToDictionary(p => p.Id, p => p.Channel, StringComparer.Ordinal);
        foreach (var end in targets.Where(Sets).GroupBy(t => (ChannelOf(t).Id, WayOf(t))))
        {
            // Of equal ones the first in the sheet's order: which it is does not matter, as long as it stays.
            var largest = end.MaxBy(Degrees)!;
            _largest[end.Key] = (largest.Function, largest.Rate);
        }

        _rests = Targets.ToDictionary(t => t.Id, RestsOf, StringComparer.Ordinal);
    }

    /// <summary>Made once for a sheet, as long as the targets and what its channels move are the same.</summary>
    public static RadioNumbers Of(JobState state) => state.Sheet.Once(_ => new Kept()).Of(state);

    private sealed class Kept
    {
        private RadioNumbers? _last;

        public RadioNumbers Of(JobState state)
        {
            var targets = ThrowTargets.Of(state.Sheet, state.Rules);
            var channels = Channels.Of(state);
            return _last is { } last && last.Targets == targets && last._channelList == channels
                ? last
                : _last = new RadioNumbers(state.Sheet, targets, channels);
        }
    }

    public ThrowTargets Targets { get; }

    /// <summary>The end point or the share it is set by; null where nothing in the radio is.</summary>
    public Setting? NumberOf(ThrowTarget target) =>
        !Sets(target) ? null
        : IsLargest(target) ? EndOf(target)
        : ShareOf(target, target.Function);

    /// <summary>
    /// Every throw that one number sets: those of its command on that channel, or on every channel it moves.
    /// </summary>
    public IEnumerable<ThrowTarget> SetBy(Setting number) => Targets.Where(t => NumberOf(t) == number);

    /// <summary>The end point of its channel, the way it goes.</summary>
    public Setting EndOf(ThrowTarget target) => new(SettingKind.EndPoint, ChannelOf(target).Id, WayOf(target).Word());

    /// <summary>What the number in the radio is now, %; 100 where nobody said.</summary>
    public double Now(Settings settings, ThrowTarget target) =>
        NumberOf(target) is { } number ? Percent(settings.Of(number)) : 100;

    /// <summary>
    /// How much of the servo's whole way the radio gave it when evidence was taken: end point × share, as a fraction.
    /// </summary>
    public double Given(Settings settings, ThrowTarget target, Evidence evidence) =>
        Gain(target, s => settings.At(evidence, s));

    /// <summary>The same with what is set now.</summary>
    public double GivenNow(Settings settings, ThrowTarget target) => Gain(target, settings.Of);

    /// <summary>
    /// A throw rests on its surface and what drives it, on the radio's link, on the end point that its channel has that
    /// way, on its own share, and on trims, reversing and mixes of what moves it.
    /// </summary>
    public Rests RestsOn(ThrowTarget target) => _rests[target.Id];

    private Rests RestsOf(ThrowTarget target)
    {
        var functions = Functions(target);
        return Rests
            .On(new Aspect(AspectKind.Throw, target.Surface.Id))
            .And([
                EndOf(target),
                .. functions.Where(f => !Largest(target, f)).Select(f => ShareOf(target, f)),
                .. functions.Select(f => new Setting(SettingKind.Mix, f)),
                .. OfSurface(target.Surface),
            ]);
    }

    private IEnumerable<Setting> OfSurface(Surface surface) =>
        [
            .. RadioSettings.Link,
            new Setting(SettingKind.Trim, surface.Id),
            .. RadioSettings.Reverses(_sheet, surface),
            new Setting(SettingKind.SurfaceCount),
            .. RadioSettings.Answers(Schools.Driving),
            .. SheetValues.OfSurface(surface.Id),
        ];

    /// <summary>The number in a setting's value, %; 100 where it says none.</summary>
    public static double Percent(string? value) =>
        value is not null
        && double.TryParse(value.TrimEnd('%', ' '), System.Globalization.CultureInfo.InvariantCulture, out var percent)
            ? percent
            : 100;

    /// <summary>"92 %", as a setting keeps it.</summary>
    public static string Words(double percent) => $"{Numbers.Say(percent)} %";

    private static ImmutableArray<string> Functions(ThrowTarget t) =>
        t.Function == Sheets.SurfaceFunctions.Combined ? t.Surface.Functions : [t.Function];

    private static bool Sets(ThrowTarget t) =>
        t.Band is not null && !t.Percent && t.Function != Sheets.SurfaceFunctions.Combined;

    private bool IsLargest(ThrowTarget t) => Largest(t, t.Function);

    private bool Largest(ThrowTarget t, string function) =>
        _largest.TryGetValue((ChannelOf(t).Id, WayOf(t)), out var largest) && largest == (function, t.Rate);

    private double Gain(ThrowTarget t, Func<Setting, string?> value) =>
        Percent(value(EndOf(t))) / 100 * (IsLargest(t) ? 1 : Percent(value(ShareOf(t, t.Function))) / 100);

    private Setting ShareOf(ThrowTarget t, string function) =>
        new(SettingKind.Share, function, IsPositive(t, function) ? Setting.Positive : Setting.Negative, t.Rate);

    // What a surface does for the positive input of a function is its natural way.
    private bool IsPositive(ThrowTarget t, string function) =>
        Movements.Natural(_sheet, t.Surface, function) == Movements.Of(t.Way);

    private Channel ChannelOf(ThrowTarget t) => _channels.GetValueOrDefault(t.Surface.Id) ?? new Channel([t.Surface]);

    // The way of a channel is that of its first surface: on a Y-lead the right aileron goes up as the left one goes
    // down.
    private Way WayOf(ThrowTarget t)
    {
        var first = ChannelOf(t).Surfaces[0];
        if (first.Id == t.Surface.Id)
        {
            return t.Way;
        }

        var natural = Movements.Natural(_sheet, first, Functions(t)[0]);
        return IsPositive(t, Functions(t)[0]) ? Way(natural) : Opposite(Way(natural));
    }

    private static Way Way(Movement movement) => Enum.Parse<Way>(movement.ToString());

    private static Way Opposite(Way way) =>
        way switch
        {
            Quantities.Way.Up => Quantities.Way.Down,
            Quantities.Way.Down => Quantities.Way.Up,
            Quantities.Way.Left => Quantities.Way.Right,
            Quantities.Way.Right => Quantities.Way.Left,
            _ => way,
        };

    private static double Degrees(ThrowTarget t) =>
        ThrowMeasures.ToAngle(t.Band!.Middle, 0, t.Measure, t.Surface.Chord).Try(out var angle, out _)
            ? angle.Degrees
            : ThrowMeasures.MostDegrees;
}
