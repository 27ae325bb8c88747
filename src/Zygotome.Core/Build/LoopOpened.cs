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
    StabiliserBypassed,
    PlugLeftOff,
    HeldByTape,
    Dropped,
}

/// <summary>Something is changed for now and must be changed back.</summary>
/// <param name="Detail">What, and where; of a gain what it was before.</param>
/// <param name="Function">The function whose lead was moved or left off; empty where none is, or nobody said.</param>
public sealed record LoopOpened(LoopKind Kind, string Detail, string Function = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Kind == LoopKind.LeadMovedForBinding && !state.Sheet.Radio.Functions.Contains(Function)
            ? new Refusal(
                "build/loop-function",
                $"Say whose lead was moved: {string.Join(", ", state.Sheet.Radio.Functions)}.",
                "body.function"
            )
        : Kind == LoopKind.GainRaised
            ? Texts.Reason(Detail, "body.detail", "Say what the gain was before, so that it goes back to that.")
                ?? Texts.Fits(Detail, "body.detail", 40)
        : Kind is LoopKind.Other or LoopKind.PlugLeftOff or LoopKind.HeldByTape or LoopKind.Dropped
            ? Texts.Reason(Detail, "body.detail", "Say what, so that another finds it.")
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
                    {
                        Was = Kind == LoopKind.GainRaised ? Detail.Trim() : "",
                    }
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
            LoopKind.StabiliserBypassed => [.. DisturbanceMatrix.AllRePlugged(state.Sheet)],
            LoopKind.PlugLeftOff when Function.Length > 0 => [.. DisturbanceMatrix.RePlugged(state.Sheet, Function)],
            LoopKind.HeldByTape => [new(AspectKind.Trueness)],
            LoopKind.Dropped => [],
            LoopKind.GainRaised => [new(AspectKind.Direction, Aspect.Every)],
            _ => [.. DisturbanceMatrix.Everything],
        };

    /// <summary>As it is chosen at the bench.</summary>
    public static string Words(LoopKind kind) =>
        kind switch
        {
            LoopKind.LeadMovedForBinding => "a lead moved for binding",
            LoopKind.TrialWeight => "a trial weight fitted",
            LoopKind.TrayOut => "the tray out",
            LoopKind.GainRaised => "gain raised for a test",
            LoopKind.StabiliserBypassed => "stabiliser by-passed",
            LoopKind.PlugLeftOff => "a plug left off",
            LoopKind.HeldByTape => "held by tape only",
            LoopKind.Dropped => "dropped, not found",
            _ => "something else",
        };

    public override string Say(JobState state) =>
        Kind switch
        {
            LoopKind.LeadMovedForBinding => $"{Texts.Capital(Function)} lead moved for binding",
            LoopKind.TrialWeight => "Trial weight fitted",
            LoopKind.TrayOut => "Tray out",
            LoopKind.GainRaised => $"Gain raised for a test{(Detail.Length > 0 ? $", was {Detail.Trim()}" : "")}",
            LoopKind.StabiliserBypassed => "Stabiliser by-passed",
            LoopKind.PlugLeftOff => $"Plug left off: {Detail}",
            LoopKind.HeldByTape => $"Held by tape only: {Detail}",
            LoopKind.Dropped => $"Dropped and not found: {Detail}",
            _ => Detail,
        };
}
