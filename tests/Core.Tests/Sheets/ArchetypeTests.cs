using System.Text;
using System.Text.Json.Nodes;
using CsCheck;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Archetypes;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Sheets;

public sealed class ArchetypeTests
{
    public static TheoryData<string> Classes => [.. ArchetypeList.All.Select(a => a.Key)];

    private static ArchetypeRequest Request(
        string type,
        double span = 1400,
        double length = 1050,
        double weight = 1200
    ) => new(type, "Made Up 14", "Nobody", span, length, weight, "EPO", ["flaps", "wheels"]);

    private static (JsonObject File, SpecSheet Sheet) Begun(ArchetypeRequest request)
    {
        var file = ArchetypeSheet.Begin(request).Match(f => f, r => throw new InvalidOperationException(r.Text));
        var reading = SheetReader.Read(Encoding.UTF8.GetBytes(file.ToJsonString()));
        Assert.Empty(reading.Errors);
        return (file, reading.Sheet!);
    }

    [Theory]
    [MemberData(nameof(Classes))]
    public async Task Every_class_begins_a_sheet_that_reads_without_a_mistake_and_can_be_drawn(string type)
    {
        var (file, sheet) = Begun(Request(type));
        var steered = ArchetypeList.Find(type)!.SteeredByMotors;
        Assert.True(steered ? sheet.Surfaces.IsEmpty : sheet.Surfaces.Length >= 2 && sheet.Throws.Length >= 2);
        Assert.True(sheet.Steps.Length >= 5);
        Assert.Equal(sheet.Power.Motors.Length, sheet.Power.Controllers.Length);
        Assert.NotEmpty(Core.Drawing.Drawings.Plan(sheet).Parts);
        Assert.NotEmpty(Core.Unpack.InspectionRoute.Of(sheet));
        var schema = await NJsonSchema.JsonSchema.FromFileAsync(
            ProjectFolder.File("docs", "formats", "spec-sheet-1.schema.json")
        );
        Assert.Empty(schema.Validate(file.ToJsonString()).Select(e => e.ToString()));
    }

    [Fact]
    public void Gear_hinges_and_horns_are_in_a_sheet_only_where_the_kit_has_them_and_the_tailless_have_a_reflex()
    {
        static SpecSheet Of(string type, params string[] fitted) =>
            Begun(Request(type) with { Fitted = [.. fitted] }).Sheet;
        string[] kit = ["fit-gear", "work-hinges", "linkages"];
        Assert.DoesNotContain(Of("high-wing").Steps, s => kit.Contains(s.Id));
        Assert.Empty(Of("high-wing").Geometry.Wheels);
        var full = Of("high-wing", "wheels", "hinges to work", "horns to fit");
        Assert.All(kit, id => Assert.NotNull(full.Step(id)));
        foreach (var type in new[] { "delta", "flying-wing", "plank" })
        {
            var reflex = Assert.Single(Of(type).Neutral).Offset;
            Assert.True(Assert.IsType<Printed<Quantity>.Assumed>(reflex).Value.Nominal > 0, type);
        }

        Assert.Equal("sheet/fitted", ArchetypeSheet.Begin(Request("delta") with { Fitted = ["skis"] }).Refused!.Code);
    }

    /// <summary>
    /// What was typed is stated: name, maker, class, span, length, empty weight. Everything measured beside that is
    /// assumed.
    /// </summary>
    [Theory]
    [MemberData(nameof(Classes))]
    public void Nothing_in_proportion_is_ever_the_makers(string type)
    {
        var (_, sheet) = Begun(Request(type));
        Assert.All(Enumerable.Range(0, sheet.Throws.Length), i => Assert.Contains($"$.throws[{i}]", Up(sheet.Assumed)));
        Assert.All(
            Enumerable.Range(0, sheet.Surfaces.Length),
            i => Assert.Contains($"$.surfaces[{i}]", Up(sheet.Assumed))
        );
        Assert.All(Enumerable.Range(0, sheet.Steps.Length), i => Assert.Contains($"$.steps[{i}]", Up(sheet.Assumed)));
        Assert.Contains("$.balance.allUpWeight", sheet.Assumed);
        Assert.Contains("$.balance.configurations[0].range", sheet.Assumed);
        Assert.All(
            sheet.Geometry.Lifting.SelectMany(
                (l, i) => l.Panels.Select((_, k) => $"$.geometry.lifting[{i}].panels[{k}].root")
            ),
            p => Assert.Contains(p, sheet.Assumed)
        );
    }

