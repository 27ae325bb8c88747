namespace Zygotome.Server;

/// <summary>The folder of the shop's data cannot be served from; the message says why, and what to do.</summary>
public sealed class FolderRefusedException(string words) : Exception(words);
