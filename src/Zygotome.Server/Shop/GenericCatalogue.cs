using System.Text.Json;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets.Catalogue;

namespace Zygotome.Server.Shop;

/// <summary>What a new shop begins with: generic kinds, to be put right and added to.</summary>
internal static class GenericCatalogue
{
    /// <exception cref="InvalidDataException">The file that ships is not one.</exception>
    public static ShopCatalogue Of { get; } = Read();

    private static ShopCatalogue Read()
    {
        using var file =
            typeof(GenericCatalogue).Assembly.GetManifestResourceStream("generic.catalogue.json")
            ?? throw new InvalidDataException("The generic catalogue does not ship.");
        var read = JsonSerializer.Deserialize<ShopCatalogue>(file, EntryJson.Strict)!;
        return read.Admit() is { } refused ? throw new InvalidDataException(refused.ToString()) : read;
    }
}
