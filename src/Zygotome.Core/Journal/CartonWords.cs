namespace Zygotome.Core.Journal;

/// <summary>How the carton came, in words.</summary>
public static class CartonWords
{
    /// <summary>"crushed", "not looked at".</summary>
    public static string Of(Carton carton) =>
        carton == Carton.NotLooked ? "not looked at" : carton.ToString().ToLowerInvariant();
}
