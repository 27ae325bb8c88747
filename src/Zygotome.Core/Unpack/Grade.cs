namespace Zygotome.Core.Unpack;

/// <summary>How bad a finding is, from best to worst.</summary>
public enum Grade
{
    Cosmetic,
    Functional,
    Structural,
    FlightCritical,
}

/// <summary>The grade, and why it is so.</summary>
/// <param name="Row">Of the table that first gave it.</param>
/// <param name="Regrader">The lead's name who saw it otherwise than the table; empty where nobody did.</param>
public sealed record Grading(Grade Grade, string Row, string Text, string Regrader = "")
{
    /// <summary>The row, and who saw it otherwise.</summary>
    public string Rule => Regrader.Length > 0 ? $"{Row}, {Regrader}" : Row;
}