    private static IEnumerable<string> Up(IEnumerable<string> paths) =>
        paths.SelectMany(p => new[] { p, p.Contains(']') ? p[..(p.IndexOf(']') + 1)] : p });

    [Fact]
    public void The_ledger_of_a_job_on_such_a_sheet_takes_no_assumed_value_for_the_makers()
    {
        var bench = new Bench(Begun(Request("high-wing")).Sheet);
        Assert.All(
            Ledger.Of(bench.State, bench.Now).Where(l => l.Id.StartsWith("throw/", StringComparison.Ordinal)),
            l => Assert.Contains("assumed", l.Why, StringComparison.Ordinal)
        );
        Assert.Equal(Standing.NotShown, bench.Line("balance/as flown").Standing);
        Assert.Equal(Standing.NotMet, bench.Line("sheet/assumed/geometry").Standing);
        Assert.Contains(Stages.All.Gaps(bench.State.Sheet, bench.State.Rules), g => g.Id == "weight");
    }

    [Fact]
    public void Numbers_that_no_aircraft_has_are_refused_with_their_field()
    {
        Assert.Equal("span", ArchetypeSheet.Begin(Request("twin", span: 12)).Refused!.Where);
        Assert.Equal("length", ArchetypeSheet.Begin(Request("twin", length: 7900)).Refused!.Where);
        Assert.Equal("class", ArchetypeSheet.Begin(Request("balloon")).Refused!.Where);
        Assert.Equal("name", ArchetypeSheet.Begin(Request("twin") with { Name = " " }).Refused!.Where);
    }

    [Fact]
    public void The_typed_length_holds_all_of_it_and_the_wing_lies_clear_of_the_tail() =>
        Gen.Select(Gen.Int[0, ArchetypeList.All.Length - 1], Gen.Double[150, 8000], Gen.Double[0.25, 2.9])
            .Sample(
                (type, span, ratio) =>
                {
                    var length = Math.Min(5000, Math.Round(span * ratio));
                    var begun = ArchetypeSheet.Begin(Request(ArchetypeList.All[type].Key, Math.Round(span), length));
                    if (begun.Refused is not null)
                    {
                        return;
                    }

                    var sheet = Begun(Request(ArchetypeList.All[type].Key, Math.Round(span), length)).Sheet;
                    var wing = sheet.Geometry.Lifting[0].Panels[0];
                    var body = sheet.Geometry.Bodies[0];
                    Assert.True(body.From < 0 && body.To > 0, "the nose is ahead of the wing");
                    var rear = Math.Max(body.To, wing.Sweep + wing.Tip);
                    Assert.InRange(rear - body.From, length * 0.999 - 1, length * 1.001 + 1);
                    foreach (var tail in sheet.Geometry.Lifting.Where(l => l.Role is "tail" or "v-tail"))
                    {
                        var behind = Math.Max(
                            wing.Root,
                            wing.Root
                                + ((wing.Sweep + wing.Tip - wing.Root) * Math.Min(1, tail.Panels[0].Span / wing.Span))
                        );
                        Assert.True(
                            behind < tail.RootLeadingEdge,
                            $"{ArchetypeList.All[type].Key}, span {span:0}, length {length:0}: wing to {behind:0}, "
                                + $"tail from {tail.RootLeadingEdge:0}"
                        );
                    }
                }
            );

    [Fact]
    public void Whatever_span_length_and_weight_are_typed_the_sheet_reads_or_the_refusal_says_which_number() =>
        Gen.Select(
                Gen.Int[0, ArchetypeList.All.Length - 1],
                Gen.Double[-100, 9000],
                Gen.Double[-100, 9000],
                Gen.Double[-100, 50_000]
            )
            .Sample(
                (type, span, length, weight) =>
                    ArchetypeSheet
                        .Begin(
                            Request(
                                ArchetypeList.All[type].Key,
                                Math.Round(span),
                                Math.Round(length),
                                Math.Round(weight)
                            )
                        )
                        .Match(
                            f =>
                                SheetReader.Read(Encoding.UTF8.GetBytes(f.ToJsonString())).Rough is { } rough
                                && Core.Sheets.Plausibility.Plausible.Of(Drawable.Part(rough)).Count >= 0,
                            r => r.Where is "span" or "length" or "emptyWeight"
                        )
            );
}
