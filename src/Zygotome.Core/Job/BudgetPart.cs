namespace Zygotome.Core.Job;

/// <summary>A mass that is known, g, and where it lies, mm aft of the datum; null where nobody knows yet.</summary>
public sealed record BudgetPart(string Name, double Grams, double? At, string Source);
