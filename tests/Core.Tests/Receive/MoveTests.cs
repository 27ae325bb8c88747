using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Tests.Receive;

/// <summary>Another revision takes away nothing that nobody may concede, but by a lead's word.</summary>
public sealed class MoveTests
{
    private static SpecSheet Second(SpecSheet sheet) =>
        sheet with
        {
            Kit = sheet.Kit.With(KitFields.Revision.Is(2)),
            Hash = new string('d', 64),
        };

    private static SpecSheet WithoutRudder { get; } =
        Second(
            Bench.Parasol with
            {
                Surfaces = [.. Bench.Parasol.Surfaces.Where(s => s.Id != "rudder")],
                Throws = [.. Bench.Parasol.Throws.Where(t => t.Surfaces != "rudder")],
                Servos = [.. Bench.Parasol.Servos.Where(s => s.Id != "sv-rud")],
                Radio = Bench.Parasol.Radio.With(
                    RadioFields.Functions.Is([.. Bench.Parasol.Radio.Functions.Where(f => f != "rudder")])
                ),
            }
        );

    private static Bench Parasol()
    {
        var bench = new Bench(Bench.Parasol).Unpacked().Steps(Stage.Build).Steps(Stage.Wire);
        bench.Know(WithoutRudder);
        return bench;
    }

    private static readonly SheetMoved Move = new(2, WithoutRudder.Hash, "The next revision.");

    [Fact]
    public void A_technician_moves_no_job_and_a_lead_not_away_from_what_is_wrong()
    {
        var bench = Parasol().Bound();
        Assert.Equal("entry/role", bench.Refused(Move)!.Code);
        bench.Do(new DirectionSeen("rudder", [new Seen("rudder", Movement.Left)]));
        var refused = bench.Refused(Move, Bench.Thorne)!;
        Assert.Equal("receive/move-refused", refused.Code);
        Assert.Contains("Direction of rudder", refused.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void What_was_never_shown_goes_by_a_leads_word_for_that_line_and_the_record_keeps_it()
    {
        var bench = Parasol();
        var asked = bench.Refused(Move, Bench.Thorne)!;
        Assert.Equal("receive/move-asks", asked.Code);
        Assert.Contains("Rudder moves freely", asked.Text, StringComparison.Ordinal);
        var preview = MovePreview.Of(bench.State, WithoutRudder, bench.Now, Bench.Thorne).Where(p => p.Asks).ToArray();
        Assert.Equal(
            ["check/keepers/sv-rud", "direction/rudder", "freedom/rudder"],
            preview.Select(p => p.Id).Order(StringComparer.Ordinal)
        );
        var word = new NotOnAircraft("direction/rudder", "Built without one.");
        Assert.Equal("receive/move-asks", bench.Refused(Move with { NotOn = [word] }, Bench.Thorne)!.Code);
        Assert.Equal(
            "receive/move-line",
            bench
                .Refused(
                    Move with
                    {
                        NotOn =
                        [
                            word,
                            word with
                            {
                                Line = "freedom/rudder",
                            },
                            word with
                            {
                                Line = "check/keepers/sv-rud",
                            },
                            word with
                            {
                                Line = "throw/rudder",
                            },
                        ],
                    },
                    Bench.Thorne
                )!
                .Code
        );
        bench.Do(
            Move with
            {
                NotOn = [word, word with { Line = "freedom/rudder" }, word with { Line = "check/keepers/sv-rud" }],
            },
            Bench.Thorne
        );
        Assert.Equal(3, bench.State.Receive.NotOnAircraft.Count);
    }

    [Fact]
    public void A_given_value_gives_way_when_the_maker_states_one()
    {
        var silent = Bench.Parasol with
        {
            Balance = Bench.Parasol.Balance.With(BalanceFields.AllUpWeight.Is(new Printed<Quantity>.NotStated(true))),
        };
        var bench = new Bench(silent).Unpacked();
        bench.Do(new ValueGiven("weight", Bench.Q("3000 g"), "like the last one"), Bench.Thorne);
        Assert.Equal("at most 3000 g", bench.Line("weight/wheels").Limits);
        var stated = Second(Bench.Parasol);
        bench.Know(stated);
        bench.Do(new SheetMoved(2, stated.Hash, "The maker says it now."), Bench.Thorne);
        Assert.Empty(bench.State.Given);
        Assert.NotEqual("at most 3000 g", bench.Line("weight/wheels").Limits);
    }

    [Fact]
    public void A_revision_no_lead_confirmed_is_a_line_that_nobody_concedes_and_confirming_closes_it()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        Assert.False(bench.Line("sheet/confirmed").Open);
        var next = Second(Bench.Parasol);
        bench.Know(next, confirmed: false);
        bench.Do(new SheetMoved(2, next.Hash, "The next revision."), Bench.Thorne);
        var line = bench.Line("sheet/confirmed");
        Assert.Equal((Standing.NotShown, Concedable.Never), (line.Standing, line.Concedable));
        Assert.Equal("entry/role", bench.Refused(new SheetConfirmed(next.Hash))!.Code);
        Assert.Equal("receive/sheet", bench.Refused(new SheetConfirmed(Bench.Parasol.Hash), Bench.Thorne)!.Code);
        bench.Do(new SheetConfirmed(next.Hash), Bench.Thorne);
        Assert.Equal("By I. Thorne.", bench.Line("sheet/confirmed").Why);
    }

    [Fact]
    public void A_move_to_a_confirmed_revision_copies_who_confirmed_it()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        var next = Second(Bench.Parasol);
        bench.Know(next);
        var moved = (SheetMoved)bench.Do(new SheetMoved(2, next.Hash, "The next revision."), Bench.Thorne).Body;
        Assert.Equal("I. Thorne", moved.Confirmed!.By.Name);
        Assert.False(bench.Line("sheet/confirmed").Open);
    }

    [Fact]
    public void A_school_that_takes_a_step_out_needs_another_that_fits_the_same()
    {
        var sheet = Bench.Sheet("brindle-pair");
        Assert.Null(new Bench(sheet).Refused(new SchoolChosen("tail-fixing", "screws", "Spares.")));
        var wing = sheet.Steps.First(s => s.Id == "upper-wing");
        var trap = sheet with
        {
            Steps =
            [
                .. sheet.Steps.Select(s =>
                    s.Id == wing.Id ? s.With(StepFields.School.Is(s.School.SetItem("hinges", "free"))) : s
                ),
            ],
        };
        var refused = new Bench(trap).Refused(new SchoolChosen("hinges", "stiffen", "Soft."))!;
        Assert.Equal("receive/school-step", refused.Code);
        Assert.Contains(wing.Title, refused.Text, StringComparison.Ordinal);
    }
}
