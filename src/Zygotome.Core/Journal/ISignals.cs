using System.Collections.Immutable;

namespace Zygotome.Core.Journal;

/// <summary>Which channel comes to what moves, and through what. Total.</summary>
public interface ISignals
{
    /// <summary>Every channel that something hangs on, in the order of the ports; without a port last.</summary>
    ImmutableArray<Signal> Signals(JobState state);

    /// <summary>
    /// How many plugs a stabiliser moves each by itself that carry a command: its own sockets where it is in line, the
    /// receiver's ports where it sits in the receiver.
    /// </summary>
    int Corrected(JobState state, string command);

    /// <summary>Ports that nothing hangs on; 0 while the receiver is not known.</summary>
    int FreePorts(JobState state);
}

/// <summary>One channel of the receiver with all that hangs on it.</summary>
/// <param name="Port">From 1; 0 where it has none, or the receiver is not known.</param>
/// <param name="Name">"aileron 2": as its reversing is known.</param>
public sealed record Signal(int Port, string Name, ImmutableArray<SignalEnd> Ends);

/// <summary>One servo, controller or unit that a channel comes to.</summary>
/// <param name="Id">The sheet's.</param>
/// <param name="Through">What lies between, if it is looked for: "its half of the Y-lead on port 3".</param>
/// <param name="Moves">Surfaces, outputs and <c>motor-nose</c>, by their ids.</param>
public sealed record SignalEnd(string Id, string Name, string Through, ImmutableArray<string> Moves);
