namespace Zygotome.Core.Journal;

/// <summary>Which entries of a kind decide on the strength of what was on the screen.</summary>
public enum Decides
{
    /// <summary>Facts: true whatever came between.</summary>
    Never,
    Always,

    /// <summary>Those that bring a pack under power.</summary>
    WhenConnecting,
}

/// <summary>An entry that may bring a pack under power.</summary>
public interface IConnects
{
    /// <summary>This one does.</summary>
    bool Connects();
}
