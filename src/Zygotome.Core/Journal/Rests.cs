using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>
/// What evidence rests on: settings, whose other value makes it stale, and aspects, whose disturbance does.
/// </summary>
public sealed record Rests(ImmutableArray<Aspect> Aspects, ImmutableArray<Setting> Settings)
{
    public static Rests On(params ImmutableArray<Aspect> aspects) => new(aspects, []);

    public Rests And(params IEnumerable<Setting> settings) => this with { Settings = [.. Settings, .. settings] };

    /// <summary>
    /// Why evidence is stale, as a sentence; null while it stands. A step under way comes first, then whatever was recorded
    /// last: a hand on it, or another value.
    /// </summary>
    public string? Cause(JobState state, Evidence evidence)
    {
        var touched = state.Disturbances.After(evidence, Aspects);
        var set = Changes(state, evidence).MaxBy(c => c.Now.Seq);
        return UnderWay(state)
            ?? (
                set is not null && set.Now.Seq > (touched?.Seq ?? 0) ? SettingWords.Of(state, set)
                : touched is null ? null
                : $"{touched.Cause}, after this was shown."
            );
    }

    /// <summary>What of its settings is another one now; none while all are as they were.</summary>
    public IEnumerable<SettingChange> Changes(JobState state, Evidence evidence) =>
        Settings.Select(s => state.Settings.After(evidence, s)).OfType<SettingChange>();

    // A step disturbs from its start until it is done, not only at its end.
    private string? UnderWay(JobState state) =>
        Disturbing(state).FirstOrDefault(o => Aspects.Any(a => a == o.Aspect || a.ForEvery() == o.Aspect)).Title
            is { } title
            ? $"\"{title}\" is under way and disturbs it."
            : null;

    private static IEnumerable<(Aspect Aspect, string Title)> Disturbing(JobState state) =>
        from step in state.Steps
        where step.Value.Done is null
        let spec = state.Sheet.Step(step.Key)
        where spec is not null
        from aspect in DisturbanceMatrix.Step(spec).Concat(spec.Repairs.Length > 0 ? DisturbanceMatrix.Weight : [])
        select (aspect, spec.Title);
}
