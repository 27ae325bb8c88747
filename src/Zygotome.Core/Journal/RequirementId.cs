namespace Zygotome.Core.Journal;

/// <summary>
/// What a requirement is of: two are the same when their ids are equal. Each stage has types of its own for its
/// requirements.
/// </summary>
public abstract record RequirementId(Stage Stage)
{
    /// <summary>
    /// As entries, sheets and sealed records write it: <c>throw/aileron-left/aileron/high/up</c>. Stable for ever, and
    /// no other id's.
    /// </summary>
    public abstract string Written { get; }

    /// <summary>It is about the sheet itself: a mended revision takes it away.</summary>
    public virtual bool OfSheet => false;

    public sealed override string ToString() => Written;

    /// <summary>Whether a sheet means it that says how the ids begin of what a step hides.</summary>
    public bool IsHiddenBy(string beginning) => Written.StartsWith(beginning, StringComparison.Ordinal);
}
