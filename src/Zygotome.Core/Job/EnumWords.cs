using System.Collections.Immutable;
using System.Text.Json;
using Zygotome.Core.Balance;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Check;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;
using Zygotome.Core.Wire;

namespace Zygotome.Core.Job;

/// <summary>
/// Names that stand in entries and views, with the words that people read: each from the stage that owns it, and here
/// in one list, so that no screen keeps words of its own for them.
/// </summary>
/// <param name="Name">Of the enum, as its JSON writes names: <c>placeKind</c>.</param>
/// <param name="Words">By name, in the order they are offered in.</param>
public sealed record EnumWords(string Name, ImmutableArray<NameWords> Words)
{
    /// <summary>Every enum that a screen says in words.</summary>
    public static ImmutableArray<EnumWords> All { get; } =
    [
        Of<Stage>(StageNames.Title),
        Of<Role>(Rights.RoleWords),
        Of<Carton>(CartonWords.Of),
        Of<AddOnState>(ReceiveWords.Of),
        Of<Carriage>(Carriages.Of),
        Of<BuyState>(ReceiveWords.Of),
        Of<CountStanding>(UnpackWords.Count),
        Of<WalkAnswer>(UnpackWords.Answer),
        Of<PlaceKind>(UnpackWords.Place),
        Of<FindingKind>(UnpackWords.Kind),
        Of<Grade>(FindingWords.Grade),
        Of<Origin>(OriginWords.Of),
        Of<Disposition>(UnpackRules.Words),
        Of<ClaimAnswerKind>(ClaimWords.Of),
        Of<DrawingSide>(DrawingSides.Words),
        Of<LinkagePart>(BuildRules.Words),
        Of<LoopKind>(LoopOpened.Words),
        Of<AdhesiveKind>(AdhesiveKinds.Say),
        Of<TurnedBy>(ServoTurned.Words),
        Of<HeldBy>(HeldWords.Of),
        Of<LeadWork>(LeadWorks.Of),
        Of<WireColour>(WireColours.Of),
        Of<Movement>(BindWords.Of),
        Of<MarkAnswer>(MarkedBalance.Words),
        Of<AcrossAnswer>(MarkedBalance.Words),
        Of<FailsafeBehaviour>(BindWords.Of),
        Of<BindCause>(BindWords.Of),
        Of<CutSeen>(BindWords.Of),
        Of<AlarmKind>(BindWords.Of),
        Of<SwitchAt>(BindWords.Of),
        Of<Attitude>(BindWords.Of),
        Of<MotorTurn>(MotorTurned.Words),
        Of<CalledAnswer>(CalledOut.Of),
        Of<RadioSetting>(RadioSet.Words),
        Of<ThrowMeasure>(ThrowMeasures.Words),
        Of<FlagAnswer>(Plausible.Words),
    ];

    private static EnumWords Of<T>(Func<T, string> words)
        where T : struct, Enum =>
        new(
            Json(typeof(T).Name),
            [.. Enum.GetValues<T>().Select(value => new NameWords(Json(value.ToString()), words(value)))]
        );

    private static string Json(string name) => JsonNamingPolicy.CamelCase.ConvertName(name);
}

/// <param name="Name">As JSON writes it: <c>motorMount</c>.</param>
/// <param name="Words">As people say it, within a sentence: "motor mount".</param>
public sealed record NameWords(string Name, string Words);
