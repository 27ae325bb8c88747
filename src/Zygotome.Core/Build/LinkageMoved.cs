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
public sealed record LinkageMoved(string Surface, LinkagePart Part, string Detail = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Named.Surface(state, Surface) ?? Texts.Fits(Detail, "body.detail");

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(state.Build with { Moved = state.Build.Moved.Add(this) })
            .Disturb(entry, Say(state), DisturbanceMatrix.LinkageMoved(state.Sheet, Surface))
            .Set(entry, new Setting(SettingKind.Linkage, Surface, BuildRules.Words(Part)), Detail);

    public override string Say(JobState state) =>
        $"{Texts.Capital(BuildRules.Words(Part))} of the "
        + $"{state.Sheet.Surface(Surface)?.Name.ToLowerInvariant() ?? Surface} moved";
}
