using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>
/// A repair decided on becomes a step of the job: hands-on time, bond, what it disturbs, and the re-inspection that
/// follows.
/// </summary>
public static class RepairSteps
{
    public static string IdOf(Finding finding) => $"repair-{finding.Tag.ToLowerInvariant()}";

    public static StepSpec Of(SpecSheet sheet, Finding f)
    {
        var replace = f.Disposition == Disposition.Replace;
        var plan = replace ? RepairPlan.Replacing(f) : RepairPlan.Of(sheet, f);
        var inspector =
            f.Grading.Grade == Grade.FlightCritical
                ? "Re-inspected by somebody other than who repairs it."
                : "Re-inspected before release.";
        return new StepSpec(
            IdOf(f),
            Stage.Build,
            $"{(replace ? "Replace" : "Repair")} {f.Tag}: {UnpackWords.Kind(f.Kind)}, {f.Place.Replace('-', ' ')}",
            [],
            plan.Minutes,
            ImmutableSortedDictionary<string, int>.Empty,
            [],
            plan.Bond,
            [],
            [],
            [.. DisturbanceMatrix.Repaired(sheet, f.Place, f.PlaceKind)],
            new StepNeeds(false, false, 1),
            plan.Cautions,
            $"{plan.Words} {inspector}",
            ""
        )
        {
            Repairs = f.Id,
        };
    }

    /// <summary>
    /// Hands were on it: the bead on the rail rests. What was not sound is to be repaired anew, so its step is open
    /// again.
    /// </summary>
    internal static JobState Inspected(JobState state, Finding f, bool sound) =>
        state.Progress(IdOf(f)) is not { } progress
            ? state
            : state with
            {
                Steps = sound
                    ? state.Steps.SetItem(IdOf(f), progress with { Handled = true })
                    : state.Steps.Remove(IdOf(f)),
            };

    /// <summary>The repair is made: by its step, or said of the finding itself. Both record the same.</summary>
    internal static JobState Made(JobState state, Entry entry, Finding f, string how, RepairGlue glue, Quantity? grams)
    {
        var step = Of(state.Built, f);
        var done = state.Progress(step.Id) ?? new StepProgress(Evidence.Of(entry), null, "", null, null);
        return (
            state
                .With(
                    state.Unpack.With(
                        f with
                        {
                            Repair = new Repair(how, entry.By, entry.ObservedAt, glue.HandleAt),
                            Repairers = f.Repairers.Add(entry.By.Id).Add(done.Started.By.Id),
                            Sound = false,
                            Reinspection = null,
                            ReinspectedBy = null,
                        }
                    )
                )
                .With(
                    step.Id,
                    done with
                    {
                        Done = Evidence.Of(entry),
                        Adhesive = glue.Adhesive,
                        HandleAt = glue.HandleAt,
                        FullAt = glue.FullAt ?? glue.HandleAt,
                        CuresFrom = glue.From,
                        Handled = false,
                    }
                )
        ).Disturb(
            entry,
            $"{(f.Disposition == Disposition.Replace ? "Replacement" : "Repair")} for {f.Tag}",
            grams?.Nominal == 0 ? step.Disturbs : step.Disturbs.Union(DisturbanceMatrix.Weight)
        );
    }
}

/// <summary>
/// The glue of one repair, each anew: when it was closed, can be handled, has its full strength; all null without glue. Of
/// older entries only the handling is known.
/// </summary>
internal sealed record RepairGlue(
    string Adhesive,
    DateTimeOffset? From,
    DateTimeOffset? HandleAt,
    DateTimeOffset? FullAt
)
{
    public static readonly RepairGlue None = new("", null, null, null);

    /// <summary>As its step holds it.</summary>
    public static RepairGlue Of(StepProgress? progress) =>
        progress is null ? None : new(progress.Adhesive, progress.CuresFrom, progress.HandleAt, progress.FullAt);
}

/// <summary>What a repair takes: minutes at the bench, the joint it makes, glue, mass added (g), cure (min).</summary>
/// <param name="Possible">False where nothing is mended and only a new part does.</param>
public sealed record RepairPlan(
    bool Possible,
    double Minutes,
    BondSpec? Bond,
    string Glue,
    double HandleMinutes,
    double FullMinutes,
    double Grams,
    string Words,
    ImmutableArray<string> Cautions
)
{
    /// <summary>
    /// The damaged part out and a new one in: a base of minutes, more where it grounds and for length.
    /// </summary>
    public static RepairPlan Replacing(Finding f) =>
        new(
            true,
            Math.Round(15 + (FindingGrades.Grounds(f.PlaceKind) ? 15 : 0) + (f.Size / 20)),
            null,
            "none",
            0,
            0,
            0,
            "The damaged part out, the new one in as its step in the manual says.",
            []
        );

    /// <summary>
    /// From place, kind and size (mm): a base of minutes for the kind, more for length; the adhesive by the material.
    /// </summary>
    public static RepairPlan Of(SpecSheet sheet, Finding f)
    {
        if (Mending.Of(f.PlaceKind, f.Kind) is { Glued: false } mending)
        {
            return new RepairPlan(
                mending.Possible,
                mending.Minutes + Math.Round(f.Size / 100),
                null,
                "none",
                0,
                0,
                0,
                mending.Words,
                []
            );
        }

        var material =
            f.PlaceKind == PlaceKind.Canopy ? "clear canopy plastic"
            : sheet.Kit.Material.Length > 0 ? sheet.Kit.Material
            : "EPO";
        if (f.Kind == FindingKind.Dent && f.Grading.Grade == Grade.Cosmetic)
        {
            return new RepairPlan(
                true,
                8,
                null,
                "none",
                0,
                0,
                0,
                "Warm it with a damp cloth until it rises, touch in the colour.",
                []
            );
        }

        var perHundred = f.Kind switch
        {
            FindingKind.Crush or FindingKind.Crease => 20,
            FindingKind.Parting => 12,
            _ => 14,
        };
        var first = FindingGrades.Grounds(f.PlaceKind) ? 25 : 12;
        var minutes = Math.Round(first + (perHundred * f.Size / 100));
        var glue = AdhesiveAdviser.For(
            material,
            f.PlaceKind == PlaceKind.Spar ? "carbon" : material,
            f.PlaceKind switch
            {
                PlaceKind.Hinge => "hinge",
                PlaceKind.Canopy => "canopy",
                PlaceKind.Servo => "servo",
                _ => "structural",
            }
        );
        var grams = Numbers.Round(Math.Round((1 + (f.Size * 0.03)) * glue.GramsFactor, 1));
        return new RepairPlan(
            true,
            minutes,
            new BondSpec(material, f.PlaceKind == PlaceKind.Spar ? "carbon" : material, glue.Job),
            glue.Name,
            glue.HandleMinutes,
            glue.FullMinutes,
            grams,
            $"{glue.Preparation} {glue.Name}, {Numbers.Say(glue.HandleMinutes)} min to "
                + $"handle.{(f.PlaceKind == PlaceKind.Hinge ? " Free movement before it sets and after." : "")}",
            [.. glue.Harms.Select(h => $"Not here: {h}.")]
        );
    }
}
