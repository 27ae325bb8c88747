using System.Collections.Immutable;

namespace Zygotome.Core.Journal;

/// <summary>What is to fly with the airframe, as it was handed in.</summary>
public interface IAboard
{
    /// <summary>The pack that flies; null before the kit came in.</summary>
    Battery? Battery { get; }

    int ReceiverChannels { get; }

    ImmutableList<AddOn> AddOns { get; }
}
