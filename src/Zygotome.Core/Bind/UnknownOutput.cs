using System.Collections.Immutable;

namespace Zygotome.Core.Bind;

/// <summary>
/// Something of the radio that the sheet does not tie to anything that moves: called, and seen to do what? Never
/// conceded, as nothing else proves it.
/// </summary>
/// <param name="Id">Names it in its requirement, <c>called/…</c>.</param>
/// <param name="Channels">Channels by name that may move it; none where nobody can tell.</param>
public sealed record UnknownOutput(string Id, string Text, string Why, ImmutableArray<string> Channels);
