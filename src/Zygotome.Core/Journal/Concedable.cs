namespace Zygotome.Core.Journal;

/// <summary>Whether a lead may let a requirement go unmet.</summary>
public enum Concedable
{
    /// <summary>Nobody may: see the list in the guide.</summary>
    Never,

    /// <summary>A lead, with a reason.</summary>
    ByLead,

    /// <summary>A lead, with a reason and the owner's written acceptance.</summary>
    WithOwner,
}
