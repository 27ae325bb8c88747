namespace Zygotome.Core.Journal;

/// <summary>
/// Whether an entry may be recorded: accepted (both null), refused, or overtaken by what came between.
/// </summary>
public sealed record AdmissionAnswer(Refusal? Refused = null, bool Overtaken = false)
{
    public static readonly AdmissionAnswer Accepted = new();

    public bool Ok => Refused is null && !Overtaken;
}
