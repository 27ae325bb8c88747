using Zygotome.Core.Journal;

namespace Zygotome.Core.Bind;

/// <summary>What the ledger asks of the card and of what warns the pilot.</summary>
internal static class CardLines
{
    public static IEnumerable<Requirement> Of(JobState state)
    {
        foreach (var alarm in Alarms.Of(state))
        {
            var shown = state.Bind.Alarms.GetValueOrDefault($"{alarm.Kind}");
            yield return new Requirement(
                new AlarmId(alarm.Kind),
                Concedable.ByLead,
                // One that is set to something else since was not heard as it is.
                shown is null
                || shown.At != alarm.At
                    ? Standing.NotShown
                    : Requirement.Stands(shown.Heard),
                new AlarmFacts(alarm, shown)
            )
            {
                Evidence = shown?.At == alarm.At ? shown.Evidence : null,
                RestsOn = Rests.On().And(new Setting(SettingKind.Transmitter), new Setting(SettingKind.Memory)),
            };
        }

        var card = SetUpCard.Of(state);
        var standing = card.ToLookup(l => SetUpCard.Standing(state, l));
        yield return new Requirement(
            new CardId(),
            Concedable.ByLead,
            standing[CardStanding.Changed].Any() ? Standing.NotMet
                : standing[CardStanding.NotKeyed].Any() ? Standing.NotShown
                : Standing.Met,
            new CardFacts(
                card.Length,
                card.Length - standing[CardStanding.NotKeyed].Count() - standing[CardStanding.Changed].Count(),
                standing[CardStanding.Changed].FirstOrDefault() ?? standing[CardStanding.NotKeyed].FirstOrDefault(),
                standing[CardStanding.Changed].Any()
            )
        )
        {
            Evidence = state.Bind.Keyed.Values.MaxBy(k => k.Evidence.Seq)?.Evidence,
            RestsOn = Rests.On().And(new Setting(SettingKind.Transmitter), new Setting(SettingKind.Memory)),
        };
    }

    private sealed record AlarmFacts(Alarm Alarm, AlarmShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Texts.Capital(BindWords.Of(Alarm.Kind)),
                $"heard at {Alarm.At}",
                "",
                Shown is null ? "" : $"{(Shown.Heard ? "heard" : "not heard")} at {Shown.At}",
                Shown is null ? "Not heard yet."
                    : Shown.At != Alarm.At ? $"It was heard at {Shown.At}: set it anew, and hear it."
                    : Shown.Heard ? "Set off on purpose, and heard."
                    : "Turn it up or set it, then hear it."
            );
    }

    private sealed record CardFacts(int Lines, int Keyed, CardLine? Next, bool Changed) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                "Set-up card keyed",
                $"{Lines} lines",
                "",
                $"{Keyed} keyed",
                Next is null ? "Every line is keyed, or taken with a reason."
                    : Changed ? $"{Next.What} is {Next.Value} since it was keyed: key it anew."
                    : Next.Value.Length == 0 ? $"{Next.Section}, {Next.What}: not known yet."
                    : $"Next: {Next.Section}, {Next.What}: {Next.Value}."
            );
    }
}
