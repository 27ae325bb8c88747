using System.Collections.Immutable;

namespace Zygotome.Core.Sheets;

/// <summary>One way of doing it, and why.</summary>
/// <param name="Acts">What it does that no step, line or purchase shows: what is taken and what refused; empty of
/// most.</param>
public sealed record SchoolOption(string Id, string Text, string Reason, string Acts)
{
    /// <summary>How it is undone later, of what is built so; empty of what is only set or shown.</summary>
    public string Undone { get; init; } = "";

    /// <summary>It says that the part in question is left off: its steps need no other in their place.</summary>
    public bool LeavesOff => Text == "left off";
}

/// <summary>A question practitioners answer differently. The first option is the shop's default.</summary>
public sealed record School(string Id, string Question, ImmutableArray<SchoolOption> Options)
{
    public SchoolOption Default => Options[0];

    /// <summary>The option of this id; null when there is none.</summary>
    public SchoolOption? Option(string id) => Options.FirstOrDefault(o => o.Id == id);
}
