using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>Somebody knows better where the damage came from than the earlier evidence says.</summary>
public sealed record OriginSaid(string Finding, Origin Origin, string Reason) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is null
            ? UnpackRules.NoFinding(Finding)
            : Texts.Reason(Reason, "body.reason", "Say how that is known.");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is { } f
            ? state.With(
                state.Unpack.With(f with { Origin = new OriginInferred(Origin, "said", $"{entry.By.Name}: {Reason}") })
            )
            : state.NotSupported(entry);

    public override string Say(JobState state) =>
        $"{state.Unpack.Find(Finding)?.Tag ?? "Finding"}: from {OriginWords.Of(Origin)}";
}
