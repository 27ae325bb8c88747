using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>
/// What evidence rests on: settings, whose other value makes it stale, and aspects, whose disturbance does.
/// </summary>
public sealed record Rests(ImmutableArray<Aspect> Aspects, ImmutableArray<Setting> Settings)
{
    /// <summary>On aspects alone.</summary>
    public static Rests On(params ImmutableArray<Aspect> aspects) => new(aspects, []);

    /// <summary>On these settings too.</summary>
    public Rests And(params IEnumerable<Setting> settings) => this with { Settings = [.. Settings, .. settings] };

    /// <summary>
    /// Why evidence is stale; null while it stands. A step under way comes first, then whatever was recorded
    /// last: a hand on it, or another value.
    /// </summary>
    public Cause? Cause(JobState state, Evidence evidence)
    {
        if (UnderWay(state) is { } step)
        {
            return step;
        }

        var touched = state.Disturbances.After(evidence, Aspects);
        var set = Changes(state, evidence).MaxBy(c => c.Now.Seq);
        return set is not null && set.Now.Seq > (touched?.Seq ?? 0) ? new Cause.Changed(set)
            : touched is not null ? new Cause.Touched(touched)
            : null;
    }

    /// <summary>What of its settings is another one now; none while all are as they were.</summary>
    public IEnumerable<SettingChange> Changes(JobState state, Evidence evidence) =>
        Settings.Select(s => state.Settings.After(evidence, s)).OfType<SettingChange>();

    // A step disturbs from its start until it is done, not only at its end.
    private Cause.UnderWay? UnderWay(JobState state) =>
        Disturbing(state).FirstOrDefault(o => Aspects.Any(a => a == o.Aspect || a.ForEvery() == o.Aspect)).Title
            is { } title
            ? new Cause.UnderWay(title)
            : null;

    private static IEnumerable<(Aspect Aspect, string Title)> Disturbing(JobState state) =>
        from step in state.Steps
        where step.Value.Done is null
        let spec = state.Sheet.Step(step.Key)
        where spec is not null
        from aspect in DisturbanceMatrix
            .Step(state.Sheet, spec)
            .Concat(spec.Repairs.Length > 0 ? DisturbanceMatrix.Weight : [])
        select (aspect, spec.Title);
}
