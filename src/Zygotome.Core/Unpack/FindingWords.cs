namespace Zygotome.Core.Unpack;

/// <summary>Grades as people say them.</summary>
public static class FindingWords
{
    /// <summary>"flight-critical" and the like.</summary>
    public static string Grade(Grade grade) =>
        grade switch
        {
            Unpack.Grade.FlightCritical => "flight-critical",
            Unpack.Grade.Structural => "structural",
            Unpack.Grade.Functional => "functional",
            _ => "cosmetic",
        };
}
