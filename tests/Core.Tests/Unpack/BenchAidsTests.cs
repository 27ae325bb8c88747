using CsCheck;
using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.Drawing;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Unpack;

/// <summary>
/// What helps hands at the bench: rules printed as they are applied, a screw's outline to lay it on, places to choose
/// from, cures by their end.
/// </summary>
public sealed class BenchAidsTests
{
    [Fact]
    public void The_rules_of_grading_are_printed_in_the_guide_as_they_are_applied()
    {
        var guide = File.ReadAllText(ProjectFolder.File("docs", "grading.md"));
        Assert.All(
            FindingGrades.Rules,
            r =>
                Assert.True(
                    guide.Contains(r.Id, StringComparison.Ordinal) && guide.Contains(r.Text, StringComparison.Ordinal),
                    $"{r.Id} is not in the guide as it is applied: {r.Text}"
                )
        );
        Assert.Equal(FindingGrades.Rules.Count(), FindingGrades.Rules.Select(r => r.Id).Distinct().Count());
    }

    [Fact]
    public void What_can_be_wrong_where_is_printed_in_the_guide_and_nothing_is_offered_that_is_refused()
    {
        var guide = File.ReadAllText(ProjectFolder.File("docs", "grading.md"));
        Assert.All(
            Enum.GetValues<PlaceKind>(),
            p =>
                Assert.Contains(
                    $"| {UnpackWords.Place(p)} | {string.Join(", ", FindingKinds.At(p).Select(UnpackWords.Kind))} |",
                    guide,
                    StringComparison.Ordinal
                )
        );
        Assert.All(
            Enum.GetValues<FindingKind>(),
            k => Assert.Contains(Enum.GetValues<PlaceKind>(), p => FindingKinds.CanBe(p, k))
        );
        Assert.False(FindingKinds.CanBe(PlaceKind.Decal, FindingKind.Crack));
        Assert.False(FindingKinds.CanBe(PlaceKind.Motor, FindingKind.Tacky));
    }

    [Fact]
    public void What_is_never_mended_is_printed_in_the_guide_and_refused_as_a_repair_and_its_help_says_why()
    {
        var guide = File.ReadAllText(ProjectFolder.File("docs", "grading.md"));
        var never = Enum.GetValues<PlaceKind>()
            .SelectMany(p => FindingKinds.At(p).Select(k => (Place: p, Kind: k, Mending: Mending.Of(p, k))))
            .Where(m => !m.Mending.Possible)
            .ToList();
        Assert.Contains(never, m => m is { Place: PlaceKind.Propeller, Kind: FindingKind.Crack });
        foreach (var (place, kind, mending) in never)
        {
            Assert.Contains(mending.Words, guide, StringComparison.Ordinal);
            var bench = new Bench();
            var part = Drawings
                .Plan(bench.State.Sheet)
                .Parts.First(p => FindingGrades.PlacesOn(bench.State.Sheet, p.Id).Contains(place));
            bench.Do(new FindingRaised(part.Id, place, kind, Bench.Q("8 mm"), 100, 0, ""));
            var finding = bench.State.Unpack.Findings[^1];
            Assert.Equal("unpack/not-mended", bench.Refused(new Disposed(finding.Id, Disposition.Repair, ""))!.Code);
            Assert.False(
                RepairHelp
                    .For(bench.State, finding, new DateOnly(2026, 11, 2))
                    .Single(w => w.Disposition == Disposition.Repair)
                    .Allowed
            );
            bench.Do(new Disposed(finding.Id, Disposition.Replace, ""));
            var step = bench.State.Sheet.Steps.Single(s => s.Repairs == finding.Id);
            Assert.Null(step.Bond);
            Assert.Equal(
                RepairHelp
                    .For(bench.State, finding, new DateOnly(2026, 11, 2))
                    .Single(w => w.Disposition == Disposition.Replace)
                    .Minutes,
                step.HandsOn
            );
        }
    }

    [Fact]
    public void A_3_by_16_is_drawn_4_mm_longer_than_a_3_by_12_and_as_wide()
    {
        var (longer, shorter) = (FastenerOutline.Of(3, 16), FastenerOutline.Of(3, 12));
        Assert.Equal(4, longer.Width - shorter.Width, 9);
        Assert.Equal(longer.Height, shorter.Height);
        Assert.Equal(16 + (3 * 0.6), longer.Width, 9);
        Assert.StartsWith("M", longer.Path, StringComparison.Ordinal);
    }

    [Fact]
    public void Whatever_size_is_typed_its_outline_can_be_drawn() =>
        Gen.Select(Gen.Double, Gen.Double)
            .Sample(
                (d, l) =>
                    double.IsNaN(d)
                    || double.IsNaN(l)
                    || FastenerOutline.Of(d, l) is { Width: > 0 and < 200, Height: > 0 and < 50 } o
                        && !o.Path.Contains("NaN", StringComparison.Ordinal)
            );

    [Theory]
    [InlineData("aileron-left", PlaceKind.Hinge)]
    [InlineData("wing-left", PlaceKind.Spar)]
    [InlineData("body-fuselage", PlaceKind.Canopy)]
    [InlineData("motor-main", PlaceKind.Propeller)]
    [InlineData("wheel-left-main", PlaceKind.GearRetention)]
    public void The_places_offered_on_a_part_are_those_it_can_have(string part, PlaceKind has) =>
        Assert.Contains(has, FindingGrades.PlacesOn(Bench.Parasol, part));

    [Fact]
    public void Every_place_is_said_in_words()
    {
        Assert.All(Enum.GetValues<PlaceKind>(), k => Assert.Matches("^[a-z ]+$", UnpackWords.Place(k)));
        Assert.Equal("motor mount", UnpackWords.Place(PlaceKind.MotorMount));
        Assert.All(Enum.GetValues<FindingKind>(), k => Assert.Matches("^[a-z ]+$", UnpackWords.Kind(k)));
    }

    [Fact]
    public void Cures_are_told_by_their_end_until_full_strength_and_until_somebody_handled_them()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        foreach (var (name, minutes) in new[] { ("slow epoxy", 60), ("foam-safe contact", 20) })
        {
            var step = Next();
            while (step.Bond is null)
            {
                bench.Do(new StepStarted(step.Id));
                bench.End(step.Id);
                step = Next();
            }

            bench.Do(new StepStarted(step.Id));
            bench.End(step.Id, new Adhesive("glue", name, minutes, minutes * 12, name == "slow epoxy"));
        }

        var cures = Cure.All(bench.State).Where(c => c.OnTheRail(bench.Now)).ToArray();
        Assert.Equal(["foam-safe contact", "slow epoxy"], cures.Select(c => c.Adhesive));
        Assert.True(cures[0].HandleAt < cures[1].HandleAt && cures[0].From < cures[0].HandleAt);
        bench.Pass(TimeSpan.FromMinutes(25));
        bench.Do(new StepHandled(cures[0].Id));
        bench.Pass(TimeSpan.FromHours(5));
        Assert.Equal(["slow epoxy"], Cure.All(bench.State).Where(c => c.OnTheRail(bench.Now)).Select(c => c.Adhesive));
        bench.Pass(TimeSpan.FromHours(10));
        Assert.False(Assert.Single(Cure.All(bench.State), c => c.OnTheRail(bench.Now)).Handled);

        StepSpec Next() => StepGraph.Of(bench.State, bench.Now).First(s => s.Standing == StepStanding.CanStart).Step;
    }
}
