namespace Zygotome.Core.Unpack;

/// <summary>Where a finding comes from, in words.</summary>
public static class OriginWords
{
    /// <summary>"transport", "factory", "shop".</summary>
    public static string Of(Origin origin) => origin.ToString().ToLowerInvariant();
}
