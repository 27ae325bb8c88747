using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Safety;

/// <summary>One movement of an act that is led step by step.</summary>
/// <param name="Do">What the hands do.</param>
/// <param name="Hear">What answers it, by tone or by sign; empty where nothing does.</param>
/// <param name="Stick">How the transmitter is said to be once it is done; null where it is about the pack.</param>
public sealed record ActMove(string Do, string Hear, LampIs? Stick)
{
    /// <summary>It is made once its own word was said.</summary>
    public bool IsMade(LampIs transmitter, bool connected) => Stick is { } stick ? transmitter == stick : connected;
}

/// <summary>
/// Acts that are made of several movements of the stick, each answered by tones or by a sign: what a controller or a
/// stabiliser waits for, in its order. They end with the stick low and the cut set. Tones differ by maker: what is
/// usual is said to be so.
/// </summary>
public static class ActMoves
{
    /// <summary>In order; none where an act is one movement.</summary>
    /// <param name="cells">Of the pack that flies, by which the tones are counted; else the sheet's.</param>
    public static ImmutableArray<ActMove> Of(SpecSheet sheet, PoweredAct act, int? cells = null) =>
        act switch
        {
            PoweredAct.Calibration =>
            [
                new("Cut off, stick all the way up.", "", LampIs.FullStick),
                new("Connect the pack.", "The tones for full stick, usually two short ones.", null),
                new(
                    "At once stick all the way down, then set the cut.",
                    $"{Tones(cells ?? sheet.Power.Packs.FirstOrDefault()?.Cells ?? 0)}, then a long one: it knows low "
                        + "and full.",
                    LampIs.CutSet
                ),
            ],
            PoweredAct.StickMenu =>
            [
                new("Cut off, stick all the way up.", "", LampIs.FullStick),
                new(
                    "Connect the pack; leave the stick up.",
                    "The tones for full stick, then one group after the other, each for one setting: count.",
                    null
                ),
                new(
                    "At the group you want, stick all the way down, then set the cut.",
                    "Its answer, and the tones of an armed controller.",
                    LampIs.CutSet
                ),
            ],
            PoweredAct.Waking =>
            [
                new("Cut off, throttle low.", "", LampIs.Live),
                new(
                    $"{Texts.Capital(Or(sheet.Radio.Wake, "throttle to half and back"))}, then set the cut.",
                    $"Its sign: {Or(sheet.Radio.Awake, "surfaces twitch, or as its paper says")}.",
                    LampIs.CutSet
                ),
            ],
            PoweredAct.Arming =>
            [
                new("Cut off.", "", LampIs.Live),
                new(
                    $"{Texts.Capital(StickOf(sheet))}, then set the cut.",
                    "The tones of an armed controller.",
                    LampIs.CutSet
                ),
            ],
            _ => [],
        };

    private static string Tones(int cells) =>
        cells > 0 ? $"{cells} short tones, one a cell" : "as many short tones as the pack has cells";

    // Where the kit's own order under power has the stick in it, it arms by that.
    private static string StickOf(SpecSheet sheet) =>
        Or(
            sheet.Power.Order.FirstOrDefault(o => o.Contains("stick", StringComparison.OrdinalIgnoreCase)),
            "the kit's own movement of the stick"
        );

    private static string Or(string? stated, string usual) => string.IsNullOrWhiteSpace(stated) ? usual : stated.Trim();
}
