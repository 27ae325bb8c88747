using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;

namespace Zygotome.Bench;

/// <summary>The journal of a job that has been worked on for long.</summary>
internal static class LongJob
{
    /// <summary>So many entries, the last of them recorded at the instant.</summary>
    public static (Entry[] Journal, DateTimeOffset At) Of(int count)
    {
        var at = new DateTimeOffset(2026, 11, 2, 9, 0, 0, TimeSpan.Zero);
        var targets = ThrowTargets.Of(Shop.Sheet, ShopRules.Default);
        var entries = new List<Entry>();
        void Add(EntryBody body) =>
            entries.Add(
                new Entry(
                    "J-0001",
                    entries.Count + 1,
                    $"e{entries.Count + 1}",
                    body,
                    Shop.Vane,
                    at = at.AddSeconds(20),
                    at,
                    "look"
                )
            );
        Add(Shop.Opened("J-0001", at));
        foreach (var bag in Shop.Sheet.Parts.Select(p => p.Bag).Distinct())
        {
            Add(new BagCounted(bag, true));
        }

        foreach (var step in Shop.Sheet.Steps)
        {
            Add(new StepStarted(step.Id));
            Add(
                new StepDone(
                    step.Id,
                    step.Bond is null ? null : new Adhesive("e", "epoxy", 60, 720, true),
                    Shop.Q("20 °C")
                )
            );
        }

        // A long job: throws measured again and again, linkages moved, parts counted, findings repaired.
        for (var i = 0; entries.Count < count; i++)
        {
            Add(
                (i % 5) switch
                {
                    0 => new LinkageMoved(Shop.Sheet.Surfaces[i % Shop.Sheet.Surfaces.Length].Id, LinkagePart.Clevis),
                    1 => new Counted("pushrod", i % 2 == 0 ? 1 : -1),
                    2 when i % 50 == 2 => new FindingRaised(
                        "wing-left",
                        PlaceKind.Skin,
                        FindingKind.Dent,
                        Shop.Q("9 mm"),
                        100,
                        -200,
                        ""
                    ),
                    _ => new ThrowRead(
                        targets[i % targets.Count].Id,
                        [Shop.Q($"{8 + (i % 9)} mm")],
                        Core.Sheets.ThrowMeasure.UprightRuler,
                        new Instrument("rule", 0.5)
                    ),
                }
            );
        }

        return ([.. entries], at);
    }
}
