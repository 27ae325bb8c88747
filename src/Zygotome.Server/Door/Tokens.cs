using System.Buffers.Text;
using System.Security.Cryptography;
using System.Text;

namespace Zygotome.Server.Door;

/// <summary>Secrets that a browser keeps for us: 256 random bits, kept here by their hash alone.</summary>
internal static class Tokens
{
    public static string New() => Base64Url.EncodeToString(RandomNumberGenerator.GetBytes(32));

    public static string Key(string token) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(token)));
}
