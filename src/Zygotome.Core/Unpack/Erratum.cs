using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>
/// What a manual has wrong or leaves out, as somebody met it at a step. It is shown at that step in every later job of
/// the kit until a revision of the sheet answers it; it judges nothing.
/// </summary>
/// <param name="Id">Of the entry that proposed it.</param>
/// <param name="Revision">The revision the job was built to when it was met.</param>
/// <param name="Step">The maker's step, by id. <paramref name="Title"/>: as it was called then.</param>
/// <param name="Says">What the manual says there; empty where it says nothing.</param>
/// <param name="IsSo">What is so.</param>
/// <param name="Reason">How that is known.</param>
/// <param name="Finding">The tag of the finding it came of, such as <c>F2</c>; empty where there was none.</param>
/// <param name="Photo">SHA-256 of the stored picture; empty without one.</param>
public sealed record Erratum(
    string Id,
    int Revision,
    string Step,
    string Title,
    string Page,
    string Says,
    string IsSo,
    string Reason,
    string Finding,
    string Photo,
    Person By,
    DateTimeOffset At
);
