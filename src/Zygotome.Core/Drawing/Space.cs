namespace Zygotome.Core.Drawing;

/// <summary>A point on the aircraft, mm from the datum: aft, to the right wing, up.</summary>
internal readonly record struct Space(double X, double Y, double Z);
