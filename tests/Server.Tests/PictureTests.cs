using System.Buffers.Binary;
using System.IO.Compression;
using System.Net;
using System.Net.Http.Headers;
using System.Text.Json;
using SkiaSharp;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Store;

namespace Zygotome.Server.Tests;

/// <summary>
/// Pictures that are none, bombs and giants get a clear answer; what is kept is ours, upright and without a word of
/// metadata.
/// </summary>
public sealed class PictureTests : WithServer
{
    private async Task<(HttpStatusCode Status, JsonElement Answer)> Send(byte[] bytes, string type = "image/jpeg")
    {
        using var content = new ByteArrayContent(bytes) { Headers = { ContentType = new MediaTypeHeaderValue(type) } };
        using var response = await Client.Client.PostAsync("/api/photos", content);
        return (response.StatusCode, JsonDocument.Parse(await response.Content.ReadAsStringAsync()).RootElement);
    }

    private static byte[] Encoded(int width, int height, SKEncodedImageFormat format)
    {
        using var bitmap = new SKBitmap(width, height);
        bitmap.Erase(SKColors.SteelBlue);
        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(format, 80);
        return data.ToArray();
    }

    // A PNG whose header speaks of any size; the rows are zeros, which deflate to almost nothing.
    private static byte[] Png(int width, int height, bool whole)
    {
        using var stream = new MemoryStream();
        stream.Write([0x89, (byte)'P', (byte)'N', (byte)'G', 13, 10, 26, 10]);
        void Chunk(string name, ReadOnlySpan<byte> data)
        {
            Span<byte> number = stackalloc byte[4];
            BinaryPrimitives.WriteInt32BigEndian(number, data.Length);
            stream.Write(number);
            byte[] body = [.. System.Text.Encoding.ASCII.GetBytes(name), .. data];
            stream.Write(body);
            BinaryPrimitives.WriteUInt32BigEndian(number, Crc(body));
            stream.Write(number);
        }

        var header = new byte[13];
        BinaryPrimitives.WriteInt32BigEndian(header, width);
        BinaryPrimitives.WriteInt32BigEndian(header.AsSpan(4), height);
        (header[8], header[9]) = (8, 2);
        Chunk("IHDR", header);
        using var deflated = new MemoryStream();
        using (var zip = new ZLibStream(deflated, CompressionLevel.Fastest, leaveOpen: true))
        {
            var row = new byte[1 + (width * 3)];
            for (var y = 0; y < (whole ? height : 3); y++)
            {
                zip.Write(row);
            }
        }

        Chunk("IDAT", deflated.ToArray());
        Chunk("IEND", []);
        return stream.ToArray();
    }

    private static uint Crc(byte[] bytes)
    {
        var crc = uint.MaxValue;
        foreach (var b in bytes)
        {
            crc ^= b;
            for (var k = 0; k < 8; k++)
            {
                crc = (crc & 1) != 0 ? 0xEDB88320 ^ (crc >> 1) : crc >> 1;
            }
        }

        return ~crc;
    }

    public static TheoryData<string, string> NoPictures =>
        new()
        {
            { "<svg xmlns='http://www.w3.org/2000/svg'><script>alert(1)</script></svg>", "image/svg+xml" },
            { "<html><script>alert(1)</script></html>", "image/jpeg" },
            { "GIF89a not really", "image/gif" },
            { "just words", "image/png" },
        };

