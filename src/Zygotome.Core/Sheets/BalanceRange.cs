using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>The centre of gravity as the maker allows it, mm aft of the datum.</summary>
public static class BalanceRange
{
    /// <summary>
    /// As a lead gave it for this job, else as stated; null where it is not stated, assumed, contradicted and not
    /// decided, or by marks nobody has measured.
    /// </summary>
    public static Band? Of(SpecSheet sheet, BalanceConfiguration configuration)
    {
        var stated = configuration.Range is { Assumed: false } range ? range.Taken : null;
        return (sheet.Given.GetValueOrDefault($"balance/{configuration.Name}")?.Value ?? stated) is { } q
            ? Band.Of(q.Low, q.High, "mm")
            : null;
    }
}
