using Zygotome.Core.Journal;
using Zygotome.Core.Sheets.Catalogue;

namespace Zygotome.Core.Wire;

/// <summary>Which connector of the catalogue is between pack and controller.</summary>
public sealed record ConnectorSaid(ConnectorKind Kind) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Power.Motors.IsEmpty
            ? new Refusal("wire/no-motor", "This aircraft has no motor that draws on a pack.", "body.kind")
            : Kind.Admit("body.kind");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Wire with { Connector = new ConnectorSeen(Kind, Evidence.Of(entry)) });

    public override IEnumerable<string> Shows() => [new ConnectorId().Written];

    public override string Say(JobState state) => $"{Kind.Name} between pack and controller";
}
