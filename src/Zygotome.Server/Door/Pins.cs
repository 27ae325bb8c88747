using System.Globalization;
using System.Security.Cryptography;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;
using Zygotome.Core;

namespace Zygotome.Server.Door;

/// <summary>What a typed PIN is beside the kept one.</summary>
internal enum PinAnswer
{
    Wrong,
    Right,

    /// <summary>Right, and kept in an older form: to be hashed anew.</summary>
    RightButOld,
}

/// <summary>
/// PINs as they are chosen and as they are kept: PBKDF2 with HMAC-SHA512 by the framework's own hasher, its rounds and
/// salt within the text.
/// </summary>
/// <param name="rounds">What a hash costs; one that cost less is hashed anew when its PIN was right.</param>
internal sealed class Pins(int rounds)
{
    /// <summary>What is asked of this kind of hash in 2026.</summary>
    public const int TodaysRounds = 210_000;

    /// <summary>What is no longer than a PIN of any version is hashed; nothing else is worth the work.</summary>
    public const int Longest = 64;

    private const int OldRounds = 100_000;
    private const string Old = "sha256-100000$";

    private readonly PasswordHasher<string> _hasher = new(
        Options.Create(new PasswordHasherOptions { IterationCount = rounds })
    );

    public string Hash(string pin) => _hasher.HashPassword("", pin);

    public PinAnswer Check(string kept, string typed)
    {
        if (kept.StartsWith(Old, StringComparison.Ordinal))
        {
            return IsOld(kept[Old.Length..], typed) ? PinAnswer.RightButOld : PinAnswer.Wrong;
        }

        return _hasher.VerifyHashedPassword("", kept, typed) switch
        {
            PasswordVerificationResult.Success => PinAnswer.Right,
            PasswordVerificationResult.SuccessRehashNeeded => PinAnswer.RightButOld,
            _ => PinAnswer.Wrong,
        };
    }

    /// <summary>
    /// Why a PIN cannot be chosen; null when it can: four to eight digits that are nobody's first guess.
    /// </summary>
    public static Refusal? Refused(string pin, string where) =>
        pin.Length is < 4 or > 8 || !pin.All(char.IsAsciiDigit)
            ? new Refusal("pin/shape", "A PIN has four to eight digits.", where)
        : IsObvious(pin)
            ? new Refusal(
                "pin/obvious",
                "That PIN is among the first anybody tries (one digit again and again, a row of digits, a year); "
                    + "take another.",
                where
            )
        : null;

    // Equal steps (0000, 1234, 8642, 2468), one part said again (1212, 123123), the same read backwards (1221), a year,
    // the middle column of the keys.
    private static bool IsObvious(string pin)
    {
        var steps = pin.Zip(pin.Skip(1), (a, b) => (b - a + 10) % 10).Distinct().Count();
        var half = pin.Length / 2;
        return steps == 1
            || pin[..half] == pin[^half..]
            || pin.SequenceEqual(pin.Reverse())
            || pin is "2580" or "0852"
            || (pin.Length == 4 && int.Parse(pin, CultureInfo.InvariantCulture) is >= 1900 and < 2100);
    }

    private static bool IsOld(string saltAndHash, string typed) =>
        saltAndHash.Split('$') is [var salt, var hash]
        && CryptographicOperations.FixedTimeEquals(
            Rfc2898DeriveBytes.Pbkdf2(typed, Convert.FromHexString(salt), OldRounds, HashAlgorithmName.SHA256, 32),
            Convert.FromHexString(hash)
        );
}
