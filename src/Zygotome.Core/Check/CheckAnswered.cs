using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Check;

/// <summary>What was looked at before it flies is answered. <em>No</em> stands in the ledger until it is mended and
/// looked at again.</summary>
/// <param name="Ask">As <see cref="CheckAsks"/> has it: <c>keepers/sv-rud</c>.</param>
/// <param name="Measured">mm, where a gap is asked; too little is no, whatever was said.</param>
public sealed record CheckAnswered(string Ask, bool Right, string? Note = null, Length? Measured = null) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        CheckAsks.Of(state).FirstOrDefault(a => a.Id == Ask) is not { } ask
            ? new Refusal("check/no-ask", "The last look at this job does not ask that.", "body.ask")
        : Right && ask.Least is not null && Measured is null
            ? new Refusal("check/measure", "Measure it: yes is a gap here.", "body.measured")
        : Measured?.Outside(0, 500, "a gap", "body.measured") ?? Texts.Fits(Note ?? "", "body.note");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Check with
            {
                Asks = state.Check.Asks.SetItem(
                    Ask,
                    new CheckShown(
                        Right,
                        Note?.Trim() ?? "",
                        Measured,
                        Evidence.Of(entry, state.Check.Asks.GetValueOrDefault(Ask)?.Evidence.Attempt + 1 ?? 1)
                    )
                ),
            }
        );

    public override IEnumerable<string> Shows() => [new CheckAskId(Ask).Written];

    public override string Say(JobState state)
    {
        var ask = CheckAsks.Of(state).FirstOrDefault(a => a.Id == Ask);
        string[] said =
        [
            .. Measured is { } gap ? [gap.Text] : (string[])[],
            .. string.IsNullOrWhiteSpace(Note) ? [] : (string[])[Note.Trim()],
        ];
        var answer = ask?.IsSo(Right, Measured) ?? Right ? "Yes" : "No";
        return $"{ask?.Words ?? Ask} {answer}{(said.Length > 0 ? $": {string.Join(", ", said)}" : "")}";
    }
}
