using System.Reflection;
using SkiaSharp;

namespace Zygotome.Papers;

/// <summary>The fonts that ship with the program; a paper looks the same on every machine.</summary>
internal static class Typefaces
{
    public static readonly SKTypeface Text = Load("b612-latin-400-normal.woff");
    public static readonly SKTypeface Bold = Load("b612-latin-700-normal.woff");

    private static SKTypeface Load(string name)
    {
        using var stream =
            Assembly.GetExecutingAssembly().GetManifestResourceStream($"Zygotome.Papers.Fonts.{name}")
            ?? throw new InvalidOperationException($"The font {name} is not in the program.");
        using var data = SKData.Create(stream);
        return SKTypeface.FromData(data) ?? throw new InvalidOperationException($"The font {name} cannot be read.");
    }
}
