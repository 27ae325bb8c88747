using Zygotome.Core.Balance;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.HandOver;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Job;

/// <summary>
/// The root where the stages are put together: their kinds of entry and their requirements, in stage order.
/// </summary>
public static class Stages
{
    public static EntryKinds Kinds { get; } =
        new([
            .. ReceiveEntries.Kinds,
            .. UnpackEntries.Kinds,
            .. BuildEntries.Kinds,
            .. BindEntries.Kinds,
            .. ThrowsEntries.Kinds,
            .. BalanceEntries.Kinds,
            .. HandOverEntries.Kinds,
            .. CommonEntries.Kinds,
        ]);

    /// <summary>Every stage's claims, and the steps of each. Plan, Wire and Check have only their steps so far.</summary>
    public static IEnumerable<Claim> Claims(JobState state, DateTimeOffset asOf) =>
        state.Opened
            ?
            [
                .. ReceiveRequirements.Claims(state),
                .. BuildRequirements.Claims(state, asOf, Stage.Receive),
                .. UnpackRequirements.Claims(state),
                .. BuildRequirements.Claims(state, asOf, Stage.Unpack),
                .. BuildRequirements.Claims(state, asOf, Stage.Plan),
                .. BuildRequirements.Claims(state, asOf, Stage.Build),
                .. BuildRequirements.Claims(state, asOf, Stage.Wire),
                .. BindRequirements.Claims(state),
                .. BuildRequirements.Claims(state, asOf, Stage.Bind),
                .. ThrowsRequirements.Claims(state),
                .. BuildRequirements.Claims(state, asOf, Stage.Throws),
                .. BalanceRequirements.Claims(state),
                .. BuildRequirements.Claims(state, asOf, Stage.Balance),
                .. BuildRequirements.Claims(state, asOf, Stage.Check),
                .. BuildRequirements.Claims(state, asOf, Stage.HandOver),
                .. HandOverRequirements.Claims(state),
            ]
            : [];
}
