namespace Zygotome.Core.Unpack;

/// <summary>How bad a finding is, from best to worst.</summary>
public enum Grade
{
    Cosmetic,
    Functional,
    Structural,
    FlightCritical,
}

/// <summary>The grade, and the rule that gave it.</summary>
public sealed record Grading(Grade Grade, string Rule, string Text);
