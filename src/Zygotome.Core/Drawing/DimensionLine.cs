namespace Zygotome.Core.Drawing;

/// <summary>A dimension drawn on the plan: between two places (mm), its words, and the field it is typed in.</summary>
public sealed record DimensionLine(Corner From, Corner To, string Text, string Path);