    [Theory]
    [MemberData(nameof(NoPictures))]
    public async Task What_is_no_picture_is_refused_and_nothing_of_it_is_kept(string text, string type)
    {
        var (status, answer) = await Send(System.Text.Encoding.UTF8.GetBytes(text), type);
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "photo/kind"),
            (status, answer.GetProperty("code").GetString())
        );
    }

    [Fact]
    public async Task A_hundred_megapixels_and_a_small_file_that_would_unfold_to_gigabytes_are_refused_by_their_size()
    {
        var (status, answer) = await Send(Encoded(11_000, 9_200, SKEncodedImageFormat.Jpeg));
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "photo/pixels"),
            (status, answer.GetProperty("code").GetString())
        );
        Assert.Contains("101 megapixels", answer.GetProperty("title").GetString(), StringComparison.Ordinal);
        var bomb = Png(60_000, 60_000, whole: false);
        Assert.True(bomb.Length < 10_000);
        (status, answer) = await Send(bomb, "image/png");
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "photo/pixels"),
            (status, answer.GetProperty("code").GetString())
        );
    }

    [Fact]
    public async Task A_picture_that_would_take_more_than_200_megabytes_unpacked_is_refused_before_it_is()
    {
        var (status, answer) = await Send(Png(8000, 7000, whole: false), "image/png");
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "photo/pixels"),
            (status, answer.GetProperty("code").GetString())
        );
        Assert.Contains("at most 200 are used", answer.GetProperty("title").GetString(), StringComparison.Ordinal);

        // A camera's own kind unpacks smaller by itself.
        Assert.Equal(HttpStatusCode.OK, (await Send(Encoded(8000, 7000, SKEncodedImageFormat.Jpeg))).Status);
    }

    [Fact]
    public async Task Pictures_that_nothing_names_have_a_bound_and_are_swept_each_day_without_a_restart()
    {
        await Application.Restart(o => o with { UnnamedPictures = 2000 });
        using var later = await Api.SignedIn(Application);
        async Task<HttpStatusCode> Upload(int width)
        {
            using var content = new ByteArrayContent(Encoded(width, 200, SKEncodedImageFormat.Png));
            using var answer = await later.Client.PostAsync("/api/photos", content);
            return answer.StatusCode;
        }

        var answers = new List<HttpStatusCode>();
        for (var width = 300; width < 320 && !answers.Contains(HttpStatusCode.TooManyRequests); width++)
        {
            answers.Add(await Upload(width));
        }

        Assert.Equal(HttpStatusCode.TooManyRequests, answers[^1]);
        Application.Clock.Advance(TimeSpan.FromHours(25));
        Application.Clock.Advance(TimeSpan.FromHours(24));
        using var nextDay = await Api.SignedIn(Application);
        for (var i = 0; i < 600 && answers[^1] != HttpStatusCode.OK; i++)
        {
            using var content = new ByteArrayContent(Encoded(400, 200, SKEncodedImageFormat.Png));
            using var answer = await nextDay.Client.PostAsync("/api/photos", content);
            answers.Add(answer.StatusCode);
            await Task.Delay(50, TestContext.Current.CancellationToken);
        }

        Assert.Equal(HttpStatusCode.OK, answers[^1]);
    }

    [Fact]
    public async Task A_picture_that_breaks_off_is_said_to_be_broken()
    {
        var (status, answer) = await Send(Png(400, 300, whole: false), "image/png");
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "photo/broken"),
            (status, answer.GetProperty("code").GetString())
        );
        Assert.Equal(HttpStatusCode.OK, (await Send(Png(400, 300, whole: true), "image/png")).Status);
    }

    [Fact]
    public async Task Fifteen_megabytes_are_taken_and_more_is_refused()
    {
        var jpeg = Encoded(1200, 900, SKEncodedImageFormat.Jpeg);
        byte[] padded = [.. jpeg, .. new byte[(15 * 1024 * 1024) - jpeg.Length]];
        Assert.Equal(HttpStatusCode.OK, (await Send(padded)).Status);
        var (status, answer) = await Send([.. padded, 0]);
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, status);
        Assert.Contains("15 MB", answer.GetProperty("title").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_large_picture_is_kept_small_upright_and_without_its_metadata()
    {
        // An orientation note that says "turn right", as cameras write it, and a place nobody needs to know.
        var jpeg = Encoded(3200, 1600, SKEncodedImageFormat.Jpeg);
        byte[] note =
        [
            .. "Exif\0\0MM\0*"u8,
            0,
            0,
            0,
            8,
            0,
            1,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            6,
            0,
            0,
            0,
            0,
            0,
            0,
            .. "GPS secret place"u8,
        ];
        byte[] marked =
        [
            .. jpeg[..2],
            0xFF,
            0xE1,
            (byte)((note.Length + 2) >> 8),
            (byte)(note.Length + 2),
            .. note,
            .. jpeg[2..],
        ];
        var (status, answer) = await Send(marked);
        Assert.Equal(HttpStatusCode.OK, status);
        var kept = await Client.Client.GetByteArrayAsync($"/api/photos/{answer.GetProperty("hash").GetString()}");
        using var codec = SKCodec.Create(new MemoryStream(kept));
        Assert.Equal((1000, 2000), (codec.Info.Width, codec.Info.Height));
        Assert.Equal(SKEncodedOrigin.TopLeft, codec.EncodedOrigin);
        Assert.DoesNotContain("secret", System.Text.Encoding.Latin1.GetString(kept), StringComparison.Ordinal);
        var small = await Client.Client.GetByteArrayAsync(
            $"/api/photos/{answer.GetProperty("hash").GetString()}/small"
        );
        Assert.True(small.Length < 40_000);
    }

    [Fact]
    public async Task An_entry_names_only_a_picture_that_is_stored_and_keeps_it_from_being_swept()
    {
        var (status, answer) = await Client.Record(
            "J-0150",
            "receive/box-photo",
            new { hash = new string('a', 64), note = "" }
        );
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "photo/unknown"),
            (status, answer.GetProperty("code").GetString())
        );
        var kept = (await Send(Encoded(300, 200, SKEncodedImageFormat.Png), "image/png"))
            .Answer.GetProperty("hash")
            .GetString();
        var orphan = (await Send(Encoded(301, 200, SKEncodedImageFormat.Webp), "image/webp"))
            .Answer.GetProperty("hash")
            .GetString();
        Assert.Equal(
            HttpStatusCode.OK,
            (await Client.Record("J-0150", "receive/box-photo", new { hash = kept, note = "" })).Status
        );
        Assert.Equal(kept, Application.Job("J-0150").State.Receive.BoxPhotos.Single().Hash);
        Application.Clock.Advance(PhotoStore.Grace + TimeSpan.FromHours(1));
        await Application.Restart();
        using var again = await Api.SignedIn(Application);
        Assert.Equal(HttpStatusCode.OK, (await again.Client.GetAsync($"/api/photos/{kept}")).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await again.Client.GetAsync($"/api/photos/{orphan}")).StatusCode);
        Assert.Equal(12, Photos.Most);
    }
}
