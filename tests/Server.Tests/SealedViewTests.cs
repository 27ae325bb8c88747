using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Server.Stages;

namespace Zygotome.Server.Tests;

/// <summary>A record sealed by an older version has fewer lines than are asked for today.</summary>
public sealed class SealedViewTests : WithServer
{
    [Fact]
    public void A_job_sealed_before_a_line_was_asked_for_is_shown_without_it()
    {
        var state = Application.Job("J-0147").State;
        var then = Ledger
            .Of(state, state.LastRecordedAt)
            .Where(l =>
                l.Id
                    is not (
                        "lateral/wheels"
                        or "motor-direction/nose"
                        or "throw/rudder/rudder/high/left"
                        or "direction/rudder"
                    )
            )
            .ToArray();
        var bind = BindEndpoints.View(state, state.LastRecordedAt, then);
        Assert.Empty(bind.Motors);
        Assert.DoesNotContain(bind.Directions, d => d.Function == "rudder");
        Assert.NotEmpty(bind.Directions);
        Assert.DoesNotContain(
            ThrowsEndpoints.View(state, then).Throws,
            t => t.Line.Id == "throw/rudder/rudder/high/left"
        );
        var weighed = Assert.Single(BalanceEndpoints.View(state, then).Configurations);
        Assert.Equal(("wheels", "Centre of gravity, All-up weight"), (weighed.Name, Named(weighed)));
        Assert.Empty(BalanceEndpoints.View(state, [.. then.Where(l => l.Stage != Core.Stage.Balance)]).Configurations);
    }

    private static string Named(ConfigurationView of) => string.Join(", ", of.Lines.Select(l => l.Name));
}
