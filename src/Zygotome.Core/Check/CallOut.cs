using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Check;

/// <summary>
/// Everything that is called out in one unbroken run: every stick both ways, every output and position of a switch, the
/// lowest rate. What is seen only while motors turn is left to its own look in Bind.
/// </summary>
public static class CallOut
{
    private const string LowRate = "rates/low";

    /// <summary>In the order in which it is called: sticks, then switches as on the sheet.</summary>
    public static ImmutableArray<CheckCall> Of(SpecSheet sheet) =>
        sheet
            .Once(s => new All([.. Sticks(s).Concat(Outputs(s)).GroupBy(c => c.Call).Select(Together), .. Rates(s)]))
            .Calls;

    private sealed record All(ImmutableArray<CheckCall> Calls);

    /// <summary>What a complete run rests on: all that was called in it.</summary>
    public static Rests RestsOn(SpecSheet sheet) => sheet.Once(s => new Whole(Joined(Of(s)))).Rests;

    private sealed record Whole(Rests Rests);

    private static Rests Joined(IReadOnlyCollection<CheckCall> calls) =>
        new(
            [.. calls.SelectMany(c => c.RestsOn.Aspects).Distinct()],
            [.. calls.SelectMany(c => c.RestsOn.Settings).Distinct()]
        );

    // One stick or switch, and all that it moves: rudder and tail wheel, legs and the light that waits for them.
    private static CheckCall Together(IEnumerable<CheckCall> same)
    {
        CheckCall[] all = [.. same];
        return all is [var only]
            ? only
            : all[0] with
            {
                Expected = string.Join("; ", all.Select(c => c.Expected)),
                Note = string.Join("; ", all.Select(c => c.Note).Where(n => n.Length > 0).Distinct()),
                Picture = all.SelectMany(c => c.Picture).DistinctBy(p => p.Key).ById(p => p.Key, p => p.Value),
                Parts = [.. all.SelectMany(c => c.Parts).Distinct()],
                RestsOn = Joined(all),
            };
    }

    private static IEnumerable<CheckCall> Sticks(SpecSheet sheet) =>
        from function in sheet.Surfaces.SelectMany(s => s.Functions).Distinct()
        where sheet.Positions.All(p => p.Function != function)
        let surfaces = sheet.Surfaces.Where(s => s.Functions.Contains(function)).ToArray()
        from at in Ends(function).Select((at, i) => (Name: at, Back: i == 1))
        let picture = surfaces.ById(
            s => s.Id,
            s => Movements.Natural(sheet, s, function) is var natural && at.Back ? Movements.Opposite(natural) : natural
        )
        select new CheckCall(
            $"{function}/{at.Name}",
            OutputCalls.Called(function, at.Name),
            string.Join(
                ", ",
                surfaces.Select(s => $"{s.Name.ToLowerInvariant()} {$"{picture[s.Id]}".ToLowerInvariant()}")
            )
        )
        {
            Group = Texts.Capital(function),
            At = at.Name,
            Stick = function,
            Back = at.Back,
            Picture = picture,
            Parts = [.. surfaces.Select(s => s.Id)],
            RestsOn = CallRests.Of(sheet, function, surfaces),
        };

    private static string[] Ends(string function) =>
        function switch
        {
            "aileron" or "rudder" => ["right", "left"],
            "elevator" => ["up", "down"],
            "flap" => ["down", "up"],
            _ => ["out", "in"],
        };

    private static IEnumerable<CheckCall> Outputs(SpecSheet sheet) =>
        OutputCalls
            .Of(sheet)
            .Where(c => !c.TurnsMotors)
            .Select(c => new CheckCall($"{c.Of}/{c.At}", c.Call, c.Expected)
            {
                Group = c.IsPosition ? $"{Texts.Capital(c.Function)} position" : c.Name,
                At = c.At,
                From = c.From,
                Picture = c.Picture,
                Parts = c.Parts,
                Note = c.Note,
                RestsOn = CallRests.Of(sheet, c),
            });

    // The throws of every rate are measured; that its switch brings it is seen.
    private static IEnumerable<CheckCall> Rates(SpecSheet sheet)
    {
        if (sheet.Rates.Length < 2 || Sticks(sheet).FirstOrDefault() is not { } first)
        {
            yield break;
        }

        var low = sheet.Rates[^1].Name;
        yield return new CheckCall(
            LowRate,
            $"Rate switch: {low}; {first.Call.ToLowerInvariant()}",
            $"{first.Expected}, clearly less far"
        )
        {
            Group = "Rates",
            At = low,
            Picture = first.Picture,
            Parts = first.Parts,
            RestsOn = first.RestsOn.And(new Setting(SettingKind.Switch, "rates")),
        };
    }
}
