using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Wire;

/// <summary>A plug was drawn out. Plugged again, what goes through it is shown anew.</summary>
public sealed record LeadPulled(string Lead, string Why) : EntryBody, IPowered
{
    /// <summary>No plug is moved under power.</summary>
    public PowerState Needs(JobState state) => PowerState.Unstated;

    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Wire.Leads.GetValueOrDefault(Lead) is not { Pulled.Length: 0 }
            ? new Refusal("wire/not-plugged", "That lead is not plugged in.", "body.lead")
            : Texts.Reason(Why, "body.why", "Say why it is pulled.");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Wire.Leads.GetValueOrDefault(Lead) is { } seen
            ? state
                .With(
                    state.Wire with
                    {
                        Leads = state.Wire.Leads.SetItem(
                            Lead,
                            seen with
                            {
                                Pulled = Why.Trim(),
                                Evidence = Evidence.Of(entry, seen.Evidence.Attempt),
                            }
                        ),
                    }
                )
                .Disturb(entry, Say(state), Touches(state, Lead))
            : state.NotSupported(entry);

    // A lead that the wiring does not know any more may have fed anything.
    internal static IEnumerable<Aspect> Touches(JobState state, string lead) =>
        Wiring.Of(state).Lead(lead) is not { } known
            ? [new(AspectKind.Failsafe), new(AspectKind.Direction, Aspect.Every)]
            :
            [
                new(AspectKind.Failsafe),
                .. known
                    .Feeds.SelectMany(c => c.Moves)
                    .SelectMany(m =>
                        state.Sheet.Surface(m) is not null
                            ? [new(AspectKind.Direction, m), new Aspect(AspectKind.Throw, m)]
                            : (Aspect[])[new(AspectKind.Direction, m)]
                    ),
            ];

    public override IEnumerable<string> Shows() => [new LeadId(Lead).Written];

    public override string Say(JobState state) =>
        $"{Wiring.Of(state).Lead(Lead)?.Name ?? Lead} pulled out: {Why.Trim()}";
}
