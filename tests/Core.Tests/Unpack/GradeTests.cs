using CsCheck;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Unpack;

public sealed class GradeTests
{
    [Theory]
    [InlineData(PlaceKind.Hinge, FindingKind.Crack, 1, Grade.FlightCritical, "G1")]
    [InlineData(PlaceKind.Propeller, FindingKind.Dent, 0, Grade.FlightCritical, "G1")]
    [InlineData(PlaceKind.Hinge, FindingKind.Scuff, 3, Grade.Functional, "G3")]
    [InlineData(PlaceKind.Skin, FindingKind.Crack, 9.9, Grade.Functional, "S2")]
    [InlineData(PlaceKind.Skin, FindingKind.Crack, 10, Grade.Structural, "S1")]
    [InlineData(PlaceKind.Skin, FindingKind.Dent, 9, Grade.Cosmetic, "Z1")]
    [InlineData(PlaceKind.Canopy, FindingKind.Loose, 2, Grade.Functional, "C1")]
    [InlineData(PlaceKind.Decal, FindingKind.Scuff, 90, Grade.Cosmetic, "Z1")]
    public void Place_kind_and_size_give_the_grade_and_its_rule(
        PlaceKind place,
        FindingKind kind,
        double size,
        Grade grade,
        string rule
    )
    {
        var grading = FindingGrades.Of(place, kind, size);
        Assert.Equal((grade, rule), (grading.Grade, grading.Rule));
    }

    [Fact]
    public void A_larger_finding_is_never_graded_better() =>
        Gen.Select(Gen.Enum<PlaceKind>(), Gen.Enum<FindingKind>(), Gen.Double[0, 500], Gen.Double[0, 500])
            .Sample(
                (place, kind, a, b) =>
                    FindingGrades.Of(place, kind, Math.Min(a, b)).Grade
                    <= FindingGrades.Of(place, kind, Math.Max(a, b)).Grade
            );

    [Fact]
    public void A_shortage_names_the_steps_it_blocks_and_the_work_that_remains()
    {
        var bench = new Bench();
        bench.Do(new BagCounted("A", true));
        bench.Do(new Counted("screw-m2x8", 8));
        bench.Do(new Counted("pushrod", 2));
        bench.Do(new BagCounted("B", false));
        var latch = Counting.Of(bench.State, bench.State.Sheet.Part("hatch-latch")!);
        Assert.Equal((CountStanding.Missing, 1), (latch.Standing, latch.Short));
        Assert.Equal(["Hatch and latch"], latch.BlocksSteps);

        // Without the hatch also the fan's wires and the last check, which come after it.
        Assert.Equal(142 - 10 - 6 - 8, Counting.Minutes(bench.State).Possible);
        Assert.Equal(Standing.NotMet, bench.Line("bag/B").Standing);
        bench.Do(new Counted("hatch-latch", 1));
        Assert.False(bench.Line("bag/B").Open);
    }

    /// <summary>
    /// Sixteen screws for two steps of eight: with fourteen, the first has its eight and the second wants two.
    /// </summary>
    [Fact]
    public void A_part_used_in_several_steps_is_used_up_by_them_in_the_order_they_are_done()
    {
        var bench = new Bench(Shared());
        bench.Do(new Counted("screw-m2x8", 14));
        bench.Do(new BagCounted("B", false));
        var screw = bench.State.Sheet.Part("screw-m2x8")!;
        var users = bench.State.Sheet.Steps.Where(s => s.Parts.ContainsKey("screw-m2x8")).ToArray();
        var (first, second) = (users[0], users[1]);
        Assert.Equal([second.Title], Counting.Of(bench.State, screw).BlocksSteps);
        Assert.Equal(14, Counting.Left(bench.State, first, screw.Id));

        // Whoever does the second first leaves too few for the other.
        var state = bench.State.With(second.Id, new StepProgress(bench.State.Opening!, null, "", null, null));
        Assert.Equal([first.Title], Counting.Of(state, screw).BlocksSteps);
        Assert.Contains(
            Core.Build.StepGraph.Of(state, first, bench.Now).WaitsFor,
            w => w.StartsWith("2 × ", StringComparison.Ordinal)
        );
    }

    private static Core.Sheets.SpecSheet Shared()
    {
        var sheet = Bench.Sheet("skerrow-64");
        var users = sheet.Steps.Take(2).Select(s => s.Id).ToHashSet();
        return sheet with
        {
            Parts = [.. sheet.Parts.Select(p => p.Id == "screw-m2x8" ? p.With(PartFields.Quantity.Is(16)) : p)],
            Steps =
            [
                .. sheet.Steps.Select(s =>
                    s.With(
                        StepFields.Parts.Is(
                            users.Contains(s.Id) ? s.Parts.SetItem("screw-m2x8", 8) : s.Parts.Remove("screw-m2x8")
                        )
                    )
                ),
            ],
        };
    }
}
