namespace Zygotome.Core.Unpack;

public static class ClaimWords
{
    public static string Of(ClaimAnswerKind answer) =>
        answer switch
        {
            ClaimAnswerKind.Accepted => "accepted",
            ClaimAnswerKind.PartlyAccepted => "accepted in part",
            ClaimAnswerKind.Refused => "refused",
            _ => "asked for more",
        };
}
