namespace Zygotome.Core.Unpack;

/// <summary>Where damage came from; it decides who a claim goes to and whether it stands.</summary>
public enum Origin
{
    Transport,
    Factory,
    Shop,
}
