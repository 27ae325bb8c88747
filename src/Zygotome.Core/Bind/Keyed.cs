using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Bind;

/// <summary>One line of the set-up card as it now stands in the transmitter.</summary>
/// <param name="Id">Of a <see cref="CardLine"/>.</param>
/// <param name="Value">As it stands there: the card's, or another with a <paramref name="Reason"/>.</param>
/// <param name="Preset">What the maker's ready memory had there, where it was another; empty where it had the card's,
/// or there is none.</param>
public sealed record KeyedLine(string Id, string Value, string Preset = "", string Reason = "");

/// <summary>Lines of the set-up card were keyed in, or found so in the maker's ready memory.</summary>
public sealed record Keyed(ImmutableArray<KeyedLine> Lines) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (Lines.IsEmpty)
        {
            return new Refusal("bind/keyed", "Say at least one line of the card.", "body.lines");
        }

        var card = SetUpCard.Of(state).ToDictionary(l => l.Id, StringComparer.Ordinal);
        for (var i = 0; i < Lines.Length; i++)
        {
            var at = $"body.lines[{i}]";
            if (Refused(card, Lines[i], at) is { } refused)
            {
                return refused;
            }
        }

        return null;
    }

    private static Refusal? Refused(Dictionary<string, CardLine> card, KeyedLine line, string at) =>
        !card.TryGetValue(line.Id, out var asked)
            ? new Refusal("bind/keyed", $"The card of this job has no line \"{line.Id}\".", $"{at}.id")
        : asked.Value.Length == 0
            ? new Refusal("bind/keyed", $"{asked.What}: what to key is not known yet.", $"{at}.value")
        : Texts.Fits(line.Preset, $"{at}.preset", 200)
            ?? (
                line.Value == asked.Value
                    ? null
                    : Texts.Fits(line.Value, $"{at}.value", 200)
                        ?? Texts.Reason(
                            line.Reason,
                            $"{at}.reason",
                            $"{asked.What}: the card says {asked.Value}. Key that, or say why it stays {line.Value}."
                        )
            );

    public override JobState Apply(JobState state, Entry entry)
    {
        var card = SetUpCard.Of(state).ToDictionary(l => l.Id, l => l.Value, StringComparer.Ordinal);
        return state.With(
            state.Bind with
            {
                Keyed = state.Bind.Keyed.SetItems(
                    Lines.Select(l =>
                        KeyValuePair.Create(
                            l.Id,
                            new KeyedShown(
                                l.Value,
                                card.GetValueOrDefault(l.Id, l.Value),
                                l.Preset.Trim(),
                                l.Reason.Trim(),
                                Evidence.Of(entry)
                            )
                        )
                    )
                ),
            }
        );
    }

    public override IEnumerable<string> Shows() => [new CardId().Written];

    public override string Say(JobState state)
    {
        var named = SetUpCard.Of(state).ToDictionary(l => l.Id, l => $"{l.Section}: {l.What}", StringComparer.Ordinal);
        if (Lines is not [var one])
        {
            return $"Keyed: {Lines.Length} lines of the set-up card";
        }

        var reason = one.Reason.Trim() is { Length: > 0 } why ? $" ({why})" : "";
        return $"Keyed: {named.GetValueOrDefault(one.Id, one.Id)}, {one.Value}{reason}";
    }
}

/// <summary>How a line was keyed.</summary>
/// <param name="Card">What the card said then.</param>
public sealed record KeyedShown(string Value, string Card, string Preset, string Reason, Evidence Evidence);
