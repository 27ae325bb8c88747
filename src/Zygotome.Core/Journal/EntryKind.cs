using System.Collections.Immutable;
using System.Text.Json.Nodes;

namespace Zygotome.Core.Journal;

/// <summary>
/// How a kind of entry is written down: <c>stage/name</c>, version, body and, for older versions, how to read them as
/// this one.
/// </summary>
public sealed record EntryKind(
    string Type,
    Type Body,
    int Version = 1,
    Func<JsonObject, int, JsonObject>? UpCast = null
)
{
    /// <summary>
    /// Replay honours a retraction of it. More kinds could once be retracted than may be withdrawn today; what older
    /// journals took back stays taken back.
    /// </summary>
    public bool Retractable { get; init; } = true;

    /// <summary>
    /// On the closed list of what may be withdrawn as a mistake of record; everything else is said anew.
    /// </summary>
    public bool Withdrawable { get; init; }

    /// <summary>The first entry of a job, and never a later one.</summary>
    public bool Opens { get; init; }

    /// <summary>Made by the server at a door of its own; the entries' door refuses it.</summary>
    public bool OwnDoor { get; init; }

    public required Posters By { get; init; }

    /// <summary>Whether it is a fact, or a decision on what was on the screen.</summary>
    public Decides Decides { get; init; }

    /// <summary>Fields the server looks up or says itself; see <see cref="ShopLists.Fill"/>.</summary>
    public ImmutableArray<LookedUp> LooksUp { get; init; } = [];

    /// <summary>On the closed list that a released job still takes.</summary>
    public bool AfterRelease { get; init; }

    /// <summary>
    /// Whether this one was decided on the strength of what was on the screen, so that it needs an expected seq and is
    /// refused when overtaken. Facts are taken whenever they come.
    /// </summary>
    public bool IsDecision(EntryBody body) =>
        Decides switch
        {
            Decides.Always => true,
            Decides.WhenConnecting => body is IConnects connecting && connecting.Connects(),
            _ => false,
        };

    /// <summary>A kind of that body, version 1, that may be retracted.</summary>
    public static EntryKind Of<T>(string type, Posters by)
        where T : EntryBody => new(type, typeof(T)) { By = by };
}
