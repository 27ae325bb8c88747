using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Balance;

/// <summary>Ballast pieces fitted at a station, or taken out (negative).</summary>
public sealed record BallastFitted(string Station, int Pieces) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Unpowered;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (state.Sheet.Geometry.BallastStations.FirstOrDefault(s => s.Name == Station) is not { } station)
        {
            return new Refusal("balance/station", $"The sheet has no ballast station \"{Station}\".", "body.station");
        }

        var total = state.Balance.BallastAt(Station) + Pieces;
        return Pieces == 0 || total < 0
                ? new Refusal(
                    "balance/pieces",
                    $"There are {state.Balance.BallastAt(Station)} pieces at {Station}; {Pieces:+0;-0} is not "
                        + $"possible.",
                    "body.pieces"
                )
            : total * station.Piece > station.Limit
                ? new Refusal(
                    "balance/limit",
                    $"At most {Numbers.Say(station.Limit)} g may go to {Station}.",
                    "body.pieces"
                )
            : null;
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        var total = Math.Max(0, state.Balance.BallastAt(Station) + Pieces);
        return state
            .With(state.Balance with { Ballast = state.Balance.Ballast.SetItem(Station, total) })
            .Set(entry, new Setting(SettingKind.Ballast, Station), $"{total} pieces");
    }

    public override string Say(JobState state) =>
        $"Ballast at {Station}: {Pieces:+0;-0} {(Pieces is 1 or -1 ? "piece" : "pieces")}";
}
