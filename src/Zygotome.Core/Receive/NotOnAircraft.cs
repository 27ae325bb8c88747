namespace Zygotome.Core.Receive;

/// <summary>A lead's word that what a line asks for is not on this aircraft.</summary>
/// <param name="Line">The requirement, such as <c>direction/flap</c>.</param>
public sealed record NotOnAircraft(string Line, string Reason);
