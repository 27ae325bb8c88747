using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>
/// One place hands come to on the way round the aircraft. <paramref name="X"/>: mm aft; <paramref name="Y"/>: mm to the
/// right wing.
/// </summary>
/// <param name="Part">The drawn part it lies on. <paramref name="Feel"/>: what to feel and listen for.</param>
public sealed record WalkPoint(string Id, string Title, string Part, PlaceKind Kind, double X, double Y, string Feel);
