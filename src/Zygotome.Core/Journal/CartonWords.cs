namespace Zygotome.Core.Journal;

public static class CartonWords
{
    public static string Of(Carton carton) =>
        carton == Carton.NotLooked ? "not looked at" : carton.ToString().ToLowerInvariant();
}
