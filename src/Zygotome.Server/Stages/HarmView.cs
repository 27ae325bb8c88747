using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Server.Stages;

/// <summary>A glue of the shop's list that harms a joint, and what it does to it.</summary>
public sealed record HarmView(string Adhesive, string Harm)
{
    public static IReadOnlyList<HarmView> Of(JobState state, StepSpec step, IEnumerable<Adhesive> adhesives) =>
        [
            .. adhesives
                .Select(a => (a.Id, Harm: GlueOfJoint.Harm(state, a, step)))
                .Where(h => h.Harm is not null)
                .Select(h => new HarmView(h.Id, h.Harm!)),
        ];
}
