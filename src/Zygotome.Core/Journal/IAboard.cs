using System.Collections.Immutable;

namespace Zygotome.Core.Journal;

/// <summary>What is to fly with the airframe, as it was handed in.</summary>
public interface IAboard
{
    /// <summary>The pack that flies; null before the kit came in.</summary>
    Battery? Battery { get; }

    /// <summary>Why the pack that flies is not to be connected: "blue: swollen"; empty where nothing is
    /// known.</summary>
    string PackUnfit { get; }

    /// <summary>0 while the receiver is still to be bought.</summary>
    int ReceiverChannels { get; }

    ImmutableList<AddOn> AddOns { get; }
}
