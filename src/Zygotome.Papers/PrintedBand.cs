using SkiaSharp;
using Zygotome.Core.Wire;

namespace Zygotome.Papers;

/// <summary>Bands of a lead as they are put round it: as many stripes, each with an edge: white shows too.</summary>
internal static class PrintedBand
{
    // All of one lead side by side, points.
    private const float Room = 30;

    /// <summary>Side by side about a middle; points.</summary>
    public static void Draw(SKCanvas canvas, LeadBand band, float middle, float top, float height, float wide = 5)
    {
        using var fill = new SKPaint { Color = Colour(band), IsAntialias = true };
        using var edge = new SKPaint
        {
            Color = A4Pages.Ink,
            IsStroke = true,
            StrokeWidth = 0.6f,
            IsAntialias = true,
        };
        wide = Math.Min(wide, Room / (1.5f * band.Count));
        var pitch = wide * 1.5f;
        for (var i = 0; i < band.Count; i++)
        {
            var left = middle + ((i - ((band.Count - 1) / 2f)) * pitch) - (wide / 2);
            var stripe = SKRect.Create(left, top, wide, height);
            canvas.DrawRect(stripe, fill);
            canvas.DrawRect(stripe, edge);
        }
    }

    private static SKColor Colour(LeadBand band) =>
        band.Colour switch
        {
            "black" => SKColor.Parse("#14211e"),
            "white" => SKColors.White,
            _ => SKColor.Parse("#e9c84a"),
        };
}
