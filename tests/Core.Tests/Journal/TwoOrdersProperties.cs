using CsCheck;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Journal;

/// <summary>
/// Settings and disturbances against the law itself, over words and hands told in any order: by seq, and by the clock
/// of who observed.
/// </summary>
public sealed class TwoOrdersProperties
{
    private static readonly Aspect[] Aspects =
    [
        new(AspectKind.Throw, "aileron-left"),
        new(AspectKind.Throw, Aspect.Every),
        new(AspectKind.Neutral, "aileron-left"),
        new(AspectKind.Mass),
    ];

    private static readonly Gen<(int Minute, int Value, bool Act)[]> Told = Gen.Select(
        Gen.Int[0, 8],
        Gen.Int[0, 2],
        Gen.Bool
    ).Array[1, 9];

    private static readonly Gen<(int Seq, int Minute)> Shown = Gen.Select(Gen.Int[0, 9], Gen.Int[0, 8]);

    [Theory]
    [InlineData(SettingKind.EndPoint)]
    [InlineData(SettingKind.Transmitter)]
    public void A_setting_changed_since_evidence_when_it_was_another_in_either_order(SettingKind kind) =>
        Told.Select(Shown)
            .Sample(
                (told, shown) =>
                {
                    string[] values = ["100 %", "80 %", "60 %"];
                    var setting = new Setting(kind);
                    var settings = new Settings();
                    List<(int Seq, int Minute, string Value, bool Act)> said = [];
                    foreach (var (minute, value, act) in told)
                    {
                        said.Add((said.Count + 1, minute, values[value], act));
                        settings = settings.Say(SettingsTests.At(said.Count, minute), setting, values[value], act);
                    }

                    var evidence = Evidence.Of(SettingsTests.At(shown.Seq, shown.Minute));
                    var bySeq = said.Select(s => (s, Seen: s.Seq <= shown.Seq)).ToArray();
                    var byClock = said.OrderBy(s => (s.Minute, s.Seq))
                        .Select(s => (s, Seen: (s.Minute, s.Seq).CompareTo((shown.Minute, shown.Seq)) <= 0))
                        .ToArray();
                    var changed = new[] { bySeq, byClock }
                        .Select(order => (Then: Then(order), Now: order[^1].s))
                        .Where(o => o.Then != o.Now.Value)
                        .Select(o => (o.Then ?? "not known", o.Now.Value, (long)o.Now.Seq))
                        .ToArray();
                    Assert.Equal(
                        changed.Take(1),
                        settings.After(evidence, setting) is { } c ? [(c.Then, c.Now.Value, c.Now.Seq)] : []
                    );
                    Assert.Equal(Then(bySeq), settings.At(evidence, setting));

                    string? Then(((int Seq, int Minute, string Value, bool Act) Word, bool Seen)[] order) =>
                        order.Any(o => o.Seen) ? order.Last(o => o.Seen).Word.Value
                        : setting.Unsaid is { } unsaid ? unsaid
                        : order[0].Word.Act ? null
                        : order[0].Word.Value;
                }
            );

    [Fact]
    public void Evidence_is_disturbed_by_what_came_later_in_either_order_on_its_surface_or_on_every() =>
        Told.Select(Shown, Gen.Int[0, 3])
            .Sample(
                (told, shown, asked) =>
                {
                    var disturbances = new Disturbances();
                    foreach (var (hand, i) in told.Select((t, i) => (t, i)))
                    {
                        var touched = Aspects[(hand.Value + (hand.Act ? 1 : 0)) % Aspects.Length];
                        disturbances = disturbances.Add(
                            SettingsTests.At(i + 1, hand.Minute),
                            $"{i + 1}",
                            [touched, Aspects[3]]
                        );
                    }

                    var evidence = Evidence.Of(SettingsTests.At(shown.Seq, shown.Minute));
                    var stale = told.Select((t, i) => (t, Seq: i + 1))
                        .Any(h =>
                            (h.Seq > shown.Seq || h.t.Minute > shown.Minute)
                            && new[] { Aspects[(h.t.Value + (h.t.Act ? 1 : 0)) % Aspects.Length], Aspects[3] }.Any(a =>
                                a == Aspects[asked]
                                || (Aspects[asked].Surface.Length > 0 && a == Aspects[asked].ForEvery())
                            )
                        );
                    Assert.Equal(stale, disturbances.After(evidence, [Aspects[asked]]) is not null);
                }
            );
}
