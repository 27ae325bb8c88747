namespace Zygotome.Core.Journal;

/// <summary>Why evidence does not count any more.</summary>
public abstract record Cause
{
    private Cause() { }

    /// <summary>The sentence, with times by the shop's clock.</summary>
    public abstract string Words(JobState state);

    /// <summary>A reading was retracted for more than a typing error.</summary>
    public sealed record AskedAnew : Cause
    {
        public override string Words(JobState state) => "A reading was retracted; a new one is asked for.";
    }

    /// <summary>A step that disturbs it is begun and not done.</summary>
    public sealed record UnderWay(string Step) : Cause
    {
        public override string Words(JobState state) => $"\"{Step}\" is under way and disturbs it.";
    }

    /// <summary>A setting it rests on has another value.</summary>
    public sealed record Changed(SettingChange Change) : Cause
    {
        public override string Words(JobState state) => SettingWords.Of(state, Change);
    }

    /// <summary>An aspect it rests on was disturbed.</summary>
    public sealed record Touched(Disturbance Disturbance) : Cause
    {
        public override string Words(JobState state) => $"{Disturbance.Cause}, after this was shown.";
    }
}
