using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>What was bound, and what was seen to move through it, latest of each.</summary>
public sealed record BindState : ICalledOut, ISeenMoving, ILinked
{
    public Bound? Bound { get; init; }

    public Evidence? BoundEvidence { get; init; }

    /// <summary>What was looked at since it last failed to bind, and is not why.</summary>
    public ImmutableList<BindCause> RuledOut { get; init; } = [];

    public MemoryShown? Memory { get; init; }

    public CutShown? Cut { get; init; }

    /// <summary>By controller.</summary>
    public ImmutableSortedDictionary<string, ControllerShown> Controllers { get; init; } =
        Ordered.ById<ControllerShown>();

    public StabiliserLooks Stabiliser { get; init; } = new();

    /// <summary>By use.</summary>
    public ImmutableSortedDictionary<string, SwitchSet> Switches { get; init; } = Ordered.ById<SwitchSet>();

    /// <summary>Positions of switches tried as a whole, by their requirement.</summary>
    public ImmutableSortedDictionary<string, TriedShown> Tried { get; init; } = Ordered.ById<TriedShown>();

    /// <summary>By channel.</summary>
    public ImmutableSortedDictionary<string, EndsShown> Ends { get; init; } = Ordered.ById<EndsShown>();

    /// <summary>By output.</summary>
    public ImmutableSortedDictionary<string, CyclesShown> Cycles { get; init; } = Ordered.ById<CyclesShown>();

    /// <summary>By kind.</summary>
    public ImmutableSortedDictionary<string, AlarmShown> Alarms { get; init; } = Ordered.ById<AlarmShown>();

    /// <summary>Lines of the set-up card as they were keyed, by line.</summary>
    public ImmutableSortedDictionary<string, KeyedShown> Keyed { get; init; } = Ordered.ById<KeyedShown>();

    public FailsafeBehaviour? Failsafe { get; init; }

    public Evidence? FailsafeEvidence { get; init; }

    public ImmutableSortedDictionary<string, DirectionShown> Directions { get; init; } = Ordered.ById<DirectionShown>();

    /// <summary>Which way each motor was seen to turn, by its id.</summary>
    public ImmutableSortedDictionary<string, MotorShown> Motors { get; init; } = Ordered.ById<MotorShown>();

    /// <summary>Outputs and positions as they were seen, by their requirement.</summary>
    public ImmutableSortedDictionary<string, OutputShown> Outputs { get; init; } = Ordered.ById<OutputShown>();

    string ILinked.BoundMemory => Bound is null ? "" : MemorySeen.Words(Bound.ModelMemory, Bound.Number);

    bool ILinked.CutHolds(JobState state) =>
        Cut is { Seen: CutSeen.Still } cut && BindActLines.OfCut(state).Cause(state, cut.Evidence) is null;

    ImmutableArray<string> ICalledOut.NotSince(SpecSheet sheet, IEnumerable<Surface> surfaces, long seq) =>
        [
            .. surfaces
                .SelectMany(s => s.Functions)
                .Distinct()
                .Where(f => !WasRight(sheet, f, seq))
                .Order(StringComparer.Ordinal),
        ];

    Evidence? ISeenMoving.SeenMoving(SpecSheet sheet, string of)
    {
        Evidence?[] seen =
            sheet.Surface(of) is { } surface ? [.. surface.Functions.Select(f => SeenBy(sheet, surface, f))]
            : sheet.Output(of) is not null
                ?
                [
                    .. OutputCalls
                        .Of(sheet)
                        .Where(c => c.Of == of)
                        .Select(c => Outputs.GetValueOrDefault(new OutputId(c.Of, c.At).Written))
                        .Select(o => o?.Answer == OutputAnswer.AsExpected ? o.Evidence : null),
                ]
            : sheet.Power.Motors.FirstOrDefault(m => $"motor-{m.Id}" == of) is { } motor
                ?
                [
                    Motors.GetValueOrDefault(motor.Id) is { Turned: MotorTurn.AsItShould } turned
                        ? turned.Evidence
                        : null,
                ]
            : [];
        return seen.Length > 0 && seen.All(e => e is not null) ? seen.MaxBy(e => e!.Seq) : null;
    }

    private Evidence? SeenBy(SpecSheet sheet, Surface surface, string function) =>
        Directions.GetValueOrDefault(function) is { } shown
        && shown.Seen.GetValueOrDefault(surface.Id, Movement.None) == Movements.Natural(sheet, surface, function)
            ? shown.Evidence
            : null;

    private bool WasRight(SpecSheet sheet, string function, long seq) =>
        Directions.GetValueOrDefault(function) is { } shown
        && shown.Evidence.Seq > seq
        && Bind.Directions.Calls(sheet)
            .Where(c => c.Function == function)
            .SelectMany(c => c.Expected)
            .All(e => shown.Seen.GetValueOrDefault(e.Surface.Id, Movement.None) == e.Movement);

    /// <summary>What the sheet does not tie to anything that moves, by output.</summary>
    public ImmutableSortedDictionary<string, CalledShown> Called { get; init; } = Ordered.ById<CalledShown>();
}
