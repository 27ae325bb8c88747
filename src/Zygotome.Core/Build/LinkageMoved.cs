using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>What of a linkage can be moved.</summary>
public enum LinkagePart
{
    Pushrod,
    Clevis,
    HornHole,
    ArmHole,
    ArmSide,
    ArmSpline,
}

/// <summary>A pushrod, clevis, hole or arm was moved. What was measured through it is stale.</summary>
/// <param name="Surface">Or an output that a servo moves: a steered wheel.</param>
public sealed record LinkageMoved(string Surface, LinkagePart Part, string Detail = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        (state.Sheet.Servos.Any(s => s.Drives.Contains(Surface)) ? null : Named.Surface(state, Surface))
        ?? Texts.Fits(Detail, "body.detail");

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(state.Build with { Moved = state.Build.Moved.Add(this) })
            .Disturb(entry, Say(state), DisturbanceMatrix.LinkageMoved(state.Sheet, Surface))
            .Set(entry, new Setting(SettingKind.Linkage, Surface, BuildRules.Words(Part)), Detail);

    public override string Say(JobState state)
    {
        var name = state.Sheet.Surface(Surface)?.Name ?? state.Sheet.Output(Surface)?.Name ?? Surface;
        return $"{Texts.Capital(BuildRules.Words(Part))} of the {name.ToLowerInvariant()} moved";
    }
}
