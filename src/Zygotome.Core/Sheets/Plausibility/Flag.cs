using System.Security.Cryptography;
using System.Text;

namespace Zygotome.Core.Sheets.Plausibility;

/// <summary>A number that may have been misread or misprinted. A flag never blocks.</summary>
/// <param name="Id">Stable for the same rule, place and printed value, so that its answer is found again.</param>
/// <param name="Path">Where in the file, such as <c>$.throws[2].up</c>.</param>
/// <param name="Reason">Why it is doubted, with the numbers.</param>
/// <param name="Misreading">What it may have been; empty when nothing suggests itself.</param>
/// <param name="Suggestion">The text to put in its place on "corrected"; empty when there is none.</param>
public sealed record Flag(string Id, string Path, string Reason, string Misreading, string Suggestion)
{
    /// <summary>A falling pair can be meant in two ways; null for every other doubt.</summary>
    public PairMeant? Pair { get; init; }

    private string Rule { get; init; } = "";

    private string Printed { get; init; } = "";

    internal static Flag Of(
        string rule,
        string path,
        string printed,
        string reason,
        string misreading = "",
        string suggestion = ""
    ) => new Flag("", path, reason, misreading, suggestion) { Rule = rule, Printed = printed }.At(path);

    /// <summary>The same doubt, known by the name of its place.</summary>
    internal Flag At(string place)
    {
        var hash = SHA256.HashData(Encoding.UTF8.GetBytes($"{place}\n{Printed}"));
        return this with { Id = $"{Rule}-{Convert.ToHexStringLower(hash.AsSpan(0, 4))}" };
    }
}

/// <summary>
/// What a falling pair may mean: a band printed the other way round, or, of a throw, a high and a low rate. As texts of
/// the sheet; high and low are empty of what is no throw.
/// </summary>
public sealed record PairMeant(string Band, string High, string Low);

/// <summary>What somebody said of a flag.</summary>
public enum FlagAnswer
{
    /// <summary>The number was wrong here; the sheet now says another.</summary>
    Corrected,

    /// <summary>The manual does print it.</summary>
    AsPrinted,

    /// <summary>The maker was asked and says so.</summary>
    ConfirmedWithMaker,
}
