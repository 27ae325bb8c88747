namespace Zygotome.Core.Journal;

/// <summary>An entry that leaves something for later jobs: what they are offered is read from the journals
/// anew.</summary>
public interface IRemembered;
