using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Check;

/// <summary>What was looked at before it flies is answered. <em>No</em> stands in the ledger until it is mended and
/// looked at again.</summary>
/// <param name="Ask">As <see cref="CheckAsks"/> has it: <c>keepers/sv-rud</c>.</param>
/// <param name="Measured">mm, in the order of its gauge, where it has one; out of limits is no, whatever was
/// said.</param>
public sealed record CheckAnswered(string Ask, bool Right, string? Note = null, ImmutableArray<Length>? Measured = null)
    : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        CheckAsks.Of(state).FirstOrDefault(a => a.Id == Ask) is not { } ask
            ? new Refusal("check/no-ask", "The last look at this job does not ask that.", "body.ask")
        : Right && ask.Gauge is { } gauge && gauge.Measures.Length != Read.Length
            ? new Refusal("check/measure", $"Measure it: {string.Join(", and ", gauge.Measures)}, mm.", "body.measured")
        : ask.Gauge is null && Read.Length > 0
            ? new Refusal("check/no-measure", "Nothing is measured there.", "body.measured")
        : Read.Select((m, i) => m.Outside(0, 500, "a gap", $"body.measured[{i}]")).FirstOrDefault(r => r is not null)
            ?? Texts.Fits(Note ?? "", "body.note");

    private ImmutableArray<Length> Read => Measured ?? [];

    public override JobState Apply(JobState state, Entry entry)
    {
        var shown = new CheckShown(
            Right,
            Note?.Trim() ?? "",
            Read,
            Evidence.Of(entry, state.Check.Asks.GetValueOrDefault(Ask)?.Evidence.Attempt + 1 ?? 1)
        );
        var ask = CheckAsks.Of(state).FirstOrDefault(a => a.Id == Ask);
        var after = state.With(state.Check with { Asks = state.Check.Asks.SetItem(Ask, shown) });
        return ask is { Moves.Length: > 0 } && !ask.IsSo(Right, Read)
            ? after.Disturb(entry, "What was not so is moved to mend it", ask.Moves)
            : after;
    }

    public override IEnumerable<string> Shows() => [new CheckAskId(Ask).Written];

    public override string Say(JobState state)
    {
        var ask = CheckAsks.Of(state).FirstOrDefault(a => a.Id == Ask);
        string[] said =
        [
            .. Read.Length > 0 ? [string.Join(" and ", Read.Select(m => m.Text))] : (string[])[],
            .. string.IsNullOrWhiteSpace(Note) ? [] : (string[])[Note.Trim()],
        ];
        var answer = ask?.IsSo(Right, Read) ?? Right ? "Yes" : "No";
        return $"{ask?.Words ?? Ask} {answer}{(said.Length > 0 ? $": {string.Join(", ", said)}" : "")}";
    }
}
