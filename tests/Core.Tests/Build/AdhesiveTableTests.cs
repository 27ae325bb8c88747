using Xunit;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Build;

/// <summary>Which adhesive harms which joint: job.md's table, and its kinds by name.</summary>
public sealed class AdhesiveTableTests
{
    private static Adhesive A(string name) =>
        new(name, name, 10, 100, name.Contains("epoxy", StringComparison.Ordinal));

    [Theory]
    [InlineData("solvent glue", "EPS", "EPS", "structural", "eats polystyrene")]
    [InlineData("contact", "EPS", "carbon", "structural", "eats polystyrene")]
    [InlineData("foam-safe contact", "EPS", "carbon", "structural", null)]
    [InlineData("instant", "polystyrene", "balsa", "structural", "eats polystyrene")]
    [InlineData("foam-safe instant glue", "polystyrene", "balsa", "structural", null)]
    [InlineData("hot melt", "foam board", "carbon", "service", "melts polystyrene")]
    [InlineData("hot melt", "EPO", "EPO", "structural", "lets go")]
    [InlineData("hot melt", "EPO", "EPO", "servo", null)]
    [InlineData("foam-safe instant glue", "balsa", "clear canopy plastic", "canopy", "cloud clear plastic")]
    [InlineData("canopy glue", "balsa", "clear canopy plastic", "canopy", null)]
    [InlineData("slow epoxy", "EPO", "EPO", "structural", "brittle")]
    [InlineData("slow epoxy", "EPO", "carbon", "structural", null)]
    [InlineData("slow epoxy", "balsa", "balsa", "hinge", "brittle")]
    [InlineData("thread-lock", "hard plastic", "metal", "service", "cracks plastic")]
    [InlineData("wood glue", "balsa", "plywood", "structural", null)]
    public void What_harms_is_named_and_what_does_not_is_not(string glue, string a, string b, string job, string? harm)
    {
        var found = HarmfulGlue.Of(A(glue), new BondSpec(a, b, job));
        Assert.Equal(harm is null, found is null);
        Assert.Contains(harm ?? "", found ?? "", StringComparison.Ordinal);
        Assert.Equal(found, HarmfulGlue.Of(A(glue), new BondSpec(b, a, job)));
    }

    [Fact]
    public void Expanding_glue_is_kept_away_from_what_must_stay_free()
    {
        var bond = new BondSpec("EPO", "EPO", "structural");
        Assert.Null(HarmfulGlue.Of(A("expanding glue"), bond));
        Assert.Contains(
            "grows",
            HarmfulGlue.Of(A("expanding glue"), bond with { Moves = ["rod"] }),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void What_the_adviser_advises_never_harms_and_can_be_worked()
    {
        string[] materials =
        [
            "EPO",
            "EPP",
            "EPS",
            "foam board",
            "balsa",
            "plywood",
            "carbon",
            "glass laminate",
            "hard plastic",
            "clear canopy plastic",
            "metal",
        ];
        foreach (
            var (a, b, job) in from a in materials
            from b in materials
            from job in new[] { "structural", "service", "hinge", "canopy", "servo", "decal" }
            select (a, b, job)
        )
        {
            var advice = AdhesiveAdviser.For(a, b, job);
            var glue = A(advice.Name);
            Assert.True(
                HarmfulGlue.Of(glue, new BondSpec(a, b, job)) is null || (job == "hinge" && glue.Epoxy),
                $"{advice.Name} on {a} and {b}, {job}"
            );
            Assert.True(glue.Working(20) > 0 && advice.HandleMinutes <= advice.FullMinutes);
            Assert.NotEmpty(Preparation.Of(a));
        }
    }

    [Theory]
    [InlineData("foam-safe contact", AdhesiveKind.Contact, true)]
    [InlineData("quick epoxy", AdhesiveKind.Epoxy, false)]
    [InlineData("fibre tape", AdhesiveKind.Tape, false)]
    [InlineData("grey putty", AdhesiveKind.Other, false)]
    public void An_older_list_is_known_by_its_names(string name, AdhesiveKind kind, bool safe) =>
        Assert.Equal((kind, safe), (A(name).Is(), A(name).IsFoamSafe()));

    [Fact]
    public void A_list_that_says_what_it_is_needs_no_name_for_it()
    {
        var glue = A("blue stuff") with { Kind = AdhesiveKind.Contact, FoamSafe = true, WorkingMinutes = 7 };
        Assert.Equal((AdhesiveKind.Contact, true, 7d), (glue.Is(), glue.IsFoamSafe(), glue.Working(5)));
    }
}
