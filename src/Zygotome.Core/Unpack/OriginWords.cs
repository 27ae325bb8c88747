namespace Zygotome.Core.Unpack;

public static class OriginWords
{
    public static string Of(Origin origin) => origin.ToString().ToLowerInvariant();
}
