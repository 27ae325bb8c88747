using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>
/// A job as the solver of directions is asked: its wiring, its reversing, what was seen and still stands.
/// </summary>
public static class DirectionAsks
{
    /// <summary>What to change, by group; once for a state.</summary>
    public static ImmutableArray<DirectionAdvice> Advice(JobState state) =>
        state.Once(s => new Advised(DirectionSolver.Solve(Of(s)))).All;

    /// <summary>The advice about a function; null while nothing of its group was seen.</summary>
    public static DirectionAdvice? About(JobState state, string function) =>
        Advice(state).FirstOrDefault(a => a.Functions.Contains(function));

    private sealed record Advised(ImmutableArray<DirectionAdvice> All);

    /// <summary>The ask of a job as it stands. Total.</summary>
    public static DirectionAsk Of(JobState state)
    {
        var signals = state.The<ISignals>();
        var channels = signals.Signals(state);
        var places = Places(state).ToLookup(p => p.Id);
        return new DirectionAsk(
            [
                .. channels.Select(c => new AskedChannel(
                    c.Name,
                    c.Port,
                    state.Settings.Of(new Setting(SettingKind.Reverse, c.Name)) == Reversed.Turned
                )),
            ],
            [
                .. from at in Enumerable.Range(0, channels.Length)
                from end in channels[at].Ends
                let moves = end.Moves.SelectMany(m => places[m].Take(1)).ToImmutableArray()
                where !moves.IsEmpty
                select new AskedDrive(end.Id, end.Name, end.Through, at, moves)
                {
                    HasArm = state.Sheet.Servos.Any(s => s.Id == end.Id),
                    WasMeasured = end.Moves.Any(m => state.The<IMeasuredThrows>().IsMeasured(m)),
                },
            ],
            Seen(state)
        )
        {
            FreePorts = signals.FreePorts(state),
        };
    }

    // Surfaces with every function; of an output that has an opposite the first of its calls.
    private static IEnumerable<AskedPlace> Places(JobState state) =>
        state
            .Sheet.Surfaces.Select(surface => new AskedPlace(
                surface.Id,
                surface.Name.ToLowerInvariant(),
                surface
                    .Functions.Distinct()
                    .ToImmutableSortedDictionary(
                        f => f,
                        f => Sign(Movements.Natural(state.Sheet, surface, f)),
                        StringComparer.Ordinal
                    )
            ))
            .Concat(
                FirstCalls(state.Sheet)
                    .Select(call => new AskedPlace(
                        call.Of,
                        call.Name.ToLowerInvariant(),
                        Ordered.ById<int>().Add(call.Function, 1)
                    ))
            );

    private static IEnumerable<OutputCall> FirstCalls(SpecSheet sheet) =>
        OutputCalls.Of(sheet).Where(c => !c.IsPosition && !c.TurnsMotors).DistinctBy(c => c.Of);

    // Stale answers are of another set-up. Whatever was not named at a call did not move, but for what the sheet mixes
    // into it.
    private static ImmutableSortedDictionary<string, ImmutableSortedDictionary<string, int>> Seen(JobState state)
    {
        var seen = new SortedDictionary<string, SortedDictionary<string, int>>(StringComparer.Ordinal);
        foreach (var call in Directions.Calls(state.Sheet))
        {
            if (
                state.Bind.Directions.GetValueOrDefault(call.Function) is not { } shown
                || BindLines.RestsOn(state.Sheet, call).Cause(state, shown.Evidence) is not null
            )
            {
                continue;
            }

            var places = seen[call.Function] = new(StringComparer.Ordinal);
            // What goes along while the stabiliser levels says that it is awake, and nothing of plugs and mixes.
            var mixed = Directions.MixedInto(state.Sheet, call.Function);
            var along = StabiliserCalls.GoAlong(state.Sheet, call.Function);
            foreach (
                var surface in state.Sheet.Surfaces.Where(s =>
                    !mixed.Contains(s.Id) && (!along.Contains(s) || s.Functions.Contains(call.Function))
                )
            )
            {
                places[surface.Id] = Sign(shown.Seen.GetValueOrDefault(surface.Id, Movement.None));
            }
        }

        foreach (var call in FirstCalls(state.Sheet))
        {
            if (
                state.Bind.Outputs.GetValueOrDefault(new OutputId(call.Of, call.At).Written) is { } shown
                && shown.Answer != OutputAnswer.Otherwise
                && CallRests.Of(state.Sheet, call).Cause(state, shown.Evidence) is null
            )
            {
                if (!seen.TryGetValue(call.Function, out var places))
                {
                    places = seen[call.Function] = new(StringComparer.Ordinal);
                }

                places[call.Of] = shown.Answer switch
                {
                    OutputAnswer.AsExpected => 1,
                    OutputAnswer.TheOtherWay => -1,
                    _ => 0,
                };
            }
        }

        return seen.ToImmutableSortedDictionary(
            s => s.Key,
            s => s.Value.ToImmutableSortedDictionary(StringComparer.Ordinal),
            StringComparer.Ordinal
        );
    }

    private static int Sign(Movement movement) =>
        movement switch
        {
            Movement.Up or Movement.Right or Movement.Out => 1,
            Movement.None => 0,
            _ => -1,
        };
}
