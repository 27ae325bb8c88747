using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Throws;

/// <summary>
/// Settings of one number in the radio that bring every throw in that it sets, as far as they were read.
/// </summary>
/// <param name="Low">%. <paramref name="High"/>: %, not below.</param>
/// <param name="Best">Where the middles of their bands lie together, %.</param>
/// <param name="Others">How many throws it sets beside the one asked about.</param>
/// <param name="Least">How far down the radio goes, %.</param>
public sealed record TravelRange(double Low, double High, double Best, int Others, double Least)
{
    /// <summary>
    /// The setting nearest to all middles within the range; for one throw alone its own. A whole percent inside, where
    /// there is one.
    /// </summary>
    public double Nearest(double own)
    {
        var wanted = Math.Clamp(Others == 0 ? own : Best, Low, High);
        var (down, up) = (Math.Floor(wanted), Math.Ceiling(wanted));
        var near = Math.Round(wanted, MidpointRounding.AwayFromZero);
        return near >= Low && near <= High ? near
            : down >= Low ? down
            : up <= High ? up
            : near;
    }
}

/// <summary>
/// What to set in the radio for one throw, with regard to every other that the same number sets: one number that brings
/// all of them in, or the rods to change. Only the largest throw of a channel changes its end point, so that setting
/// two rates, both functions of an elevon or two flap positions ends.
/// </summary>
public static class ThrowAdvice
{
    /// <summary>How far a surface goes for each percent of a number: degrees, with U.</summary>
    private sealed record Answer(ThrowTarget Target, double PerPercent, double U)
    {
        public double At(double value) =>
            ThrowMeasures.ToAngle(value, 0, Target.Measure, Target.Surface.Chord).Try(out var angle, out _)
                ? angle.Degrees / PerPercent
                : ThrowMeasures.MostDegrees / PerPercent;
    }

    /// <summary>
    /// Refused where it was not read or the reading counts no more, where nothing in the radio sets it, where no one
    /// number brings all in, and as <see cref="TravelAdvice.Next"/> refuses.
    /// </summary>
    public static Outcome<TravelAdvice> For(JobState state, RadioNumbers numbers, ThrowTarget target)
    {
        if (numbers.NumberOf(target) is not { } number)
        {
            return new Refusal(
                "throws/no-number",
                "Nothing in the radio sets it by itself: set the commands it is made of, and measure again."
            );
        }

        var now = numbers.Now(state.Settings, target);
        if (Read(state, numbers, target, now) is not { } own)
        {
            return new Refusal("throws/not-read", "Measure it first; what was read does not count any more.");
        }

        var read = new ThrowAngle(own.PerPercent * now, own.U * now);
        var range = new TravelRange(0, double.MaxValue, 0, 0, LeastOf(number));
        if (read.Degrees >= 1)
        {
            var all = numbers.SetBy(number).Select(t => Read(state, numbers, t, now)).OfType<Answer>().ToArray();
            var moving = all.Where(a => a.PerPercent * now >= 1).ToArray();
            var (low, high) = (
                moving.MaxBy(a => a.At(a.Target.Band!.Low ?? 0))!,
                moving.MinBy(a => a.At(a.Target.Band!.High ?? a.Target.Surface.Chord))!
            );
            range = range with
            {
                Low = low.At(low.Target.Band!.Low ?? 0),
                High = high.At(high.Target.Band!.High ?? high.Target.Surface.Chord),
                Best = moving.Average(a => a.At(a.Target.Band!.Middle)),
                Others = numbers.SetBy(number).Count() - 1,
            };
            if (Numbers.Round(range.Low - range.High) > 0)
            {
                return Apart(low, high);
            }
        }

        return TravelAdvice.Next(
            target,
            now,
            read,
            target.Band!.Middle,
            [.. Tried(state, numbers, target, number)],
            range
        );
    }

    private static Refusal Apart(Answer low, Answer high)
    {
        var (least, most) = (
            low.At(low.Target.Band!.Low ?? 0),
            high.At(high.Target.Band!.High ?? high.Target.Surface.Chord)
        );
        static string Surface(Answer a) => a.Target.Surface.Name.ToLowerInvariant();
        return new Refusal(
            "throws/one-number",
            $"No one number brings both in: {low.Target.Name.ToLowerInvariant()} needs {Numbers.OneDecimal(least)} % "
                + $"or "
                + $"more, {high.Target.Name.ToLowerInvariant()} at most {Numbers.OneDecimal(most)} %. Move the rod "
                + $"of the "
                + $"{Surface(low)} one hole outwards on its servo arm, or that of the {Surface(high)} one inwards."
        );
    }

    // A reading counts while nothing but the numbers themselves is another: those are reckoned with.
    private static Answer? Read(JobState state, RadioNumbers numbers, ThrowTarget target, double now)
    {
        if (
            target.Band is null
            || !state.Throws.Readings.TryGetValue(target.Id, out var shown)
            || state.AskedAnew.GetValueOrDefault(target.Id) > shown.Evidence.Seq
            || !ThrowReading.Of(target, shown.Read).Try(out var reading, out _)
            || reading.Angle is not { } angle
            || Without(numbers, target).Cause(state, shown.Evidence) is not null
        )
        {
            return null;
        }

        var share =
            numbers.GivenNow(state.Settings, target) / numbers.Given(state.Settings, target, shown.Evidence) / now;
        return new Answer(target, angle.Degrees * share, angle.U * share);
    }

    private static Rests Without(RadioNumbers numbers, ThrowTarget target) =>
        numbers.RestsOn(target) is var (aspects, settings)
            ? new Rests(aspects, [.. settings.Where(s => s.Kind is not (SettingKind.EndPoint or SettingKind.Share))])
            : Rests.On();

    // What was set before something else changed was set on another linkage or another end point.
    private static IEnumerable<double> Tried(JobState state, RadioNumbers numbers, ThrowTarget target, Setting number)
    {
        var rests = numbers.RestsOn(target);
        var since = Math.Max(
            state.Disturbances.LastOf(rests.Aspects),
            rests.Settings.Where(s => s != number).Select(state.Settings.ChangedAt).DefaultIfEmpty().Max()
        );
        return state
            .Settings.Since(number, since)
            .Append(state.Settings.Of(number) ?? "")
            .Where(v => v.Length > 0)
            .Select(RadioNumbers.Percent);
    }

    private static double LeastOf(Setting number) =>
        number.Kind == SettingKind.Share ? TravelAdvice.LeastShare : TravelAdvice.Least;
}
