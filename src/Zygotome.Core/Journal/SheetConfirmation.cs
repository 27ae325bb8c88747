namespace Zygotome.Core.Journal;

/// <summary>That a lead looked through a revision of a sheet, once for all jobs on it.</summary>
public sealed record SheetConfirmation(Person By, DateTimeOffset At);
