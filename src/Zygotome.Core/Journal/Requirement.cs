namespace Zygotome.Core.Journal;

/// <summary>Something that must be shown before release.</summary>
/// <param name="Id">Semantic and stable: <c>throw/aileron-left/aileron/high/up</c>.</param>
/// <param name="Limits">As said to people; empty where there is nothing to measure.</param>
/// <param name="Page">The manual's page; empty when not stated.</param>
public sealed record Requirement(
    string Id,
    Stage Stage,
    string Text,
    string Limits = "",
    Concedable Concedable = Concedable.ByLead,
    string Page = ""
);
