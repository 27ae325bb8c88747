namespace Zygotome.Core.Journal;

/// <summary>A line of a stage that still words its lines as it judges them.</summary>
internal sealed record Worded(LineWords Said) : LineFacts
{
    public override LineWords Words(JobState state) => Said;
}

/// <summary>An id of such a stage.</summary>
internal sealed record WrittenId(Stage Stage, string As) : RequirementId(Stage)
{
    public override string Written => As;
}
