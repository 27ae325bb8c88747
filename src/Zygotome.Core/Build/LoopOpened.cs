using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>What was changed for now.</summary>
public enum LoopKind
{
    LeadMovedForBinding,
    TrialWeight,
    TrayOut,
    GainRaised,
    Other,
}

/// <summary>Something is changed for now and must be changed back.</summary>
/// <param name="Function">The function whose lead was moved; empty where none is.</param>
public sealed record LoopOpened(LoopKind Kind, string Detail, string Function = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Kind == LoopKind.LeadMovedForBinding && !state.Sheet.Radio.Functions.Contains(Function)
            ? new Refusal(
                "build/loop-function",
                $"Say whose lead was moved: {string.Join(", ", state.Sheet.Radio.Functions)}.",
                "body.function"
            )
        : Kind == LoopKind.Other ? Texts.Reason(Detail, "body.detail", "Say what was changed for now.")
        : Texts.Fits(Detail, "body.detail");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Build with
            {
                Loops = state.Build.Loops.Add(
                    new OpenLoop(
                        Id: entry.EntryId,
                        Kind: Kind,
                        Detail: Say(state),
                        By: entry.By,
                        OpenedAt: entry.ObservedAt,
                        Touches: Touches(state)
                    )
                ),
            }
        );

    // A re-plugged lead may be in the wrong port; a weight, tray or gain touches what it was there for; nobody knows
    // what else was changed.
    private ImmutableArray<Aspect> Touches(JobState state) =>
        Kind switch
        {
            LoopKind.LeadMovedForBinding => [.. DisturbanceMatrix.RePlugged(state.Sheet, Function)],
            LoopKind.TrialWeight or LoopKind.TrayOut => [.. DisturbanceMatrix.Weight],
            LoopKind.GainRaised => [new(AspectKind.Direction, Aspect.Every)],
            _ => [.. DisturbanceMatrix.Everything],
        };

    public override string Say(JobState state) =>
        Kind switch
        {
            LoopKind.LeadMovedForBinding => $"{Texts.Capital(Function)} lead moved for binding",
            LoopKind.TrialWeight => "Trial weight fitted",
            LoopKind.TrayOut => "Tray out",
            LoopKind.GainRaised => "Gain raised for a test",
            _ => Detail,
        };
}
