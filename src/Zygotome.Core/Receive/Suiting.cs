namespace Zygotome.Core.Receive;

/// <summary>Several judgements of one thing, as one.</summary>
internal static class Suiting
{
    /// <summary>
    /// What is against it decides and is all that is said; else what is not known; else all that is for it.
    /// </summary>
    /// <param name="nothing">Where nobody says anything of it.</param>
    public static (bool? Suits, string Why) Of(
        IReadOnlyCollection<(bool? Suits, string Why)> said,
        (bool? Suits, string Why) nothing
    )
    {
        if (said.Count == 0)
        {
            return nothing;
        }

        bool? decided =
            said.Any(s => s.Suits == false) ? false
            : said.Any(s => s.Suits is null) ? null
            : true;
        return (decided, string.Join(" ", said.Where(s => s.Suits == decided).Select(s => s.Why)));
    }
}
