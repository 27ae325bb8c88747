using System.Collections.Immutable;
using System.Reflection;
using System.Text.Json;
using Zygotome.Core.Build;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Journal;

/// <summary>
/// Bodies of every kind of entry as somebody at this job could send them: made from the record's own constructor, its
/// texts picked by what they name. A kind that is new is made too.
/// </summary>
internal sealed class AnyBody(Random random)
{
    private static readonly string[] Quantities =
    [
        "12 mm",
        "0 mm",
        "3 mm down",
        "1 5/8 in",
        "12 ± 1 mm",
        "14 mm to 18 mm",
        "16 to 12 mm",
        "-160 mm",
        "25 mm left",
        "15 deg",
        "65 %",
        "262 g",
        "0 g",
        "2 lb 3 oz",
        "2400 mAh",
        "30 A",
        "-160 g",
        "999999999 mm",
        "-999999999 g",
        "5",
        "21 °C",
    ];

    private static readonly double[] Numbers = [0, 1, -1, 20, 0.5, 100, 62.5, 1e6, -1e6, 1e300, double.MaxValue];

    public EntryBody Of(EntryKind kind, Bench bench)
    {
        // What only the server makes is made as it would make it.
        if (kind.Body == typeof(Released))
        {
            return Released
                .From(bench.State, bench.Now)
                .Match(r => r with { PdfHash = "hash" }, _ => new Released(1, "0", [], "hash"));
        }

        return (EntryBody)Record(kind.Body, bench)!;
    }

    private object? Record(Type type, Bench bench)
    {
        var made = type.GetConstructors(BindingFlags.Public | BindingFlags.Instance)
            .OrderByDescending(c => c.GetParameters().Length)
            .First();
        return made.Invoke([.. made.GetParameters().Select(p => Value(p.ParameterType, p.Name!, type, bench))]);
    }

    private object? Value(Type type, string name, Type of, Bench bench)
    {
        if (Nullable.GetUnderlyingType(type) is { } inner)
        {
            return random.Next(2) == 0 ? null : Value(inner, name, of, bench);
        }

        if (type.IsEnum)
        {
            return Pick([.. Enum.GetValues(type).Cast<object>()]);
        }

        if (type == typeof(ImmutableSortedDictionary<string, string>))
        {
            return random.Next(2) == 0 ? null : Ordered.ById<string>().Add(Text("option", of, bench), "wheels");
        }

        if (type == typeof(ImmutableSortedDictionary<string, int>))
        {
            return random.Next(2) == 0 ? null : Ordered.ById<int>().Add(Text("part", of, bench), random.Next(-1, 9));
        }

        return type switch
        {
            _ when type == typeof(string) => Text(name, of, bench),
            _ when type == typeof(bool) => random.Next(2) == 0,
            _ when type == typeof(int) => Pick([0, 1, 2, 3, -1, 12, 10_000]),
            _ when type == typeof(long) => (long)random.Next(100),
            _ when type == typeof(double) => Pick(Numbers),
            _ when type == typeof(decimal) => (decimal)random.Next(1, 9),
            _ when type == typeof(DateOnly) => DateOnly
                .FromDateTime(bench.Now.UtcDateTime)
                .AddDays(random.Next(-3, 40)),
            _ when type == typeof(DateTimeOffset) => Pick([
                bench.Now.AddMinutes(-random.Next(1, 90)),
                bench.Now.AddHours(1),
                DateTimeOffset.MinValue,
                DateTimeOffset.MaxValue,
            ]),
            _ when type == typeof(Quantity) => QuantityParser.Parse(Pick(Quantities)).OrDefault(),
            _ when typeof(Measure).IsAssignableFrom(type) => Typed(type),
            _ when type.IsGenericType && type.GetGenericTypeDefinition() == typeof(ImmutableArray<>) => Array(
                type.GetGenericArguments()[0],
                name,
                of,
                bench
            ),
            _ => Record(type, bench),
        };
    }

    // As its door takes it: what it refuses never comes to a rule.
    private object Typed(Type measure)
    {
        while (true)
        {
            try
            {
                return JsonSerializer.SerializeToElement(Pick(Quantities)).Deserialize(measure, EntryJson.Strict)!;
            }
            catch (QuantityRefusedException)
            {
                // Another is picked.
            }
        }
    }

    private object Array(Type item, string name, Type of, Bench bench)
    {
        var items = System.Array.CreateInstance(item, random.Next(4));
        for (var i = 0; i < items.Length; i++)
        {
            items.SetValue(Value(item, name, of, bench), i);
        }

        return typeof(ImmutableArray)
            .GetMethods()
            .Single(m =>
                m.Name == nameof(ImmutableArray.Create)
                && m.ToString()!.EndsWith("Create[T](T[])", StringComparison.Ordinal)
            )
            .MakeGenericMethod(item)
            .Invoke(null, [items])!;
    }

    private string Text(string name, Type of, Bench bench)
    {
        if (random.Next(25) == 0)
        {
            return Pick(["", "nowhere", new string('x', 300)]);
        }

        var (state, sheet) = (bench.State, bench.State.Sheet);
        IEnumerable<string> known = name switch
        {
            "Surface" or "Surfaces" => sheet.Surfaces.Select(s => s.Id),
            "Step" => sheet.Steps.Select(s => s.Id),
            "Part" or "Parts" => sheet.Parts.Select(p => p.Id),
            "Bag" => sheet.Parts.Select(p => p.Bag),
            "Paper" => UnpackEntries.Papers,
            "Point" => InspectionRoute.Of(sheet).Select(p => p.Id),
            "Finding" or "Findings" => state.Unpack.Findings.Select(f => f.Id),
            "Claim" => state.Unpack.Claims.Select(c => c.Id),
            "Loop" => state.Build.Loops.Select(l => l.Id),
            "Entry" => bench.Journal.Select(e => e.EntryId),
            "Requirement" => Ledger.Of(state, bench.Now).Select(l => l.Id),
            "Target" => ThrowTargets.Of(sheet, state.Rules).Select(t => t.Id),
            "For" => Stages.All.Gaps(sheet, state.Rules).Select(g => g.Id),
            "Function" => [.. sheet.Radio.Functions, .. sheet.Surfaces.SelectMany(s => s.Functions)],
            "Output" => Core.Bind.UnknownOutputs.Of(sheet).Select(o => o.Id),
            "Motor" => sheet.Power.Motors.Select(m => m.Id),
            "Station" => sheet.Geometry.BallastStations.Select(s => s.Name),
            "Configuration" => sheet.Balance.Configurations.Select(c => c.Name),
            "School" => Schools.All.Select(s => s.Id),
            "Option" => Schools.All.SelectMany(s => s.Options).Select(o => o.Id),
            "Item" => ToBuy.Of(state, new Stock([], [], [])).Select(l => l.Id),
            "Place" => Core.Drawing.Drawings.Plan(sheet).Parts.Select(p => p.Id),
            "Method" => sheet.Radio.BindMethods,
            "SheetHash" => state.Revisions.Keys.Append(state.Filed.Hash),
            "Hash" or "LetterHash" or "MailHash" => [new string('a', 64)],
            "Name" when of == typeof(PackChosen) => state.Receive.Packs.Select(p => p.Name),
            _ => ["looked at it"],
        };
        var all = known.ToArray();
        return all.Length == 0 ? "none" : Pick(all);
    }

    private T Pick<T>(IReadOnlyList<T> of) => of[random.Next(of.Count)];
}
