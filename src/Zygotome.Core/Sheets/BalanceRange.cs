using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>The centre of gravity as the maker allows it, mm aft of the datum.</summary>
public static class BalanceRange
{
    /// <summary>Whose word it is: the maker's, else a lead's for this job.</summary>
    public static Printed<Quantity> Said(SpecSheet sheet, BalanceConfiguration configuration) =>
        sheet.Asked($"balance/{configuration.Name}", configuration.Range);

    /// <summary>
    /// What counts; null where it is not stated, assumed, contradicted and not decided, or by marks nobody has
    /// measured.
    /// </summary>
    public static Band? Of(SpecSheet sheet, BalanceConfiguration configuration) =>
        Said(sheet, configuration).Counts is { } q ? Band.Of(q.Low, q.High, "mm") : null;
}
