using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>How the owner carries it to the field.</summary>
public enum Carriage
{
    NotSaid,

    /// <summary>In one piece.</summary>
    Whole,

    /// <summary>Wing and tail apart.</summary>
    Parted,

    /// <summary>Apart, in the box it came in.</summary>
    Boxed,
}

/// <summary>What follows from it where practitioners differ.</summary>
public static class Carriages
{
    /// <summary>Every way, as people say it.</summary>
    public static string Of(Carriage carriage) =>
        carriage switch
        {
            Carriage.Whole => "whole",
            Carriage.Parted => "parted",
            Carriage.Boxed => "in its box",
            _ => "not said",
        };

    /// <summary>Answers by question: plugs, board, spar threads, wing; none where nobody said.</summary>
    public static ImmutableSortedDictionary<string, string> Answers(Carriage carriage) =>
        carriage switch
        {
            Carriage.NotSaid => Ordered.ById<string>(),
            Carriage.Whole => Said(wing: "whole", plugs: "sleeve", board: "taped", threads: "thread-lock"),
            _ => Said(wing: "parted", plugs: "free", board: "removable", threads: "dry"),
        };

    private static ImmutableSortedDictionary<string, string> Said(
        string wing,
        string plugs,
        string board,
        string threads
    ) =>
        Ordered
            .ById<string>()
            .Add(Schools.WingTransport, wing)
            .Add(Schools.WingConnectors, plugs)
            .Add(Schools.BoardFixing, board)
            .Add(Schools.SparThreads, threads);
}
