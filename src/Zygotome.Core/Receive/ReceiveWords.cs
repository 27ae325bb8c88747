using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>What is brought and what is bought, as people say it.</summary>
public static class ReceiveWords
{
    /// <summary>How far an add-on was looked at: "not connected".</summary>
    public static string Of(AddOnState state) =>
        state == AddOnState.NotConnected ? "not connected" : state.ToString().ToLowerInvariant();

    /// <summary>How far a thing to be bought is: "ordered".</summary>
    public static string Of(BuyState state) =>
        state switch
        {
            BuyState.Open => "to buy",
            BuyState.NotNeeded => "not needed",
            _ => state.ToString().ToLowerInvariant(),
        };
}
