using System.Collections.Immutable;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;

namespace Zygotome.Core.Journal;

/// <summary>What is to fly with the airframe, as it was handed in.</summary>
public interface IAboard
{
    /// <summary>The pack that flies; null before the kit came in.</summary>
    Battery? Battery { get; }

    /// <summary>Why the pack that flies is not to be connected: "blue: swollen"; empty where nothing is
    /// known.</summary>
    string PackUnfit { get; }

    /// <summary>
    /// Why the cells of what flies are to be measured before it is connected: "blue was measured 3 days ago"; empty
    /// where no pack is known, or they were: before the first power within a day, else at any time.
    /// </summary>
    string PackNotMeasured(DateTimeOffset now, bool first);

    /// <summary>0 while the receiver is still to be bought.</summary>
    int ReceiverChannels { get; }

    /// <summary>As the catalogue had it, or as it was typed in; null where nobody said.</summary>
    ReceiverKind? Receiver { get; }

    /// <summary>Ports that carry a channel; 0 while the receiver is still to be bought.</summary>
    int ReceiverPorts { get; }

    /// <summary>What the owner has on each channel in every model, from the first; empty places are free.</summary>
    IReadOnlyList<string> UsualChannels { get; }

    /// <summary>What a servo draws that is in the place of the kit's own, A; null where that is in, 0 what nobody
    /// knows.</summary>
    (double Working, double Stall)? ServoDraw(string servo);

    ImmutableList<AddOn> AddOns { get; }

    /// <summary>What all motors draw together at full, A, as nominal; null where one of them is not known or there is
    /// none.</summary>
    double? FullDraw(SpecSheet sheet);

    /// <summary>The same as upper limit: what plugs and wires have to carry.</summary>
    double? MostDraw(SpecSheet sheet);
}
