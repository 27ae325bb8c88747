using Zygotome.Core.Journal;

namespace Zygotome.Core.HandOver;

internal static class HandOverRules
{
    public static Refusal? NeedsRelease(JobState state) =>
        state.Released ? null : new Refusal("handover/not-released", "This job is not released.");
}
