using Zygotome.Core.Journal;

namespace Zygotome.Core.Safety;

/// <summary>A job's part that knows of power.</summary>
public static class SafetyOfJob
{
    extension(JobState state)
    {
        public SafetyState Safety => state.The<SafetyState>();
    }
}
