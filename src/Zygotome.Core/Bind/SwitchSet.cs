using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Bind;

/// <summary>Where a switch stands, as whoever holds the transmitter sees it; a stick or slider likewise.</summary>
public enum SwitchAt
{
    Away,
    Middle,
    Towards,
}

/// <param name="Does">A state of the use.</param>
public sealed record SwitchPlace(SwitchAt At, string Does);

/// <summary>Something was put on a switch of the transmitter.</summary>
/// <param name="Use">Of <see cref="SwitchUses"/>, but for the cut: which switch that is on is said where it is
/// proven.</param>
/// <param name="On">The switch as it is marked on the transmitter.</param>
/// <param name="NextTo">The switch beside it; empty where nobody looked.</param>
/// <param name="Before">What that switch did until now; empty where it did nothing.</param>
/// <param name="BeforeGone">What it did until now was taken off it.</param>
public sealed record SwitchSet(
    string Use,
    string On,
    ImmutableArray<SwitchPlace> Places,
    string NextTo = "",
    string Before = "",
    bool BeforeGone = false
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (Use == SwitchUses.Cut)
        {
            return new Refusal(
                "bind/switch-cut",
                "The throttle cut is put on its switch where it is proven: prove it there.",
                "body.use"
            );
        }

        if (SwitchUses.Of(state.Sheet).FirstOrDefault(u => u.Id == Use) is not { } use)
        {
            return new Refusal(
                "bind/switch-use",
                $"Nothing on this aircraft is switched by \"{Use}\"; "
                    + $"{string.Join(", ", SwitchUses.Of(state.Sheet).Select(u => u.Id))} are.",
                "body.use"
            );
        }

        return Texts.Reason(On, "body.on", $"Say which switch {use.Words} is on.")
            ?? Texts.Fits(On, "body.on", 40)
            ?? Texts.Fits(NextTo, "body.nextTo", 40)
            ?? Texts.Fits(Before, "body.before", 60)
            ?? Stands(use);
    }

    private Refusal? Stands(SwitchUse use)
    {
        if (Places.DistinctBy(p => p.At).Count() != Places.Length)
        {
            return new Refusal("bind/switch-places", "Each position of the switch is said once.", "body.places");
        }

        if (Places.FirstOrDefault(p => !use.States.Contains(p.Does)) is { } unknown)
        {
            return new Refusal(
                "bind/switch-places",
                $"{Texts.Capital(use.Words)} has no \"{unknown.Does}\"; it has {string.Join(", ", use.States)}.",
                "body.places"
            );
        }

        return use.States.FirstOrDefault(s => Places.All(p => p.Does != s)) is { } missing
            ? new Refusal(
                "bind/switch-places",
                $"Say at which position of the switch {use.Words} is \"{missing}\".",
                "body.places"
            )
            : null;
    }

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .Say(entry, new Setting(SettingKind.Switch, Use), Value)
            .With(state.Bind with { Switches = state.Bind.Switches.SetItem(Use, this) });

    public override IEnumerable<string> Shows() => [new SwitchId(Use).Written];

    public override string Say(JobState state) =>
        $"{Texts.Capital(Use)} on {Value}{(Before.Trim().Length > 0 ? $", which was {Before.Trim()}" : "")}";

    private string Value =>
        $"{On.Trim()}: {string.Join(", ", Places.OrderBy(p => p.At).Select(p => $"{BindWords.Of(p.At)} {p.Does}"))}";
}
