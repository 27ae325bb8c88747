using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Tests;

namespace Zygotome.Bench;

/// <summary>What every benchmark needs of a shop.</summary>
internal static class Shop
{
    public static readonly Person Vane = new("rvane", "R. Vane", Role.Technician);

    public static readonly string Root = Find();

    public static readonly byte[] SheetBytes = File.ReadAllBytes(
        Path.Combine(Root, "demo", "sheets", "plimsey-1400.sheet.json")
    );

    public static readonly SpecSheet Sheet = SheetReader.Read(SheetBytes).Sheet!;

    public static Typed Q(string text) => new(text);

    public static JobOpened Opened(string number, DateTimeOffset at) =>
        new(
            number,
            "c-1",
            Sheet.Kit.Id,
            1,
            Sheet.Hash,
            new Battery(Q("286 g"), Q("118 mm"), Q("36 mm"), Q("30 mm"), 4, Q("2700 mAh")),
            8,
            DateOnly.FromDateTime(at.UtcDateTime).AddDays(5),
            "",
            BalanceSchool.ForwardThird,
            ShopRules.Default
        );

    private static string Find()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Zygotome.slnx")))
        {
            folder = folder.Parent!;
        }

        return folder.FullName;
    }
}
