namespace Zygotome.Core.Journal;

/// <summary>
/// What a stage found out about a requirement, before anybody says it. Each stage has its own, with their sentences in
/// one place, its <c>…Lines.cs</c>.
/// </summary>
public abstract record LineFacts
{
    /// <summary>
    /// Places of the sheet file it is judged by; decisions between statements there are shown with it.
    /// </summary>
    public virtual IEnumerable<string> SheetPaths => [];

    /// <summary>The sentences: made last, and only for whoever reads them.</summary>
    public abstract LineWords Words(JobState state);
}

/// <summary>A line as people read it.</summary>
/// <param name="Text">What is asked for.</param>
/// <param name="Limits">Empty where there is nothing to measure.</param>
/// <param name="Page">The manual's page; empty when not stated.</param>
/// <param name="Reading">What was seen or measured; empty while nothing was.</param>
/// <param name="Why">Why it stands as it does.</param>
public sealed record LineWords(string Text, string Limits, string Page, string Reading, string Why);
