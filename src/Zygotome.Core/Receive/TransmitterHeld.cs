namespace Zygotome.Core.Receive;

/// <summary>The owner's transmitter and the memories in it.</summary>
public sealed record TransmitterHeld(string Name, string Memories, int? FreeMemories, string Protocol = "");
