using Zygotome.Core.Journal;

namespace Zygotome.Core.Balance;

/// <summary>What a weighing shows.</summary>
public enum Weighable
{
    Centre,
    Weight,
    Lateral,
}

/// <summary>Where the weight of one configuration lies, and how much it is.</summary>
public sealed record BalanceId(Weighable Of, string Configuration) : RequirementId(Stage.Balance)
{
    public override string Written =>
        Of switch
        {
            Weighable.Centre => $"balance/{Configuration}",
            Weighable.Weight => $"weight/{Configuration}",
            _ => $"lateral/{Configuration}",
        };

    public string What =>
        Of switch
        {
            Weighable.Centre => "Centre of gravity",
            Weighable.Weight => "All-up weight",
            _ => "Lateral balance",
        };
}

/// <summary>That the sheet states a configuration at all.</summary>
public sealed record SomeConfigurationId() : RequirementId(Stage.Balance)
{
    public override string Written => "balance";
}
