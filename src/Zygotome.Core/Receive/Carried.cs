using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>
/// How the owner carries it: asked once, it answers what hangs on it. Each answer may be said otherwise afterwards.
/// </summary>
public sealed record Carried(Carriage How, string Reason = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        How == Carriage.NotSaid ? new Refusal("receive/carried", "Say how the owner carries it.", "body.how")
        : Chosen(state).Select(c => c.Admit(state, entry)).FirstOrDefault(r => r is not null) is { } refusal
            ? refusal with
            {
                Where = refusal.Where == "body.reason" ? refusal.Where : "body.how",
            }
        : state.Steps.Count > 0 && Chosen(state).Length > 0
            ? Texts.Reason(Reason, "body.reason", "Work has begun: say why it changes.")
        : Texts.Fits(Reason, "body.reason");

    public override JobState Apply(JobState state, Entry entry) =>
        Chosen(state).Aggregate(state.With(state.Receive with { Carried = How }), (s, c) => c.Apply(s, entry));

    private SchoolChosen[] Chosen(JobState state) =>
        [
            .. Carriages
                .Answers(How)
                .Where(a => (state.Schools.GetValueOrDefault(a.Key)?.Option ?? "") != a.Value)
                .Select(a => new SchoolChosen(a.Key, a.Value, Why)),
        ];

    private string Why =>
        Reason.Trim().Length > 0 ? $"carried {Carriages.Of(How)}: {Reason.Trim()}" : $"carried {Carriages.Of(How)}";

    public override IEnumerable<string> Shows() => [new CarriedId().Written];

    public override string Say(JobState state) => $"The owner carries it {Carriages.Of(How)}";
}
