using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>What is seen of a bound aircraft, as people say it.</summary>
public static class BindWords
{
    /// <summary>"up", as a person at the tail says it.</summary>
    public static string Of(Movement movement) =>
        movement == Movement.None ? "did not move" : movement.ToString().ToLowerInvariant();

    /// <summary>What was seen when the signal was lost.</summary>
    public static string Of(FailsafeBehaviour behaviour) =>
        behaviour switch
        {
            FailsafeBehaviour.AsDeclared => "as declared",
            FailsafeBehaviour.MotorRuns => "motor runs",
            FailsafeBehaviour.SurfacesHardOver => "surfaces go hard over",
            _ => "surfaces differ",
        };
}
