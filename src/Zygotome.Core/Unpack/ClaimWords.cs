namespace Zygotome.Core.Unpack;

/// <summary>Claims in words.</summary>
public static class ClaimWords
{
    /// <summary>What the supplier does, as the job's page says it.</summary>
    public static string Of(ClaimAnswerKind answer) =>
        answer switch
        {
            ClaimAnswerKind.Accepted => "accepted",
            ClaimAnswerKind.PartlyAccepted => "accepted in part",
            ClaimAnswerKind.Refused => "refused",
            _ => "asked for more",
        };
}
