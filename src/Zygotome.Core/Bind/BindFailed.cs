using Zygotome.Core.Journal;

namespace Zygotome.Core.Bind;

/// <summary>Why binding usually fails, the most usual first.</summary>
public enum BindCause
{
    /// <summary>Transmitter and receiver less than a metre apart, or metal between.</summary>
    TooNear,

    /// <summary>Bind plug in another port, pushed in the wrong way round, or the button not held long enough.</summary>
    WrongPlug,

    /// <summary>Transmitter or receiver short of volts.</summary>
    BatteryLow,

    /// <summary>Another protocol, region or receiver number set in the transmitter.</summary>
    Protocol,

    /// <summary>The receiver still bound to another transmitter, or not answering at all.</summary>
    Receiver,
}

/// <summary>It did not bind, and one cause was looked at and is none.</summary>
public sealed record BindFailed(string Method, BindCause Not) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => Texts.Fits(Method, "body.method", 60);

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Bind with { RuledOut = state.Bind.RuledOut.Add(Not) });

    public override string Say(JobState state) => $"Did not bind; not it: {BindWords.Of(Not)}";
}
