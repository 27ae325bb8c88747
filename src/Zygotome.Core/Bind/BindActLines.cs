using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>
/// What is done before anything is called: the cut proven, the right memory, controllers set. A cut that does not hold,
/// another model's memory and a throttle that runs the wrong way are never conceded.
/// </summary>
internal static class BindActLines
{
    public static IEnumerable<Requirement> Of(JobState state)
    {
        if (LampBoard.HasMotor(state.Sheet))
        {
            yield return Cut(state);
        }

        yield return Memory(state);
        foreach (var controller in MotorControllers.Of(state.Sheet))
        {
            yield return Of(state, controller);
        }
    }

    private static Requirement Cut(JobState state) =>
        new(
            new CutId(),
            Concedable.Never,
            Requirement.Stands(state.Bind.Cut is { } cut ? cut.Seen == CutSeen.Still : null),
            new CutFacts(state.Bind.Cut)
        )
        {
            Evidence = state.Bind.Cut?.Evidence,
            RestsOn = OfCut(state),
        };

    /// <summary>What a cut that was tried rests on.</summary>
    internal static Rests OfCut(JobState state) =>
        Rests
            .On([.. state.Sheet.Power.Motors.Select(m => DisturbanceMatrix.Lead($"motor-{m.Id}"))])
            .And([
                .. RadioSettings.Link,
                new Setting(SettingKind.ThrottleCut),
                .. Throttles(state.Sheet, c => new Setting(SettingKind.Reverse, c)),
            ]);

    private static Requirement Memory(JobState state) =>
        new(
            new MemoryId(),
            Concedable.Never,
            Requirement.Stands(state.Bind is { Memory: { } seen, Bound: { } bound } ? seen.Is(bound) : null),
            new MemoryFacts(state.Bind.Bound, state.Bind.Memory)
        )
        {
            Evidence = state.Bind.Memory?.Evidence,
            RestsOn = Rests
                .On(new Aspect(AspectKind.Bind))
                .And(new Setting(SettingKind.Transmitter), new Setting(SettingKind.Memory)),
        };

    private static Requirement Of(JobState state, MotorController controller)
    {
        var shown = state.Bind.Controllers.GetValueOrDefault(controller.Id);
        string[] wrong = shown is null ? [] : [.. MotorControllers.Wrong(state.Sheet, controller, shown.Set)];
        return new Requirement(
            new ControllerId(controller.Id),
            shown is { Set.LowIsStop: false } ? Concedable.Never : Concedable.ByLead,
            Requirement.Stands(shown is null ? null : wrong.Length == 0),
            new ControllerFacts(controller, shown?.Set, wrong)
        )
        {
            Evidence = shown?.Evidence,
            // A plug drawn and pushed in again leaves what the controller was told as it is.
            RestsOn = Rests
                .On()
                .And([.. RadioSettings.Link, .. Throttles(state.Sheet, c => new Setting(SettingKind.Reverse, c))]),
        };
    }

    // What a channel is called that leads to motors.
    private static ImmutableArray<T> Throttles<T>(SpecSheet sheet, Func<string, T> of) =>
        [.. RadioSettings.Channels(sheet).Where(c => !Channels.Leads(sheet, c).Motors.IsEmpty).Select(of)];

    private sealed record CutFacts(CutShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                "Throttle cut",
                "holds every motor with the stick all the way up",
                "",
                Shown is null ? "" : $"on {Shown.On}: {BindWords.Of(Shown.Seen)}",
                Shown?.Seen switch
                {
                    null => "Not tried yet, with the shafts bare.",
                    CutSeen.Still => "Tried with the shafts bare, the stick all the way up.",
                    _ => "A motor that turns against the cut is never conceded: mend the switch, then try it again.",
                }
            );
    }

    private sealed record MemoryFacts(Bound? Bound, MemoryShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                "Memory on the transmitter",
                Bound is null ? "" : MemorySeen.Words(Bound.ModelMemory, Bound.Number),
                "",
                Shown is null ? "" : MemorySeen.Words(Shown.Name, Shown.Number),
                Shown is null || Bound is null ? "Not read off the transmitter yet."
                    : Shown.Is(Bound) ? "It is the one that was bound."
                    : "Another memory is another aircraft's: choose the one that was bound, then read it again."
            );
    }

    private sealed record ControllerFacts(MotorController Controller, ControllerSet? Set, string[] Wrong) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"{Controller.Name} as it is set",
                string.Join(
                    ", ",
                    new[]
                    {
                        "stick low stops, ends learned",
                        Controller.WantsBrake ? "brake on" : "",
                        $"cut-off {Numbers.Say(MotorControllers.Lowest)} to {Numbers.Say(MotorControllers.Highest)} V "
                            + "a cell",
                    }.Where(w => w.Length > 0)
                ),
                "",
                Set?.Words ?? "",
                Set is null ? "Not looked at yet."
                    : Wrong.Length == 0 ? "As it must be."
                    : $"{Texts.Capital(string.Join("; ", Wrong))}."
            );
    }
}
