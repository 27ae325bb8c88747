using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>What one surface did.</summary>
public sealed record Seen(string Surface, Movement Moved);

/// <summary>One function called out, every surface of it answered; others too, where they moved as well.</summary>
/// <param name="Bypassed">With the stabiliser by-passed, plugs straight in the receiver: shown apart from how it
/// flies.</param>
public sealed record DirectionSeen(string Function, ImmutableArray<Seen> Seen, bool Bypassed = false)
    : EntryBody,
        IPowered
{
    public PowerState Needs(JobState state) => PowerState.Measured;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        var call = Directions.Calls(state.Sheet).FirstOrDefault(c => c.Function == Function);
        if (call is null)
        {
            return new Refusal(
                "bind/function",
                $"Nothing on this aircraft is moved by \"{Function}\".",
                "body.function"
            );
        }

        if (
            Seen.Select(s => s.Surface).Distinct().Count() != Seen.Length
            || !call.Expected.All(e => Seen.Any(s => s.Surface == e.Surface.Id))
        )
        {
            return new Refusal(
                "bind/surfaces",
                $"Answer for each of {string.Join(", ", call.Expected.Select(e => e.Surface.Id))}, once.",
                "body.seen"
            );
        }

        if (Seen.FirstOrDefault(s => state.Sheet.Surface(s.Surface) is null) is { } other)
        {
            return new Refusal("bind/surfaces", $"There is no surface \"{other.Surface}\".", "body.seen");
        }

        if (Bypassed && !StabiliserLines.IsShownWithout(state))
        {
            return new Refusal(
                "bind/bypassed",
                "There is no stabiliser in line here that servos are proven without first.",
                "body.bypassed"
            );
        }

        return state.Bind.Bound is null
            ? new Refusal("bind/not-bound", "Bind first; directions are answered afterwards.")
            : null;
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        var attempt = state.Bind.Directions.TryGetValue(Function, out var before) ? before.Evidence.Attempt + 1 : 1;
        var seen = Seen.ById(s => s.Surface, s => s.Moved);
        if (Bypassed)
        {
            return state.With(
                state.Bind with
                {
                    Stabiliser = state.Bind.Stabiliser with
                    {
                        Without = state.Bind.Stabiliser.Without.SetItem(
                            Function,
                            new DirectionShown(seen, Evidence.Of(entry))
                        ),
                    },
                }
            );
        }

        return state.With(
            state.Bind with
            {
                Directions = state.Bind.Directions.SetItem(
                    Function,
                    new DirectionShown(seen, Evidence.Of(entry, attempt))
                ),
            }
        );
    }

    public override IEnumerable<string> Shows() =>
        [Bypassed ? new WithoutId(Function).Written : new DirectionId(Function).Written];

    public override string Say(JobState state) =>
        $"Directions of {Function} answered{(Bypassed ? ", stabiliser by-passed" : "")}";
}
