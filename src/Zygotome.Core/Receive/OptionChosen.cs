using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>As what the kit is built, where its box can be built as several.</summary>
/// <param name="Option">An option of the sheet; <paramref name="Choice"/>: one of its choices.</param>
public sealed record OptionChosen(string Option, string Choice, string Reason = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (Known(state.Built, Option, Choice, "body.choice") is { } unknown)
        {
            return unknown;
        }

        return Changes(state) ? Changed(state, entry) : Texts.Fits(Reason, "body.reason");
    }

    /// <summary>The refusal of an option or choice that the kit has not.</summary>
    internal static Refusal? Known(SpecSheet sheet, string option, string choice, string where) =>
        sheet.Kit.Options.FirstOrDefault(o => o.Id == option) is not { } known
            ? new Refusal("receive/option", $"This kit has no option \"{option}\".", where)
        : !known.Choices.Contains(choice)
            ? new Refusal(
                "receive/option-choice",
                $"\"{choice}\" is no choice of {known.Name}; {string.Join(", ", known.Choices)} are.",
                where
            )
        : null;

    private bool Changes(JobState state) =>
        KitChoices.Taken(state.Built, state.Options).GetValueOrDefault(Option) != Choice;

    // What is wrong does not go away by building it as something else, and a step that is done has left something on
    // the aircraft. One that was begun leaves the plan, and what it disturbed stays disturbed.
    private Refusal? Changed(JobState state, Entry entry)
    {
        var begun = state.Steps.Count > 0;
        if (begun && !Rights.Leads(entry.By))
        {
            return new Refusal("receive/lead", "Work has begun: a lead builds it as something else.", "body.choice");
        }

        var next = Apply(state, entry);
        if (
            state.Sheet.Steps.FirstOrDefault(s =>
                next.Sheet.Step(s.Id) is null && state.Progress(s.Id) is { Done: not null }
            ) is
            { } fitted
        )
        {
            return new Refusal(
                "receive/option-step",
                $"\"{fitted.Title}\" is done and belongs to what it was to be: take it off, and say that it is not "
                    + "done after all.",
                "body.choice"
            );
        }

        var gone = Vanishing.Of(
            Ledger.Lines(state, entry.RecordedAt),
            Ledger.Lines(next, entry.RecordedAt),
            line => state.Stages.Ties(next.Sheet, line)
        );
        return gone.Refuses is [var wrong, ..]
                ? new Refusal(
                    "receive/option-wrong",
                    $"{wrong.Text(state)} would not be asked for any more, and that is not put right.",
                    "body.choice"
                )
            : begun ? Texts.Reason(Reason, "body.reason", "Work has begun: say why it is built as something else.")
            : Texts.Fits(Reason, "body.reason");
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        if (state.Built.Kit.Options.All(o => o.Id != Option))
        {
            return state.NotSupported(entry);
        }

        var setting = new Setting(SettingKind.KitOption, Option);
        var chosen = state with { Options = state.Options.SetItem(Option, Choice) };
        return (Changes(state) ? chosen.Set(entry, setting, Choice) : chosen.Say(entry, setting, Choice))
            .Resheet(entry)
            .SayValues(entry, chosen.Chosen);
    }

    public override string Say(JobState state) =>
        $"{state.Built.Kit.Options.FirstOrDefault(o => o.Id == Option)?.Name ?? Option}: {Choice}";
}
