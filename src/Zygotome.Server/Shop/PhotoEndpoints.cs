using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Papers;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>A picture as it is kept; entries name it by its hash.</summary>
public sealed record PhotoView(string Hash, int Width, int Height);

/// <summary>
/// Pictures in and out. What comes is encoded anew; what goes out is always a JPEG of our own making.
/// </summary>
internal static class PhotoEndpoints
{
    public const string Path = "/api/photos";

    public static void MapPhotos(this IEndpointRouteBuilder app)
    {
        app.MapPost(Path, Take);
        app.MapGet(
            Path + "/{hash}",
            (string hash, HttpContext http, PhotoStore photos) => Give(hash, false, http, photos)
        );
        app.MapGet(
            Path + "/{hash}/small",
            (string hash, HttpContext http, PhotoStore photos) => Give(hash, true, http, photos)
        );
    }

    private static async Task<Results<Ok<PhotoView>, ProblemHttpResult>> Take(
        HttpRequest request,
        PhotoStore photos,
        ServerOptions options,
        TimeProvider clock
    )
    {
        if (photos.Unnamed() > options.UnnamedPictures)
        {
            return Problems.Of(
                StatusCodes.Status429TooManyRequests,
                "photo/quota",
                $"Pictures that nothing names take {options.UnnamedPictures >> 20} MB already; name them, or send "
                    + $"this one tomorrow.",
                "body"
            );
        }

        using var buffer = new MemoryStream();
        await request.Body.CopyToAsync(buffer);
        if (!Pictures.Read(buffer.ToArray()).Try(out var picture, out var refusal))
        {
            return Problems.Of(refusal, refusal.Code == "photo/too-large" ? 413 : 422);
        }

        photos.Add(
            new Photo(picture.Hash, picture.Jpeg, picture.Small, picture.Width, picture.Height),
            clock.GetUtcNow()
        );
        return TypedResults.Ok(new PhotoView(picture.Hash, picture.Width, picture.Height));
    }

    private static Results<FileContentHttpResult, ProblemHttpResult> Give(
        string hash,
        bool small,
        HttpContext http,
        PhotoStore photos
    )
    {
        if (photos.Bytes(hash, small) is not { } bytes)
        {
            return Problems.NotFound("such picture");
        }

        http.Response.Headers.CacheControl = "private, max-age=31536000, immutable";
        return TypedResults.File(bytes, "image/jpeg");
    }
}
