using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Throws;

/// <summary>
/// Another number in the radio for one throw: the end point of its channel that way where it is the largest, which
/// moves all others, else the share of its command.
/// </summary>
public sealed record TravelSet(string Target, Percent Percent) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        ThrowTargets.Of(state.Sheet, state.Rules).Find(Target) is null
            ? new Refusal("throws/target", $"The sheet has no throw \"{Target}\".", "body.target")
        : NumberOf(state, Target) is null
            ? new Refusal(
                "throws/no-number",
                "Nothing in the radio sets this throw by itself; set the commands it is made of.",
                "body.target"
            )
        : Percent.Outside((decimal)Least(state), (decimal)TravelAdvice.Most, "a travel", "body.percent");

    private double Least(JobState state) =>
        NumberOf(state, Target) is { Kind: SettingKind.Share } ? TravelAdvice.LeastShare : TravelAdvice.Least;

    public override JobState Apply(JobState state, Entry entry) =>
        NumberOf(state, Target) is { } number
            ? state.Set(entry, number, RadioNumbers.Words(Percent.Value))
            : state.NotSupported(entry);

    internal static Setting? NumberOf(JobState state, string target)
    {
        var numbers = RadioNumbers.Of(state);
        return numbers.Targets.Find(target) is { } known ? numbers.NumberOf(known) : null;
    }

    public override string Say(JobState state) =>
        NumberOf(state, Target) is { } number
            ? $"{SettingWords.Of(state, number)}: {Numbers.Say(Percent.Value)} %"
            : $"Travel set to {Numbers.Say(Percent.Value)} %";
}
