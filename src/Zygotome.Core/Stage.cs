namespace Zygotome.Core;

/// <summary>
/// The ten stages, in the order the work is done. The same names for folders, screens, routes, entries and tests.
/// </summary>
public enum Stage
{
    Receive = 1,
    Unpack,
    Plan,
    Build,
    Wire,
    Bind,
    Throws,
    Balance,
    Check,
    HandOver,
}

/// <summary>How a stage is written.</summary>
public static class StageNames
{
    public static readonly IReadOnlyList<Stage> All = Enum.GetValues<Stage>();

    /// <summary>For routes and entry types: <c>handover</c>.</summary>
    public static string Key(this Stage stage) => stage.ToString().ToLowerInvariant();

    /// <summary>For people: <c>Hand over</c>.</summary>
    public static string Title(this Stage stage) => stage == Stage.HandOver ? "Hand over" : stage.ToString();

    /// <summary>The stage of this key; null when it is none of the ten.</summary>
    public static Stage? Parse(string? key) => All.Where(s => s.Key() == key).Select(s => (Stage?)s).FirstOrDefault();
}
