namespace Zygotome.Core.Journal;

/// <summary>Which option counts, why, and who said so.</summary>
public sealed record SchoolAnswer(string Option, string Reason, Person By);
