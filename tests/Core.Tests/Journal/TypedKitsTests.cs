using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Journal;

/// <summary>
/// Three kits typed by keyboard from their papers, as they came out of the editor, each built from the box to its
/// release with nothing conceded and nothing given.
/// </summary>
public sealed class TypedKitsTests
{
    public static TheoryData<string> Kits =>
        [
            .. Directory
                .GetFiles(ProjectFolder.File("tests", "Typed"), "*.sheet.json")
                .Select(f => Path.GetFileName(f).Split('.')[0])
                .Order(StringComparer.Ordinal),
        ];

    [Theory]
    [MemberData(nameof(Kits))]
    public void A_kit_typed_by_keyboard_is_released_without_a_concession(string kit)
    {
        var read = SheetReader.Read(File.ReadAllBytes(ProjectFolder.File("tests", "Typed", $"{kit}.sheet.json")));
        Assert.Empty(read.Errors);
        Assert.Empty(read.Sheet!.Assumed);
        var bench = new Bench(read.Sheet, battery: Pack(kit));
        new Finisher(bench, scales: kit == "reed-mote-480" ? 0.05 : 1).Finish();
        Assert.NotNull(bench.State.Release);
        Assert.Empty(bench.State.Concessions);
        Assert.Empty(bench.State.Given);
    }

    private static Battery Pack(string kit) =>
        kit switch
        {
            "reed-mote-480" => new(
                Bench.Q("5 g"),
                Bench.Q("24 mm"),
                Bench.Q("14 mm"),
                Bench.Q("7 mm"),
                2,
                Bench.Q("350 mAh")
            ),
            "teal-plank-900" => new(
                Bench.Q("78 g"),
                Bench.Q("60 mm"),
                Bench.Q("24 mm"),
                Bench.Q("18 mm"),
                3,
                Bench.Q("800 mAh")
            ),
            _ => new(Bench.Q("210 g"), Bench.Q("105 mm"), Bench.Q("34 mm"), Bench.Q("30 mm"), 4, Bench.Q("1800 mAh")),
        };
}
