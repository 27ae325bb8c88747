using System.Collections.Frozen;
using System.Collections.Immutable;
using Zygotome.Core.Sheets;
using static Zygotome.Core.Unpack.FindingKind;

namespace Zygotome.Core.Unpack;

/// <summary>What can be wrong where, in the order it is offered: the likeliest first. Printed in
/// docs/grading.md.</summary>
public static class FindingKinds
{
    private static readonly FrozenDictionary<PlaceKind, ImmutableArray<FindingKind>> Table = Rows()
        .ToFrozenDictionary();

    /// <summary>The kinds a place can have.</summary>
    public static ImmutableArray<FindingKind> At(PlaceKind place) => Table[place];

    /// <summary>
    /// Whether it can happen there: a film or a decal breaks nothing, and nothing that is screwed on is tacky.
    /// </summary>
    public static bool CanBe(PlaceKind place, FindingKind kind) => Table[place].Contains(kind);

    /// <summary>Whether somebody lays a rule on it: a bearing that runs rough has no length.</summary>
    public static bool HasSize(FindingKind kind) =>
        kind is not (Stiff or Rough or Binding or Dead or OutOfHousing or MissingScrew or AssembledWrongly or Loose);

    private static Dictionary<PlaceKind, ImmutableArray<FindingKind>> Rows() =>
        new()
        {
            [PlaceKind.Hinge] =
            [
                Parting,
                Crack,
                Stiff,
                Binding,
                Loose,
                Gap,
                Crush,
                Crease,
                Bent,
                Dent,
                Scuff,
                AssembledWrongly,
            ],
            [PlaceKind.Spar] = [Bent, Twisted, Crack, Loose, Parting, Crush, Crease, Dent, Scuff, AssembledWrongly],
            [PlaceKind.Joint] =
            [
                Parting,
                Gap,
                Loose,
                Crack,
                Crush,
                Crease,
                Bent,
                Twisted,
                Dent,
                Scuff,
                MissingScrew,
                AssembledWrongly,
            ],
            [PlaceKind.Horn] = [Loose, Crack, Bent, Parting, MissingScrew, AssembledWrongly, Twisted, Dent, Scuff],
            [PlaceKind.Linkage] =
            [
                Loose,
                MissingScrew,
                Bent,
                Binding,
                Stiff,
                Crack,
                Parting,
                AssembledWrongly,
                Crush,
                Dent,
                Scuff,
            ],
            [PlaceKind.Servo] =
            [
                Dead,
                Rough,
                Binding,
                Loose,
                MissingScrew,
                Parting,
                Crack,
                Crush,
                AssembledWrongly,
                Bent,
                Dent,
                Scuff,
            ],
            [PlaceKind.MotorMount] =
            [
                Loose,
                MissingScrew,
                Crack,
                Parting,
                Bent,
                Twisted,
                Gap,
                Crush,
                Crease,
                Dent,
                Scuff,
                AssembledWrongly,
            ],
            [PlaceKind.Propeller] =
            [
                Crack,
                Bent,
                Twisted,
                Loose,
                Binding,
                Dent,
                Crush,
                Parting,
                Scuff,
                AssembledWrongly,
            ],
            [PlaceKind.GearRetention] =
            [
                Loose,
                Bent,
                Twisted,
                Binding,
                Stiff,
                Rough,
                MissingScrew,
                Crack,
                Parting,
                Gap,
                Crush,
                Crease,
                Dent,
                Scuff,
                AssembledWrongly,
            ],
            [PlaceKind.ReceiverPower] =
            [
                Loose,
                OutOfHousing,
                Dead,
                Crack,
                Crush,
                Parting,
                Bent,
                Crease,
                Dent,
                Scuff,
                AssembledWrongly,
            ],
            [PlaceKind.Lead] = [OutOfHousing, Crush, Crack, Loose, Parting, Dead, Scuff, AssembledWrongly],
            [PlaceKind.Motor] =
            [
                Rough,
                Loose,
                Binding,
                Stiff,
                Dead,
                Bent,
                Crack,
                MissingScrew,
                AssembledWrongly,
                Dent,
                Scuff,
            ],
            [PlaceKind.Light] = [Dead, Loose, OutOfHousing, Crack, Parting, Scuff, AssembledWrongly],
            [PlaceKind.Skin] = [Crush, Crease, Crack, Dent, Parting, Gap, Bent, Twisted, Loose, Tacky, Scuff],
            [PlaceKind.Canopy] =
            [
                Crack,
                Loose,
                Parting,
                Gap,
                MissingScrew,
                Crush,
                Crease,
                Dent,
                Bent,
                Twisted,
                Tacky,
                Scuff,
            ],
            [PlaceKind.ScalePart] =
            [
                Loose,
                Parting,
                Crack,
                Bent,
                Twisted,
                MissingScrew,
                AssembledWrongly,
                Gap,
                Crush,
                Crease,
                Dent,
                Tacky,
                Scuff,
            ],
            [PlaceKind.Decal] = [Crease, Parting, Loose, Scuff, Tacky, AssembledWrongly],
        };
}
