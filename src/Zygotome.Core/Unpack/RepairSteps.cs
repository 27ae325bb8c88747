using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Unpack;

/// <summary>
/// A repair decided on becomes a step of the job: hands-on time, bond, what it disturbs, and the re-inspection that
/// follows.
/// </summary>
public static class RepairSteps
{
    /// <summary>Minutes for opening and sealing again what it lies behind.</summary>
    private const double Opening = 20;

    /// <summary>The step's id, from the finding's tag.</summary>
    public static string IdOf(Finding finding) => $"repair-{finding.Tag.ToLowerInvariant()}";

    /// <summary>
    /// The step that repairs or replaces it, with its joint, its minutes and what it asks for afterwards.
    /// </summary>
    public static StepSpec Of(SpecSheet sheet, Finding f)
    {
        var replace = f.Disposition == Disposition.Replace;
        var plan = replace ? RepairPlan.Replacing(f) : RepairPlan.Of(sheet, f);
        var inspector =
            f.Grading.Grade == Grade.FlightCritical
                ? "Re-inspected by somebody other than who repairs it."
                : "Re-inspected before release.";
        return StepFields.List.Of(
            StepFields.Id.Is(IdOf(f)),
            StepFields.Title.Is(
                $"{(replace ? "Replace" : "Repair")} {f.Tag}: {UnpackWords.Kind(f.Kind)}, "
                    + sheet.Geometry.Called(f.Place)
            ),
            StepFields.HandsOn.Is(plan.Minutes + (f.Behind.Length > 0 ? Opening : 0)),
            StepFields.JoinsA.Is(plan.Bond?.A ?? ""),
            StepFields.JoinsB.Is(plan.Bond?.B ?? ""),
            StepFields.JointKind.Is(plan.Bond?.Kind ?? StepFields.JointKind.Or),
            StepFields.Disturbs.Is([.. DisturbanceMatrix.Repaired(sheet, f.Place, f.PlaceKind)]),
            StepFields.Cautions.Is(plan.Cautions),
            StepFields.Text.Is(
                f.Behind.Length > 0
                    ? $"Open {sheet.Geometry.Called(f.Behind)} first, along its seam. {plan.Words} Seal it again "
                        + $"all round. {inspector} The seal with it."
                    : $"{plan.Words} {inspector}"
            ),
            StepFields.WorksOn.Is([.. new[] { f.Place, f.Behind }.Where(p => p.Length > 0)]),
            StepFields.Hot.Is(JointHeat.At(sheet, f.Place, f.X, f.Y)),
            StepFields.Tap.List.Is(Reference(f)),
            StepFields.Repairs.Is(f.Id)
        );
    }

    // A new servo, horn or rod closes a linkage: what stands first at its reference is not asked by any other step.
    private static IEnumerable<PlainRow> Reference(Finding f) =>
        f is { Disposition: Disposition.Replace, PlaceKind: PlaceKind.Servo or PlaceKind.Horn or PlaceKind.Linkage }
            ?
            [
                StepFields.Tap.List.Of(
                    StepFields.Tap.Do.Is("its servo at its reference, trims at zero, before the rod goes on")
                ),
            ]
            : [];

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
    internal static JobState Made(JobState state, Entry entry, Finding f, string how, RepairGlue glue, Mass? grams)
    {
        var step = Of(state.Built, f);
        var done = state.Progress(step.Id) ?? new StepProgress(Evidence.Of(entry), null, "", null, null);
        return (
            state
                .With(
                    state.Unpack.With(
                        f with
                        {
                            Repair = new Repair(how, entry.By, entry.ObservedAt, glue.HandleAt) { Seq = entry.Seq },
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
                        Harm = glue.Harm,
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
