using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Balance;

/// <summary>The pack was moved in its bay: where its front lies now, mm from the datum.</summary>
/// <param name="Configuration">One that states its own place; empty for the place of all others.</param>
public sealed record PackMoved(Station PackFront, string Configuration = "") : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Unpowered;

    public override Refusal? Admit(JobState state, Entry entry) =>
        Configuration.Length > 0
        && state.Sheet.Balance.Configurations.All(c => c.Name != Configuration || c.PackFront is null)
            ? new Refusal(
                "balance/configuration",
                $"The sheet gives the pack no place of its own in \"{Configuration}\".",
                "body.configuration"
            )
        : Configuration.Length == 0
        && state.Sheet.Balance.Configurations is { Length: > 0 } all
        && all.All(c => c.PackFront is not null)
            ? new Refusal(
                "balance/which-configuration",
                $"Each configuration has a place of its own: say for which, "
                    + $"{string.Join(", ", all.Select(c => c.Name))}.",
                "body.configuration"
            )
        : PackPlaces.InBay(state, (double)PackFront.Nominal, "body.packFront");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Set(entry, BalanceGround.PackPlace(state.Sheet, Configuration), BalanceGround.Words(PackFront));

    public override string Say(JobState state) => $"Pack moved: front at {PackFront.Text}";
}
