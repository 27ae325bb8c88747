using System.Text.Json;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Tests.Journal;

namespace Zygotome.Core.Tests.Golden;

/// <summary>The form in which a released ledger is stored.</summary>
public sealed class SealedTests
{
    [Fact]
    public void What_a_line_says_today_is_sealed_whole()
    {
        var release = new Finisher(new Bench()).Finish().State.Release!;
        Assert.NotEmpty(release.Sealed);
        Assert.All(
            release.Ledger,
            line =>
            {
                var json = JsonSerializer.Serialize(SealedLine.Of(line), EntryJson.Lenient);
                Assert.Equal(line, JsonSerializer.Deserialize<SealedLine>(json, EntryJson.Lenient)!.Shown());
            }
        );
    }

    /// <summary>A ledger that learns to say more has to say what becomes of it in the seal.</summary>
    [Fact]
    public void No_member_of_a_line_is_forgotten_by_its_seal_but_what_its_sentence_says() =>
        Assert.Equal(
            typeof(LedgerLine)
                .GetProperties()
                .Select(p => p.Name)
                .Except([nameof(LedgerLine.OutBy), nameof(LedgerLine.Decided)])
                .Order(),
            typeof(SealedLine).GetProperties().Select(p => p.Name).Order()
        );

    /// <summary>One version leaves out what another holds; neither makes a released job unreadable.</summary>
    [Theory]
    [InlineData("""[{"id":"weight/wheels","standing":"met"}]""")]
    [InlineData("""[{"id":"weight/wheels","standing":"met","open":true,"uncertainty":"1 g","verdict":null}]""")]
    public void A_seal_with_fewer_or_more_members_is_read(string ledger)
    {
        var body = $$"""{"number":1,"rulesVersion":"1","ledger":{{ledger}},"pdfHash":"a"}""";
        var read = Stages.Kinds.ReadStored("handover/released", 1, JsonDocument.Parse(body).RootElement);
        var line = Assert.Single(Assert.IsType<HandOver.Released>(read).Ledger).Shown();
        Assert.Equal(("weight/wheels", Standing.Met, "", null), (line.Id, line.Standing, line.Why, line.Verdict));
        Assert.False(line.Open);
        Assert.Equal(Side.Within, line.Side);
    }
}
