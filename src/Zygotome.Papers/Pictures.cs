using System.Security.Cryptography;
using SkiaSharp;
using Zygotome.Core;

namespace Zygotome.Papers;

/// <summary>
/// A picture encoded anew: JPEG of at most 2000 px, upright, without metadata, and a small copy of at most 320 px.
/// </summary>
public sealed record Picture(string Hash, byte[] Jpeg, byte[] Small, int Width, int Height);

/// <summary>
/// Reads what a camera or a person sends. The header is looked at before anything is unpacked, so that a small file
/// that would unfold to gigabytes is refused by its own words; what is kept is never the bytes that came.
/// </summary>
public static class Pictures
{
    public const int LargestBytes = 15 * 1024 * 1024;
    private const long LargestPixels = 60_000_000,
        MostUnpacked = 200L << 20;
    private const int Longest = 2000,
        Small = 320,
        Least = 16;

    // Each may take as much as that; more than two at once would take a small machine from those who work.
    private static readonly SemaphoreSlim Unpacking = new(2, 2);

    public static Outcome<Picture> Read(byte[] bytes)
    {
        if (bytes.Length == 0)
        {
            return new Refusal("photo/empty", "The picture is empty.", "body");
        }

        if (bytes.Length > LargestBytes)
        {
            return new Refusal(
                "photo/too-large",
                $"The picture has {bytes.Length / 1_048_576} MB; at most 15 are taken.",
                "body"
            );
        }

        using var data = SKData.CreateCopy(bytes);
        using var codec = SKCodec.Create(data);
        if (
            codec is null
            || codec.EncodedFormat
                is not (SKEncodedImageFormat.Jpeg or SKEncodedImageFormat.Png or SKEncodedImageFormat.Webp)
        )
        {
            return new Refusal("photo/kind", "This is not a picture that can be kept; JPEG, PNG and WebP can.", "body");
        }

        var (width, height) = (codec.Info.Width, codec.Info.Height);
        if ((long)width * height > LargestPixels)
        {
            return new Refusal(
                "photo/pixels",
                $"The picture has {(long)width * height / 1_000_000} megapixels ({width} × {height}); at most "
                    + $"{LargestPixels / 1_000_000} are taken.",
                "body"
            );
        }

        if (width < Least || height < Least)
        {
            return new Refusal(
                "photo/tiny",
                $"The picture is {width} × {height} px: nothing can be seen on it.",
                "body"
            );
        }

        var size = Unpacked(codec);
        if (Needed(size, codec.EncodedOrigin) > MostUnpacked)
        {
            return new Refusal(
                "photo/pixels",
                $"The picture is {width} × {height} px: unpacked it would take "
                    + $"{Needed(size, codec.EncodedOrigin) >> 20} MB; "
                    + $"at most {MostUnpacked >> 20} are used. Send it as JPEG, or smaller.",
                "body"
            );
        }

        Unpacking.Wait();
        try
        {
            return Encoded(codec, size);
        }
        finally
        {
            Unpacking.Release();
        }
    }

    // JPEG can be unpacked smaller; other kinds answer with their full size.
    private static SKSizeI Unpacked(SKCodec codec)
    {
        var wanted = Math.Min(1f, (float)Longest / Math.Max(codec.Info.Width, codec.Info.Height));
        return codec.GetScaledDimensions(Math.Min(1f, wanted * 1.5f));
    }

    // Bytes while it is worked on: as it comes, turned upright, and the two that are kept.
    private static long Needed(SKSizeI size, SKEncodedOrigin origin)
    {
        var raw = 4L * size.Width * size.Height;
        return (origin == SKEncodedOrigin.TopLeft ? raw : 2 * raw) + (4L * Longest * Longest) + (4L * Small * Small);
    }

    private static Outcome<Picture> Encoded(SKCodec codec, SKSizeI size)
    {
        using var raw = new SKBitmap(
            new SKImageInfo(size.Width, size.Height, SKColorType.Rgba8888, SKAlphaType.Premul)
        );
        if (codec.GetPixels(raw.Info, raw.GetPixels()) is not SKCodecResult.Success)
        {
            return new Refusal("photo/broken", "The picture breaks off or is damaged; take it again.", "body");
        }

        using var turned = codec.EncodedOrigin == SKEncodedOrigin.TopLeft ? null : Upright(raw, codec.EncodedOrigin);
        using var large = Scaled(turned ?? raw, Longest);
        using var small = Scaled(large, Small);
        var jpeg = Jpeg(large, 86);
        return new Picture(
            Convert.ToHexStringLower(SHA256.HashData(jpeg)),
            jpeg,
            Jpeg(small, 78),
            large.Width,
            large.Height
        );
    }

    private static SKBitmap Scaled(SKBitmap from, int longest)
    {
        var scale = Math.Min(1f, (float)longest / Math.Max(from.Width, from.Height));
        var to = new SKBitmap(
            new SKImageInfo(
                Math.Max(1, (int)(from.Width * scale)),
                Math.Max(1, (int)(from.Height * scale)),
                SKColorType.Rgba8888,
                SKAlphaType.Opaque
            )
        );
        using var canvas = new SKCanvas(to);
        canvas.Clear(SKColors.White);
        using var image = SKImage.FromBitmap(from);
        canvas.DrawImage(
            image,
            new SKRect(0, 0, to.Width, to.Height),
            new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear)
        );
        return to;
    }

    // The camera's own note of how it was held goes with the metadata, so the picture itself is turned.
    private static SKBitmap Upright(SKBitmap raw, SKEncodedOrigin origin)
    {
        var turned =
            origin
            is SKEncodedOrigin.LeftTop
                or SKEncodedOrigin.RightTop
                or SKEncodedOrigin.RightBottom
                or SKEncodedOrigin.LeftBottom;
        var (w, h) = (raw.Width, raw.Height);
        var upright = new SKBitmap(new SKImageInfo(turned ? h : w, turned ? w : h, raw.ColorType, raw.AlphaType));
        using var canvas = new SKCanvas(upright);
        canvas.Clear(SKColors.White);
        canvas.SetMatrix(
            origin switch
            {
                SKEncodedOrigin.TopRight => new SKMatrix(-1, 0, w, 0, 1, 0, 0, 0, 1),
                SKEncodedOrigin.BottomRight => new SKMatrix(-1, 0, w, 0, -1, h, 0, 0, 1),
                SKEncodedOrigin.BottomLeft => new SKMatrix(1, 0, 0, 0, -1, h, 0, 0, 1),
                SKEncodedOrigin.LeftTop => new SKMatrix(0, 1, 0, 1, 0, 0, 0, 0, 1),
                SKEncodedOrigin.RightTop => new SKMatrix(0, -1, h, 1, 0, 0, 0, 0, 1),
                SKEncodedOrigin.RightBottom => new SKMatrix(0, -1, h, -1, 0, w, 0, 0, 1),
                SKEncodedOrigin.LeftBottom => new SKMatrix(0, 1, 0, -1, 0, w, 0, 0, 1),
                _ => SKMatrix.Identity,
            }
        );
        using var image = SKImage.FromBitmap(raw);
        canvas.DrawImage(image, 0, 0, new SKSamplingOptions(SKFilterMode.Nearest));
        return upright;
    }

    private static byte[] Jpeg(SKBitmap bitmap, int quality)
    {
        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(SKEncodedImageFormat.Jpeg, quality);
        return data.ToArray();
    }
}
